package wexilla.core.stretch;

import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.Rational;

/** Looks for the choice of meals that is best by one aim, among those that have enough meat and room. */
final class WaySearch {

    private final Ways ways;
    private final Ways.Buy buy;
    private final Ways.Aim aim;
    private final double eaters;
    private final double cooked;
    private final double freezer;
    /** Of each kind, near enough to compare by. */
    private final double[] least;

    private final double[] span;
    private final double[] hands;
    private final double[] handsEach;

    private double[] score = {};
    private int @Nullable [] best;

    WaySearch(Ways ways, Ways.Buy buy, Ways.Aim aim) {
        this.ways = ways;
        this.buy = buy;
        this.aim = aim;
        this.eaters = buy.eaters().approximately();
        this.cooked = buy.grams().approximately();
        this.freezer = buy.freezerMl().approximately();
        this.least = near(DishKind::least);
        this.span = near(kind -> kind.most().minus(kind.least()));
        this.hands = near(DishKind::hands);
        this.handsEach = near(DishKind::handsEach);
    }

    /** How many meals of each kind; empty where none can be made. */
    Optional<int[]> best() {
        int[] counts = new int[buy.kinds().size()];
        if (Math.pow(Ways.SAME_DISH + 1, counts.length) <= FEW) {
            choose(0, counts);
        } else {
            climb(counts);
        }
        return Optional.ofNullable(best);
    }

    private void choose(int at, int[] counts) {
        if (at == counts.length) {
            tryOut(counts);
            return;
        }
        for (int count = 0; count <= Ways.SAME_DISH; count++) {
            counts[at] = count;
            choose(at + 1, counts);
        }
        counts[at] = 0;
    }

    /** One meal more, less, or another in its place, as long as that is better. */
    private void climb(int[] start) {
        int[] at = start;
        while (at != null) {
            int[] from = at.clone();
            int[] before = best;
            for (int i = 0; i < from.length; i++) {
                step(from, i, 1, i, 0);
                step(from, i, -1, i, 0);
                for (int j = 0; j < from.length; j++) {
                    if (i != j) {
                        step(from, i, -1, j, 1);
                        step(from, i, -1, j, 2);
                        step(from, i, -2, j, 1);
                        step(from, i, 1, j, 1);
                    }
                }
            }
            at = best == before ? null : best;
        }
    }

    private void step(int[] from, int i, int byI, int j, int byJ) {
        int[] counts = from.clone();
        counts[i] += byI;
        counts[j] += byJ;
        for (int count : counts) {
            if (count < 0 || count > Ways.SAME_DISH) {
                return;
            }
        }
        tryOut(counts);
    }

    private void tryOut(int[] counts) {
        int meals = 0;
        double grams = 0;
        for (int i = 0; i < counts.length; i++) {
            meals += counts[i];
            grams += counts[i] * least[i] * eaters;
        }
        if (meals == 0 || meals > Ways.MOST_MEALS || grams > cooked + NOTHING || !ways.fits(counts, meals)) {
            return;
        }
        double[] own = score(counts, meals);
        if (best == null || beats(own, score)) {
            score = own;
            best = counts.clone();
        }
    }

    /** So few choices are all gone through. */
    private static final double FEW = 20_000;

    private double[] near(Function<DishKind, Rational> of) {
        return buy.kinds().stream()
                .mapToDouble(kind -> of.apply(kind).approximately())
                .toArray();
    }

    /** A difference smaller than this is none. */
    private static final double NOTHING = 1e-9;

    private static boolean beats(double[] one, double[] other) {
        for (int i = 0; i < one.length; i++) {
            if (Math.abs(one[i] - other[i]) > NOTHING) {
                return one[i] > other[i];
            }
        }
        return false;
    }

    /** The measures of a choice in their order, greater is better; what {@link Ways#way} makes of it has the same. */
    private double[] score(int[] counts, int meals) {
        double plain = Ways.PLAIN.approximately();
        double lean = 0;
        double rich = 0;
        double apartLean = 0;
        double apartRich = 0;
        double minutes = Ways.COOK.approximately();
        int dishes = 0;
        for (int i = 0; i < counts.length; i++) {
            double plates = counts[i] * eaters;
            lean += plates * least[i];
            rich += plates * span[i];
            if (Ways.apart(buy.kinds().get(i))) {
                apartLean += plates * least[i];
                apartRich += plates * span[i];
            }
            if (counts[i] > 0) {
                dishes++;
                minutes += hands[i] + plates * handsEach[i];
            }
        }
        double over = cooked - lean;
        double portion = Ways.portionMl().approximately();
        double frozen = Math.max(0, meals - ways.freshSlots()) * portion * eaters;
        double room = (freezer - frozen) / portion * plain;
        double richer = aim == Ways.Aim.PLATES ? over - Math.min(over, room) : over;
        double part = rich == 0 ? 0 : Math.min(1, richer / rich);
        double left = over - rich * part;
        double kept = Math.min(left, room);
        minutes += Ways.SHRED.approximately() * (apartLean + apartRich * part + kept) / 1000;
        double plates = meals * eaters + kept / plain;
        int fed = Math.min(meals, ways.slotCount());
        double undecided = left - kept;
        return switch (aim) {
            case PLATES -> new double[] {fed, plates, -undecided, dishes, -minutes};
            case VARIETY -> new double[] {fed, dishes, -undecided, plates, -minutes};
            case WORK -> new double[] {fed, -undecided, -minutes, plates};
        };
    }
}
