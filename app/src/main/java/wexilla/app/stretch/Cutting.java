package wexilla.app.stretch;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.app.household.Reference;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.food.Food;
import wexilla.core.food.FoodBook;
import wexilla.core.food.Yield;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.Thaw;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.stretch.Pot;
import wexilla.core.stretch.Share;
import wexilla.core.stretch.Slab;
import wexilla.core.stretch.StretchPlan;
import wexilla.core.stretch.StretchPlan.Form;
import wexilla.core.stretch.StretchPlan.Wish;

/** Reads a big buy and its parts as typed; the preview call and the station ask the same. */
public final class Cutting {

    static final int MOST_SHARES = 60;
    private static final Rational HUNDRED = Rational.of(100);
    /** "1/3", "⅓" of it. */
    private static final Pattern FRACTION = Pattern.compile("^\\s*(?:\\d\\s*/\\s*\\d+|[½⅓⅔¼¾⅛])\\s*$");

    private static final Set<String> METHODS = Set.of("weight", "fixed", "value");

    private Cutting() {}

    /**
     * A part as typed: one of {@code percent}, {@code grams}, {@code portions} with {@code portionGrams}, {@code pieces}
     * with {@code pieceGrams}, always meat. A fraction ("1/3") as {@code percent} is that part of all of it.
     *
     * @param part absent or {@code meat} for meat; anything else is a by-product, such as bones
     * @param plates how many plates it makes with its extender; absent when it is served plain
     * @param form whole, sliced, shredded or stock; shredded when nothing is said
     * @param eatOn ISO day, absent while open
     * @param freeze whether it goes into the freezer on the cook day
     * @param locked whether it keeps its size when others change
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
            @Nullable Boolean freeze,
            @Nullable Boolean locked) {

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
            @Nullable String lean) {

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

    /** What comes of it. @param outputs what comes out of its pot */
    public record Cut(
            Slab slab,
            List<Share> shares,
            StretchPlan plan,
            Optional<Food> food,
            Rational rawGrams,
            Rational yield,
            String yieldSource,
            List<Pot.Output> outputs) {}

    /** @param currency of the price; previews, which know none, take euro */
    public static Cut of(StretchAsked asked, FoodBook book, Reference reference, Currency currency) {
        if (asked.shares().size() > MOST_SHARES) {
            throw Problem.at("/shares", asked.shares().size() + " parts; " + MOST_SHARES + " is the most.");
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
            shares.add(share("/shares/" + i, asked.shares().get(i)));
        }
        Rational grams = Measures.US.toBase(weight).value();
        Slab slab = cut(grams, yield.ofOne(), price, sharing, asked.cut(), shares);
        Extended extended = new Extended(food, book, reference.bigBuys().protein());
        List<Wish> wishes = new ArrayList<>();
        for (int i = 0; i < asked.shares().size(); i++) {
            ShareAsked share = asked.shares().get(i);
            Rational protein =
                    share.meat() ? extended.protein(slab.parts().get(i).grams(), share.extender()) : null;
            wishes.add(wish("/shares/" + i, share, protein));
        }
        StretchPlan plan = StretchPlan.of(
                slab,
                wishes,
                new StretchPlan.Days(
                        day("/cookOn", asked.cookOn()),
                        day("/rawEatBy", asked.rawEatBy()),
                        reference.keeping().rule(KeepingGuide.COOKED_DISH),
                        grams.dividedBy(Rational.of(1000)),
                        Thaw.shape(food.map(Food::keepingClass).orElse(""), false, null)));
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
                pot.pot().outputs(cooked, slab, Measures.US));
    }

    private static Slab cut(
            Rational grams, Rational yield, Money price, Slab.Method how, Slab.Cut cut, List<Share> shares) {
        try {
            return Slab.cut(grams, yield, price, how, cut, shares);
        } catch (Slab.TooMuch tooMuch) {
            throw Problem.shortfall(
                    "/shares", tooMuch.getMessage(), tooMuch.shortfall().plain());
        } catch (IllegalArgumentException problem) {
            throw Problem.at("/shares", String.valueOf(problem.getMessage()));
        }
    }

    private static Share share(String at, ShareAsked asked) {
        Share.Size size = asked.meat() ? size(at, asked) : null;
        return Asked.at(
                at,
                () -> new Share(
                        asked.name(),
                        size,
                        number(at + "/costPercent", asked.costPercent()),
                        number(at + "/valuePerKg", asked.valuePerKg())));
    }

    private static Share.Size size(String at, ShareAsked asked) {
        if (asked.percent() != null) {
            Rational typed = Asked.number(at + "/percent", asked.percent());
            Rational percent = FRACTION.matcher(asked.percent()).find() ? typed.times(HUNDRED) : typed;
            return Asked.at(at + "/percent", () -> new Share.Percent(percent));
        }
        if (asked.grams() != null) {
            Rational grams = Asked.number(at + "/grams", asked.grams());
            return Asked.at(at + "/grams", () -> new Share.Grams(grams));
        }
        if (asked.portions() != null && asked.portionGrams() != null) {
            Rational portions = Asked.number(at + "/portions", asked.portions());
            Rational each = Asked.number(at + "/portionGrams", asked.portionGrams());
            return Asked.at(at + "/portions", () -> new Share.Portions(portions, each));
        }
        if (asked.pieces() != null) {
            Rational pieces = Asked.number(at + "/pieces", asked.pieces());
            if (asked.pieceGrams() == null) {
                String fact = "weight of a piece for " + asked.name();
                throw Problem.missingFact(at + "/pieceGrams", "Say what one piece weighs, like 350.", fact);
            }
            Rational each = Asked.number(at + "/pieceGrams", asked.pieceGrams());
            return Asked.at(at + "/pieces", () -> new Share.Pieces(pieces, each));
        }
        throw Problem.at(
                at,
                "“" + asked.name() + "” needs percent, grams, portions with portionGrams, or pieces with pieceGrams.");
    }

    private static Wish wish(String at, ShareAsked asked, @Nullable Rational protein) {
        Rational plates = number(at + "/plates", asked.plates());
        if (plates != null && (plates.signum() < 0 || plates.compareTo(Rational.of(500)) > 0)) {
            throw Problem.at(at + "/plates", "A part makes from 0 to 500 plates, not " + plates.plain() + ".");
        }
        if (plates == null && asked.portions() != null && asked.meat()) {
            plates = Asked.number(at + "/portions", asked.portions());
        }
        return new Wish(
                plates,
                form(at, asked),
                day(at + "/eatOn", asked.eatOn()),
                Boolean.TRUE.equals(asked.freeze()),
                protein);
    }

    static Form form(String at, ShareAsked asked) {
        if (asked.form() == null) {
            return asked.meat() ? Form.SHREDDED : Form.STOCK;
        }
        try {
            return Form.valueOf(asked.form().toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException unknown) {
            throw Problem.at(
                    at + "/form",
                    "“" + asked.form() + "” is no form; say whole, sliced, diced, shredded, minced or stock.");
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

    private static @Nullable Rational number(String field, @Nullable String text) {
        return text == null || text.isBlank() ? null : Asked.number(field, text);
    }
}
