package wexilla.app.stretch;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wexilla.app.household.Reference;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.food.Food;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.facts.Yield;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.Thaw;
import wexilla.core.money.Money;
import wexilla.core.plan.MealOfDay;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unfit;
import wexilla.core.stretch.Pot;
import wexilla.core.stretch.Share;
import wexilla.core.stretch.Slab;
import wexilla.core.stretch.StretchPlan;
import wexilla.core.stretch.StretchPlan.Wish;

/** Reads a big buy and its parts as typed; the preview call and the station ask the same. */
public final class Cutting {

    static final int MOST_SHARES = 60;
    private static final int MOST_VESSELS = 12;

    private static final Set<String> METHODS = Set.of("weight", "fixed", "value");

    private Cutting() {}

    /**
     * A part as typed: one of {@code percent}, {@code grams}, {@code portions} with {@code portionGrams}, {@code pieces}
     * with {@code pieceGrams}, always meat. A fraction ("1/3") as {@code percent} is that part of all of it.
     *
     * @param part absent or {@code meat} for meat; anything else is a by-product, such as bones
     * @param plates how many plates it makes with its extender; absent when it is served plain
     * @param form whole, sliced, shredded or stock; shredded when nothing is said
     * @param eatOn ISO day, absent while open; {@code meal} of that day, dinner when nothing is said
     * @param freeze whether it goes into the freezer on the cook day
     * @param locked whether it keeps its size while others give way
     * @param season how it is seasoned, as it stands on its label, "7 g mustard powder" or "smoke"; plain when nothing is
     *     said
     */
    public record ShareAsked(
            String name,
            @Nullable String part,
            @Nullable String percent,
            @Nullable String grams,
            @Nullable String portions,
            @Nullable String portionGrams,
            @Nullable String pieces,
            @Nullable String pieceGrams,
            @Nullable String costPercent,
            @Nullable String valuePerKg,
            @Nullable String plates,
            @Nullable String form,
            @Nullable String extender,
            @Nullable String eatOn,
            @Nullable MealOfDay meal,
            @Nullable Boolean freeze,
            @Nullable Boolean locked,
            @Nullable String season) {

        /** What stands on it: its name and how it is seasoned. */
        String about() {
            return name.strip() + (seasoning().isEmpty() ? "" : " · " + seasoning());
        }

        /** How it is seasoned; empty for a plain part. */
        String seasoning() {
            String said = season == null ? "" : season.strip();
            return said.equalsIgnoreCase("plain") ? "" : said;
        }

        MealOfDay eatenAt() {
            return meal == null ? MealOfDay.DINNER : meal;
        }

        boolean meat() {
            return part == null || part.equals("meat");
        }
    }

    /**
     * A big buy as typed.
     *
     * @param cookedYield cooked grams of one gram; absent takes the reference value of the food
     * @param method weight, fixed or value
     * @param cookOn ISO day, absent while open; {@code rawEatBy} the raw joint's limit
     * @param raw whether it is cut before it is cooked: grams, pieces and per cents are raw then, portions stay cooked
     * @param inputs what goes into its pot: "1 cup water", "200 ml relish 1.40"
     * @param open whether the pot is open, so that more boils away
     * @param fat per cent of fat as declared, {@code lean} of lean meat; together 100
     * @param vessels it is cooked in; one when nothing is said
     * @param moreLots of the same food that are cooked with it
     * @param liquidBack whether the liquid of the pot is shared back into the parts; kept as broth when nothing is said
     */
    public record StretchAsked(
            String food,
            String weight,
            String price,
            @Nullable String cookedYield,
            @Nullable String method,
            List<ShareAsked> shares,
            @Nullable String cookOn,
            @Nullable String rawEatBy,
            @Nullable Boolean raw,
            @Nullable List<String> inputs,
            @Nullable Boolean open,
            @Nullable String fat,
            @Nullable String lean,
            @Nullable Integer vessels,
            @Nullable List<UUID> moreLots,
            @Nullable Boolean liquidBack) {

        /** A buy nobody has cut yet. */
        static StretchAsked whole(String food, String weight, String price, @Nullable String cookedYield) {
            return new StretchAsked(
                    food,
                    weight,
                    price,
                    cookedYield,
                    null,
                    List.of(),
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null);
        }

        List<UUID> more() {
            return moreLots == null ? List.of() : moreLots;
        }

        int pots() {
            return vessels == null ? 1 : vessels;
        }

        Slab.Cut cut() {
            return Boolean.TRUE.equals(raw) ? Slab.Cut.RAW : Slab.Cut.COOKED;
        }

        /** How the price is shared; by weight when nothing is said. */
        Slab.Method sharing() {
            String said = method == null ? "weight" : method;
            if (!METHODS.contains(said)) {
                throw Problem.at("/method", "“" + said + "” is no way to share a price; say weight, fixed or value.");
            }
            return Slab.Method.valueOf(said.toUpperCase(Locale.ROOT));
        }
    }

    /** What comes of it. @param outputs what comes out of its pot; @param each what goes into each, where there are several */
    public record Cut(
            Slab slab,
            List<Share> shares,
            StretchPlan plan,
            Optional<Food> food,
            Rational rawGrams,
            Rational yield,
            String yieldSource,
            List<Pot.Output> outputs,
            @Nullable String each) {}

    /** @param currency of the price; previews, which know none, take euro */
    public static Cut of(StretchAsked asked, FoodBook book, Reference reference, Currency currency) {
        return of(asked, book, reference, currency, Slab::cut);
    }

    /** Of a joint that was weighed when it was cooked: what came out is what there is. */
    static Cut weighed(StretchAsked asked, FoodBook book, Reference reference, Currency currency) {
        return of(asked, book, reference, currency, Slab::weighed);
    }

    /** How the parts come by their grams. */
    private interface Knife {
        Slab cut(Rational grams, Rational yield, Money price, Slab.Method how, Slab.Cut cut, List<Share> shares);
    }

    private static Cut of(StretchAsked asked, FoodBook book, Reference reference, Currency currency, Knife knife) {
        if (asked.shares().size() > MOST_SHARES) {
            throw Problem.at("/shares", asked.shares().size() + " parts; " + MOST_SHARES + " is the most.");
        }
        if (asked.pots() < 1 || asked.pots() > MOST_VESSELS) {
            throw Problem.at(
                    "/vessels", "It is cooked in 1 to " + MOST_VESSELS + " vessels, not " + asked.pots() + ".");
        }
        if (asked.food().isBlank()) {
            throw Problem.at("/food", "Say what the big buy is, like whole chicken.");
        }
        Optional<Food> food = book.find(asked.food());
        Amount weight = Asked.amount("/weight", asked.weight());
        if (weight.unit().dimension() != Dimension.MASS || weight.value().isZero()) {
            throw Problem.at("/weight", "“" + asked.weight() + "” is no weight; write it like 2.5 kg.");
        }
        Yield yield = BuyYield.of(asked, food, reference.bigBuys());
        PotAsked pot = PotAsked.of(asked, book, currency);
        Money price = Asked.money("/price", asked.price(), currency).plus(pot.price());
        Slab.Method sharing = asked.sharing();
        List<Share> shares = new ArrayList<>();
        for (int i = 0; i < asked.shares().size(); i++) {
            shares.add(Shares.share("/shares/" + i, asked.shares().get(i)));
        }
        Rational grams = Measures.US.toBase(weight).value();
        Slab slab = cut(knife, grams, yield.ofOne(), price, sharing, asked.cut(), shares);
        Extended extended = new Extended(food, book, reference.bigBuys().protein());
        List<Wish> wishes = new ArrayList<>();
        for (int i = 0; i < asked.shares().size(); i++) {
            ShareAsked share = asked.shares().get(i);
            Rational protein =
                    share.meat() ? extended.protein(slab.parts().get(i).grams(), share.extender()) : null;
            wishes.add(Shares.wish("/shares/" + i, share, protein));
        }
        StretchPlan plan = StretchPlan.of(
                slab,
                wishes,
                new StretchPlan.Days(
                        day("/cookOn", asked.cookOn()),
                        day("/rawEatBy", asked.rawEatBy()),
                        reference.keeping().rule(KeepingGuide.COOKED_DISH),
                        grams.dividedBy(Rational.of(1000)),
                        Thaw.shape(food.map(Food::keepingClass).orElse(""), false, null, null)));
        String name = food.map(Food::name).orElse(asked.food());
        String cooked = name.startsWith("cooked ") ? name : "cooked " + name;
        return new Cut(
                slab,
                shares,
                plan,
                food,
                grams,
                yield.ofOne(),
                yield.source(),
                pot.pot().outputs(cooked, slab, Measures.US),
                asked.pots() == 1 ? null : pot.pot().inEach(asked.pots(), name, grams, Measures.US));
    }

    private static Slab cut(
            Knife knife,
            Rational grams,
            Rational yield,
            Money price,
            Slab.Method how,
            Slab.Cut cut,
            List<Share> shares) {
        try {
            return knife.cut(grams, yield, price, how, cut, shares);
        } catch (Slab.TooMuch tooMuch) {
            throw Problem.shortfall(
                    "/shares", tooMuch.getMessage(), tooMuch.shortfall().plain());
        } catch (Unfit problem) {
            throw Problem.at("/shares", String.valueOf(problem.getMessage()));
        }
    }

    static @Nullable LocalDate day(String field, @Nullable String text) {
        if (text == null || text.isBlank()) {
            return null;
        }
        try {
            LocalDate day = LocalDate.parse(text.strip());
            if (day.getYear() < 2000 || day.getYear() > 2100) {
                throw Problem.at(field, "“" + text + "” is no day of this kitchen; write it like 2026-11-28.");
            }
            return day;
        } catch (DateTimeParseException unreadable) {
            throw Problem.at(field, "“" + text + "” is no day; write it like 2026-11-28.");
        }
    }
}
