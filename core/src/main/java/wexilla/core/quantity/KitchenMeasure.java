package wexilla.core.quantity;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import wexilla.core.quantity.ScoopTable.Choice;

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
        return best(ScoopTable.of(system, own), ml, own);
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

    private static KitchenMeasure best(ScoopTable table, Rational ml, Measures measures) {
        Choice chosen = within(table, ml, Rational.ONE)
                .or(() -> within(table, ml, Rational.of(3)))
                .orElseGet(() -> nearest(table, ml));
        Unit unit = chosen.scoops().get(0).amount().unit();
        return new KitchenMeasure(
                text(chosen.scoops()),
                chosen.scoops().stream().map(s -> s.amount().toString()).toList(),
                Amount.of(chosen.ml().dividedBy(measures.factor(unit)), unit),
                off(chosen.ml(), ml));
    }

    /** @param error of the choice in per cent, exact */
    private record Judged(Choice choice, Rational error) {

        static Judged of(Choice choice, Rational ml) {
            return new Judged(choice, choice.ml().equals(ml) ? Rational.ZERO : off(choice.ml(), ml));
        }
    }

    private static final Comparator<Judged> FEWEST = Comparator.<Judged>comparingInt(
                    judged -> judged.choice().scoops().size())
            .thenComparingInt(judged -> judged.choice().units())
            .thenComparing(Judged::error)
            .thenComparing(Comparator.<Judged, Rational>comparing(
                            judged -> judged.choice().largest())
                    .reversed());

    /** Of the fewest scoops that come so near, those of fewer units, then the nearest, then the largest. */
    private static Optional<Choice> within(ScoopTable table, Rational ml, Rational percent) {
        for (int size = 1; size <= 3; size++) {
            Optional<Judged> best = table.near(ml, size, percent.approximately()).stream()
                    .map(choice -> Judged.of(choice, ml))
                    .filter(judged -> judged.error().compareTo(percent) <= 0)
                    .min(FEWEST);
            if (best.isPresent()) {
                return best.map(Judged::choice);
            }
        }
        return Optional.empty();
    }

    /** Where nothing comes within 3 %: the nearest of all; looked for wider and wider. */
    private static Choice nearest(ScoopTable table, Rational ml) {
        for (double percent = 6; ; percent *= 2) {
            List<Choice> near = new ArrayList<>();
            for (int size = 1; size <= 3; size++) {
                near.addAll(table.near(ml, size, percent));
            }
            Optional<Judged> nearest = near.stream()
                    .map(choice -> Judged.of(choice, ml))
                    .min(Comparator.comparing(Judged::error).thenComparing(FEWEST));
            if (nearest.isPresent()) {
                return nearest.get().choice();
            }
        }
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
