package wexilla.core.quantity;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * An amount as it is measured in a kitchen: with cups and spoons, a scale or a jug. Own definition (handbook, section
 * 1): a whole number of cups, of tablespoons (at most 3) or of teaspoons (at most 2) is one term, each fraction is used
 * once at most, three terms at most; the fewest terms within 1 %, else within 3 %, else the nearest.
 *
 * @param text "1 1/2 tbsp", "1/2 cup + 1 tbsp", "a pinch"
 * @param scoops each dip, largest first
 * @param measured what the scoops make, in the largest of their units
 * @param errorPercent how far that is from what was asked, zero or more
 */
public record KitchenMeasure(String text, List<String> scoops, Amount measured, Rational errorPercent) {

    /** Whose spoons and cups. */
    public enum System {
        US,
        METRIC
    }

    private static final Rational HUNDRED = Rational.of(100);
    private static final Rational METRIC_SPOONS_ML = Rational.of(45);
    private static final double FLOATING_SLACK = 1e-6;

    public KitchenMeasure {
        scoops = List.copyOf(scoops);
    }

    /** The amount in this system's measures; mass and pieces are rounded to what a scale shows. */
    public static KitchenMeasure of(Amount amount, System system, Measures measures) {
        if (amount.unit().dimension() != Dimension.VOLUME || amount.value().isZero()) {
            return scaled(amount, amount);
        }
        Measures own = system == System.US ? measures : Measures.METRIC;
        Rational ml = measures.toBase(amount).value();
        if (system == System.METRIC && ml.compareTo(METRIC_SPOONS_ML) > 0) {
            return scaled(Amount.of(ml, Unit.ML), amount);
        }
        if (ml.compareTo(own.factor(Unit.TSP).dividedBy(Rational.of(16))) < 0) {
            return new KitchenMeasure("a pinch", List.of("a pinch"), amount, Rational.ZERO);
        }
        List<Scoop> scoops = scoops(ml, system, own);
        return best(scoops, ml, own);
    }

    private static KitchenMeasure scaled(Amount asked, Amount written) {
        Amount rounded = KitchenRounding.nearest(asked);
        Rational error = asked.value().isZero() ? Rational.ZERO : off(rounded.value(), asked.value());
        Amount shown = written.value().isZero() ? written : rounded;
        return new KitchenMeasure(shown.toString(), List.of(shown.toString()), shown, error);
    }

    private static Rational off(Rational measured, Rational asked) {
        Rational difference = measured.minus(asked);
        Rational size = difference.signum() < 0 ? difference.negated() : difference;
        return size.times(HUNDRED).dividedBy(asked);
    }

    private static List<Scoop> scoops(Rational ml, System system, Measures measures) {
        List<Scoop> scoops = new ArrayList<>();
        if (system == System.US) {
            int cups = ml.dividedBy(measures.cupMl()).toDecimal(0).intValue();
            for (int n = Math.max(1, cups - 2); n <= cups + 1; n++) {
                scoops.add(scoop("cups", Rational.of(n), Unit.CUP, measures));
            }
            for (int[] part : new int[][] {{3, 4}, {2, 3}, {1, 2}, {1, 3}, {1, 4}}) {
                scoops.add(scoop(part[0] + "/" + part[1] + " cup", Rational.of(part[0], part[1]), Unit.CUP, measures));
            }
            scoops.add(scoop("1/2 tbsp", Rational.of(1, 2), Unit.TBSP, measures));
            scoops.add(scoop("1/8 tsp", Rational.of(1, 8), Unit.TSP, measures));
        }
        for (int n = 1; n <= 3; n++) {
            scoops.add(scoop("tbsp", Rational.of(n), Unit.TBSP, measures));
        }
        for (int n = 1; n <= 2; n++) {
            scoops.add(scoop("tsp", Rational.of(n), Unit.TSP, measures));
        }
        scoops.add(scoop("1/2 tsp", Rational.of(1, 2), Unit.TSP, measures));
        scoops.add(scoop("1/4 tsp", Rational.of(1, 4), Unit.TSP, measures));
        scoops.sort(Comparator.comparing(Scoop::ml).reversed());
        return scoops;
    }

    private static Scoop scoop(String measure, Rational value, Unit unit, Measures measures) {
        return new Scoop(measure, Amount.of(value, unit), value.times(measures.factor(unit)));
    }

    private record Choice(List<Scoop> scoops, Rational error) {

        int units() {
            return (int) scoops.stream().map(s -> s.amount().unit()).distinct().count();
        }

        Rational largest() {
            return scoops.get(0).ml();
        }
    }

    private static KitchenMeasure best(List<Scoop> scoops, Rational ml, Measures measures) {
        List<Choice> choices = choices(scoops, ml);
        Comparator<Choice> fewest = Comparator.<Choice>comparingInt(
                        c -> c.scoops().size())
                .thenComparingInt(Choice::units)
                .thenComparing(Choice::error)
                .thenComparing(Comparator.comparing(Choice::largest).reversed());
        Choice chosen = within(choices, Rational.ONE, fewest)
                .or(() -> within(choices, Rational.of(3), fewest))
                .orElseGet(() -> choices.stream()
                        .min(Comparator.comparing(Choice::error).thenComparing(fewest))
                        .orElseThrow());
        Unit unit = chosen.scoops().get(0).amount().unit();
        Rational sum = chosen.scoops().stream().map(Scoop::ml).reduce(Rational.ZERO, Rational::plus);
        return new KitchenMeasure(
                text(chosen.scoops()),
                chosen.scoops().stream().map(s -> s.amount().toString()).toList(),
                Amount.of(sum.dividedBy(measures.factor(unit)), unit),
                chosen.error());
    }

    private static Optional<Choice> within(List<Choice> choices, Rational percent, Comparator<Choice> fewest) {
        return choices.stream().filter(c -> c.error().compareTo(percent) <= 0).min(fewest);
    }

    /**
     * Every choice of one to three scoops that could be the answer. There are hundreds, and exact sums of them are slow:
     * a first look in floating point leaves out what is far off; what stays is judged exactly.
     */
    private static List<Choice> choices(List<Scoop> scoops, Rational ml) {
        double asked = ml.toDecimal(9).doubleValue();
        double[] each = scoops.stream()
                .mapToDouble(scoop -> scoop.ml().toDecimal(9).doubleValue())
                .toArray();
        double nearest = nearest(scoops, each, asked);
        double far = Math.max(3.0, nearest) + FLOATING_SLACK;
        List<Choice> choices = new ArrayList<>();
        for (int[] taken : sets(scoops)) {
            if (error(taken, each, asked) <= far) {
                List<Scoop> chosen = Arrays.stream(taken).mapToObj(scoops::get).toList();
                Rational sum = chosen.stream().map(Scoop::ml).reduce(Rational.ZERO, Rational::plus);
                choices.add(new Choice(chosen, off(sum, ml)));
            }
        }
        return choices;
    }

    private static double nearest(List<Scoop> scoops, double[] each, double asked) {
        double nearest = Double.MAX_VALUE;
        for (int[] taken : sets(scoops)) {
            nearest = Math.min(nearest, error(taken, each, asked));
        }
        return nearest;
    }

    private static double error(int[] taken, double[] each, double asked) {
        double sum = 0;
        for (int at : taken) {
            sum += each[at];
        }
        return Math.abs(sum - asked) * 100 / asked;
    }

    /** Sets of one to three scoops of different measures, larger scoops first. */
    private static List<int[]> sets(List<Scoop> scoops) {
        List<int[]> sets = new ArrayList<>();
        for (int a = 0; a < scoops.size(); a++) {
            sets.add(new int[] {a});
            for (int b = a + 1; b < scoops.size(); b++) {
                if (same(scoops, a, b)) {
                    continue;
                }
                sets.add(new int[] {a, b});
                for (int c = b + 1; c < scoops.size(); c++) {
                    if (!same(scoops, a, c) && !same(scoops, b, c)) {
                        sets.add(new int[] {a, b, c});
                    }
                }
            }
        }
        return sets;
    }

    private static boolean same(List<Scoop> scoops, int a, int b) {
        return scoops.get(a).measure().equals(scoops.get(b).measure());
    }

    /** Scoops of one unit are written together: "2 1/4 tsp"; a half and a quarter as three quarters. */
    private static String text(List<Scoop> scoops) {
        return scoops.stream()
                .map(s -> s.amount().unit())
                .distinct()
                .map(unit -> ofUnit(
                        scoops.stream()
                                .map(Scoop::amount)
                                .filter(a -> a.unit().equals(unit))
                                .toList(),
                        unit))
                .collect(Collectors.joining(" + "));
    }

    private static String ofUnit(List<Amount> amounts, Unit unit) {
        Rational sum = amounts.stream().map(Amount::value).reduce(Rational.ZERO, Rational::plus);
        long fractions = amounts.stream().filter(a -> !a.value().isWhole()).count();
        boolean plain = fractions <= 1 || sum.denominator().intValue() == 4;
        if (plain) {
            return Amount.of(sum, unit).toString();
        }
        return amounts.stream()
                        .map(a -> a.toString().replace(" " + unit.after(a.value()), ""))
                        .collect(Collectors.joining(" + "))
                + " " + unit.after(sum);
    }
}
