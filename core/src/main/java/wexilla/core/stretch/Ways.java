package wexilla.core.stretch;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.stock.Dinners;

/**
 * Complete ways to use a big buy: which dishes, for which days, fresh or from the freezer. Where there are few choices of
 * dishes each is weighed, so that none is better by the measure of its aim; where there are many the best found is never
 * worse than taking one good dish after the other.
 */
public final class Ways {

    /** The measure by which a way is the best. */
    public enum Aim {
        PLATES("most plates"),
        VARIETY("most variety"),
        WORK("least work");

        private final String words;

        Aim(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * What there is, and for whom.
     *
     * @param grams cooked
     * @param eaters in adult portions, above zero
     * @param days that are to be fed, from the cook day on, at least one
     * @param fridgeDays how long it keeps cooked: the last day it is eaten fresh is so many days after the cook day
     * @param freezerMl room there is for it
     * @param kinds dishes that take it, in the order they are preferred in where nothing else decides
     */
    public record Buy(
            Rational grams, Rational eaters, int days, int fridgeDays, Rational freezerMl, List<DishKind> kinds) {

        public Buy {
            kinds = List.copyOf(kinds);
        }
    }

    /**
     * One meal of it, several of a dish frozen for later, or plain meat kept for later.
     *
     * @param kind null for plain meat
     * @param day it is eaten on, the cook day being 1; of what lies in the freezer for later, the cook day
     */
    public record Part(@Nullable DishKind kind, Rational grams, Rational plates, int day, boolean freeze) {}

    /** @param undecided cooked grams for which there is neither a meal nor room */
    public record Way(Aim aim, List<Part> parts, Rational undecided, Rational hands) {

        public Way {
            parts = List.copyOf(parts);
        }

        public Rational plates() {
            return parts.stream().map(Part::plates).reduce(Rational.ZERO, Rational::plus);
        }

        /** Different dishes. */
        public int dishes() {
            LinkedHashSet<DishKind> different = new LinkedHashSet<>();
            parts.stream().map(Part::kind).filter(Objects::nonNull).forEach(different::add);
            return different.size();
        }
    }

    static final int SAME_DISH = Trade.number("ways.same-dish").numerator().intValueExact();
    static final int MOST_MEALS = Trade.number("ways.most-meals").numerator().intValueExact();
    private static final Rational PORTION_ML = Trade.number("portion.millilitres");
    public static final Rational SHRED = Trade.number("stretch.shred-minutes");
    public static final Rational COOK = Trade.number("stretch.cook-minutes");
    static final Rational PLAIN = Dinners.COOKED_MEAT_GRAMS;

    private final Buy buy;
    private final List<Integer> slots;

    Ways(Buy buy) {
        this.buy = buy;
        this.slots = slots(buy);
    }

    /** The best way for each aim; of two that are the same only the first. Empty where no dish can be made of it. */
    public static List<Way> of(Buy buy) {
        Ways ways = new Ways(buy);
        List<Way> best = new ArrayList<>();
        for (Aim aim : Aim.values()) {
            ways.best(aim)
                    .filter(way -> best.stream().noneMatch(one -> one.parts().equals(way.parts())))
                    .ifPresent(best::add);
        }
        return List.copyOf(best);
    }

    /**
     * Every second day, since the same meat is not served on following days if that can be helped; every day where it
     * would else be left over without room to freeze it.
     */
    static List<Integer> slots(Buy buy) {
        List<Integer> days = days(buy, 2);
        Rational most = buy.kinds().stream()
                .map(DishKind::most)
                .max(Rational::compareTo)
                .orElse(Rational.ZERO);
        long fresh = days.stream().filter(day -> day <= 1 + buy.fridgeDays()).count();
        Rational eaten = most.times(buy.eaters()).times(Rational.of(fresh));
        Rational frozen = buy.freezerMl().dividedBy(PORTION_ML).times(PLAIN);
        return eaten.plus(frozen).compareTo(buy.grams()) < 0 ? days(buy, 1) : days;
    }

    private static List<Integer> days(Buy buy, int step) {
        List<Integer> days = new ArrayList<>();
        for (int day = 1; day <= buy.days(); day += step) {
            days.add(day);
        }
        return days;
    }

    private Optional<Way> best(Aim aim) {
        return new WaySearch(this, buy, aim).best().map(chosen -> way(aim, chosen));
    }

    /** What a plate of it takes in the freezer, in millilitres. */
    public static Rational portionMl() {
        return PORTION_ML;
    }

    int slotCount() {
        return slots.size();
    }

    int freshSlots() {
        return (int) slots.stream().filter(day -> day <= 1 + buy.fridgeDays()).count();
    }

    /** Whether what cannot be frozen is eaten in its days and the rest goes into the freezer. */
    boolean fits(int[] counts, int meals) {
        int never = 0;
        for (int i = 0; i < counts.length; i++) {
            never += buy.kinds().get(i).freezes() ? 0 : counts[i];
        }
        int frozen = Math.max(0, meals - freshSlots());
        return never <= freshSlots()
                && PORTION_ML.times(buy.eaters()).times(Rational.of(frozen)).compareTo(buy.freezerMl()) <= 0;
    }

    /** The way these dishes make: whole meat first, then by shape; what is too late for the fridge is frozen. */
    Way way(Aim aim, int[] counts) {
        List<DishKind> meals = new ArrayList<>();
        for (int round = 1; round <= SAME_DISH; round++) {
            for (int i = 0; i < counts.length; i++) {
                if (counts[i] >= round) {
                    meals.add(buy.kinds().get(i));
                }
            }
        }
        List<DishKind> fresh = fresh(meals);
        List<DishKind> later = new ArrayList<>(meals);
        fresh.forEach(later::remove);
        Rational plates = buy.eaters();
        Rational least = meals.stream().map(kind -> kind.least().times(plates)).reduce(Rational.ZERO, Rational::plus);
        Rational over = buy.grams().minus(least);
        Rational most = meals.stream()
                .map(kind -> kind.most().minus(kind.least()).times(plates))
                .reduce(Rational.ZERO, Rational::plus);
        Rational room = buy.freezerMl().minus(PORTION_ML.times(plates).times(Rational.of(later.size())));
        Rational plain = Rational.min(over, room.dividedBy(PORTION_ML).times(PLAIN));
        // most plates keep the dishes lean and the rest plain; the others enrich the dishes first
        Rational richer = aim == Aim.PLATES ? over.minus(plain) : over;
        Rational part = most.isZero() ? Rational.ZERO : Rational.min(Rational.ONE, richer.dividedBy(most));
        List<Part> parts = new ArrayList<>();
        int slot = 0;
        for (DishKind kind : fresh) {
            parts.add(part(kind, part, slots.get(slot++), false));
        }
        List<DishKind> forLater = new ArrayList<>();
        for (DishKind kind : later) {
            if (slot < slots.size()) {
                parts.add(part(kind, part, slots.get(slot++), true));
            } else {
                forLater.add(kind);
            }
        }
        for (DishKind kind : new LinkedHashSet<>(forLater)) {
            int times = Collections.frequency(forLater, kind);
            Part one = part(kind, part, 1, true);
            parts.add(new Part(
                    kind, one.grams().times(Rational.of(times)), one.plates().times(Rational.of(times)), 1, true));
        }
        Rational used = parts.stream().map(Part::grams).reduce(Rational.ZERO, Rational::plus);
        Rational left = buy.grams().minus(used);
        Rational kept = Rational.min(left, room.dividedBy(PORTION_ML).times(PLAIN));
        if (kept.signum() > 0) {
            parts.add(new Part(null, kept, kept.dividedBy(PLAIN), 1, true));
        }
        return new Way(aim, parts, left.minus(kept), hands(parts));
    }

    private Part part(DishKind kind, Rational richer, int day, boolean freeze) {
        Rational each = kind.least().plus(kind.most().minus(kind.least()).times(richer));
        return new Part(kind, each.times(buy.eaters()), buy.eaters(), day, freeze);
    }

    /** What is eaten from the fridge: first what cannot be frozen, then a dish of each kind, whole before shredded. */
    private List<DishKind> fresh(List<DishKind> meals) {
        return meals.stream()
                .sorted(Comparator.comparing(DishKind::freezes))
                .limit(freshSlots())
                .sorted(Comparator.comparing(DishKind::form).thenComparing(DishKind::bones))
                .toList();
    }

    /** Whether the meat is taken apart for it. */
    static boolean apart(DishKind kind) {
        return kind.form() == StretchPlan.Form.DICED || kind.form() == StretchPlan.Form.SHREDDED;
    }

    private static Rational hands(Collection<Part> parts) {
        Rational minutes = COOK;
        LinkedHashSet<DishKind> begun = new LinkedHashSet<>();
        for (Part part : parts) {
            DishKind kind = part.kind();
            minutes = kind == null || apart(kind)
                    ? minutes.plus(SHRED.times(part.grams()).dividedBy(Rational.of(1000)))
                    : minutes;
            if (kind != null) {
                // the second meal of a dish is cooked with the first
                minutes = begun.add(kind) ? minutes.plus(kind.hands()) : minutes;
                minutes = minutes.plus(kind.handsEach().times(part.plates()));
            }
        }
        return minutes;
    }
}
