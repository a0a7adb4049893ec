package wexilla.app.stretch;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import wexilla.app.household.BigBuys;
import wexilla.app.household.Reference;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.app.stretch.Cutting.Cut;
import wexilla.app.stretch.Cutting.StretchAsked;
import wexilla.core.food.Food;
import wexilla.core.food.book.FoodBook;
import wexilla.core.keeping.KeepingRule;
import wexilla.core.money.Money;
import wexilla.core.people.Appetite;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.stretch.DishKind;
import wexilla.core.stretch.StretchPlan;
import wexilla.core.stretch.Ways;
import wexilla.core.stretch.Ways.Way;

/** Two or three complete ways to use a big buy, as asked and as answered. */
final class WayViews {

    private static final int MOST_DAYS = 35;
    private static final int MOST_PEOPLE = 30;
    private static final Rational LITRE = Rational.of(1000);

    private WayViews() {}

    record EaterAsked(String age) {}

    /**
     * A big buy and who eats of it.
     *
     * @param cookedYield cooked grams of one gram; absent takes the reference value of the food
     * @param people by age, as for scaling; one adult when nobody is named
     * @param days to be fed from the cook day on; a week when nothing is said
     * @param freezerLitres room for it; none when nothing is said
     * @param cookOn ISO day it is cooked on; absent while open
     */
    record WaysAsked(
            String food,
            String weight,
            String price,
            @Nullable String cookedYield,
            @Nullable List<EaterAsked> people,
            @Nullable Integer days,
            @Nullable String freezerLitres,
            @Nullable String cookOn) {}

    /**
     * One meal of it, or meat kept plain.
     *
     * @param day it is eaten on, the cook day being 1; of what lies frozen for later, the day it is frozen
     * @param extender what the dish is stretched with; empty when it is plain
     * @param eatOn ISO day it is eaten on; absent while the cook day is open, and of what is frozen for later
     */
    record WayPartView(
            String name,
            String grams,
            String plates,
            int day,
            boolean freeze,
            String dish,
            String form,
            String extender,
            @Nullable String eatOn) {}

    /**
     * @param costPerPlate of the buy on one plate
     * @param stretchFactor plates for each plate if its meat were served plain at 113 g
     * @param order whole, then sliced or shredded, bones last
     */
    record WayView(
            String name,
            String plates,
            String costPerPlate,
            String stretchFactor,
            int handsMin,
            List<WayPartView> parts,
            List<String> order,
            List<String> reasons) {}

    record WaysView(String cookedGrams, List<WayView> ways) {}

    /**
     * The ways for these.
     *
     * @param eaters in adult portions, {@code freezer} millilitres of room
     */
    static WaysView of(
            WaysAsked asked, Rational eaters, Rational freezer, FoodBook book, Reference reference, Currency currency) {
        LocalDate cookOn = Cutting.day("/cookOn", asked.cookOn());
        StretchAsked whole = StretchAsked.whole(asked.food(), asked.weight(), asked.price(), asked.cookedYield());
        Cut cut = Cutting.of(whole, book, reference, currency);
        Food food = cut.food().orElseThrow(() -> Problem.at("/food", "Nobody has said what " + asked.food() + " is."));
        BigBuys known = reference.bigBuys();
        boolean boned = DishKind.boned(food);
        List<DishKind> kinds = known.kinds().stream()
                .filter(kind -> kind.takes(DishKind.group(food), boned))
                .toList();
        if (kinds.isEmpty()) {
            throw Problem.at("/food", "No dish of the book is made of " + food.name() + "; cut it by hand.");
        }
        int days = asked.days() == null ? 7 : asked.days();
        if (days < 1 || days > MOST_DAYS) {
            throw Problem.at("/days", "From 1 to " + MOST_DAYS + " days, not " + days + ".");
        }
        KeepingRule.Span keeps = reference
                .keeping()
                .rule(DishKind.keepingClass(DishKind.group(food)))
                .fridge();
        int fridge = keeps == null ? 0 : keeps.to();
        Ways.Buy buy = new Ways.Buy(cut.slab().cookedGrams(), eaters, days, fridge, freezer, kinds);
        List<Way> ways = Ways.of(buy);
        if (ways.isEmpty()) {
            throw Problem.at(
                    "/weight",
                    asked.weight() + " of " + food.name() + " is "
                            + shown(cut.slab().cookedGrams()) + " g cooked: too little for one meal of these people.");
        }
        Money price = Asked.money("/price", asked.price(), currency);
        return new WaysView(
                shown(cut.slab().cookedGrams()),
                ways.stream().map(way -> view(way, price, buy, boned, cookOn)).toList());
    }

    /** Millilitres of room as typed; none when nothing is said. */
    static Rational freezer(@Nullable String litres) {
        if (litres == null || litres.isBlank()) {
            return Rational.ZERO;
        }
        String text = litres.strip().matches("[\\d.,]+") ? litres.strip() + " l" : litres;
        Amount room = Asked.amount("/freezerLitres", text);
        if (room.unit().dimension() != Dimension.VOLUME) {
            throw Problem.at("/freezerLitres", "“" + litres + "” is no volume; write it like 60.");
        }
        return Measures.US.toBase(room).value();
    }

    /** In adult portions; one when nobody is named. */
    static Rational eaters(@Nullable List<EaterAsked> people) {
        if (people == null || people.isEmpty()) {
            return Rational.ONE;
        }
        if (people.size() > MOST_PEOPLE) {
            throw Problem.at("/people", people.size() + " people; " + MOST_PEOPLE + " is the most.");
        }
        List<Appetite> eaters = new ArrayList<>();
        for (int i = 0; i < people.size(); i++) {
            String age = people.get(i).age();
            eaters.add(Asked.at("/people/" + i + "/age", () -> Appetite.of(age)));
        }
        return Appetite.sum(eaters);
    }

    private static WayView view(Way way, Money price, Ways.Buy buy, boolean boned, @Nullable LocalDate cookOn) {
        List<WayPartView> parts = new ArrayList<>();
        Rational told = Rational.ZERO;
        Rational exact = Rational.ZERO;
        for (Ways.Part part : way.parts()) {
            // the tenths add up to what comes out
            exact = exact.plus(part.grams());
            Rational until = Rational.of(exact.toDecimal(1));
            parts.add(view(part, until.minus(told), cookOn));
            told = until;
        }
        if (way.undecided().signum() > 0) {
            String left = Rational.of(buy.grams().toDecimal(1)).minus(told).plain();
            parts.add(new WayPartView("not decided", left, "0", 1, false, "", "", "", null));
        }
        Rational used = buy.grams().minus(way.undecided());
        Rational plain = used.dividedBy(StretchPlan.PLAIN_GRAMS);
        // what is not decided keeps its share of the price
        Rational paid = price.exact().times(used).dividedBy(buy.grams());
        Money each = Money.rounded(paid.dividedBy(way.plates()), price.currency());
        return new WayView(
                way.aim().words(),
                shown(way.plates()),
                each.decimal(),
                Rational.of(way.plates().dividedBy(plain).toDecimal(2)).plain(),
                way.hands().rounded().intValueExact(),
                parts,
                way.parts().stream()
                        .map(Ways.Part::kind)
                        .filter(Objects::nonNull)
                        .sorted(Comparator.comparing(DishKind::bones).thenComparing(DishKind::form))
                        .map(DishKind::name)
                        .distinct()
                        .toList(),
                WayWords.reasons(way, buy, boned));
    }

    private static WayPartView view(Ways.Part part, Rational grams, @Nullable LocalDate cookOn) {
        DishKind kind = part.kind();
        String when = !part.freeze()
                ? ", day " + part.day()
                : part.day() > 1 ? ", day " + part.day() + " from the freezer" : ", frozen for later";
        return kind == null
                ? new WayPartView(
                        "plain, frozen for later",
                        grams.plain(),
                        shown(part.plates()),
                        part.day(),
                        true,
                        "",
                        "shredded",
                        "",
                        null)
                : new WayPartView(
                        kind.name() + when,
                        grams.plain(),
                        shown(part.plates()),
                        part.day(),
                        part.freeze(),
                        kind.name(),
                        kind.form().name().toLowerCase(Locale.ROOT),
                        Amount.of(
                                        Rational.of(kind.extenderGrams()
                                                .times(part.plates())
                                                .rounded()),
                                        Unit.G) + " " + kind.extender(),
                        cookOn == null || part.freeze() && part.day() == 1
                                ? null
                                : cookOn.plusDays(part.day() - 1).toString());
    }

    private static String shown(Rational value) {
        return Rational.of(value.toDecimal(1)).plain();
    }
}
