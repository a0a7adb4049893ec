package wexilla.core.quantity;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Every choice of one to three scoops below a whole cup, in the order of what they hold, made once for a household's
 * spoons: an amount is then looked up instead of tried against hundreds of sums.
 */
final class ScoopTable {

    /** Up to three scoops of different measures, larger first, and what they hold together. */
    record Choice(List<Scoop> scoops, Rational ml) {

        int units() {
            return (int) scoops.stream().map(s -> s.amount().unit()).distinct().count();
        }

        Rational largest() {
            return scoops.get(0).ml();
        }
    }

    private record Key(KitchenMeasure.System system, Measures measures) {}

    private record Kept(Key key, ScoopTable table) {}

    /** A household asks with the same spoons again and again; the last two tables are enough. */
    private static volatile List<Kept> last = List.of();

    private final Measures measures;
    private final boolean cups;
    private final Choice[] choices;
    private final double[] ml;

    private ScoopTable(KitchenMeasure.System system, Measures measures) {
        this.measures = measures;
        this.cups = system == KitchenMeasure.System.US;
        List<Scoop> scoops = scoops(system, measures);
        List<Choice> all = new ArrayList<>();
        for (int a = 0; a < scoops.size(); a++) {
            add(all, scoops, a);
            for (int b = a + 1; b < scoops.size(); b++) {
                add(all, scoops, a, b);
                for (int c = b + 1; c < scoops.size(); c++) {
                    add(all, scoops, a, b, c);
                }
            }
        }
        all.sort(Comparator.comparing(Choice::ml));
        choices = all.toArray(Choice[]::new);
        ml = all.stream().mapToDouble(choice -> choice.ml().approximately()).toArray();
    }

    static ScoopTable of(KitchenMeasure.System system, Measures measures) {
        Key key = new Key(system, measures);
        for (Kept kept : last) {
            if (kept.key().equals(key)) {
                return kept.table();
            }
        }
        ScoopTable table = new ScoopTable(system, measures);
        List<Kept> before = last;
        last = before.isEmpty() ? List.of(new Kept(key, table)) : List.of(new Kept(key, table), before.get(0));
        return table;
    }

    private static void add(List<Choice> all, List<Scoop> scoops, int... at) {
        List<Scoop> chosen = Arrays.stream(at).mapToObj(scoops::get).toList();
        if (chosen.stream().map(Scoop::measure).distinct().count() == at.length) {
            all.add(new Choice(chosen, chosen.stream().map(Scoop::ml).reduce(Rational.ZERO, Rational::plus)));
        }
    }

    private static List<Scoop> scoops(KitchenMeasure.System system, Measures measures) {
        List<Scoop> scoops = new ArrayList<>();
        if (system == KitchenMeasure.System.US) {
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

    /** Choices of so many scoops that hold this within so many per cent, and a little beyond: to be judged exactly. */
    List<Choice> near(Rational asked, int size, double percent) {
        double wanted = asked.approximately();
        double slack = wanted * percent / 100 + 1e-6;
        List<Choice> near = new ArrayList<>();
        collect(near, wanted - slack, wanted + slack, size, null);
        if (cups) {
            double cup = measures.cupMl().approximately();
            int most = (int) Math.floor((wanted + slack) / cup);
            for (int n = Math.max(1, most - 2); n <= most; n++) {
                Scoop whole = scoop("cups", Rational.of(n), Unit.CUP, measures);
                double rest = wanted - n * cup;
                if (size == 1 && Math.abs(rest) <= slack) {
                    near.add(new Choice(List.of(whole), whole.ml()));
                } else if (size > 1) {
                    collect(near, rest - slack, rest + slack, size - 1, whole);
                }
            }
        }
        return near;
    }

    private void collect(
            List<Choice> near, double from, double to, int size, @org.jspecify.annotations.Nullable Scoop whole) {
        int at = Arrays.binarySearch(ml, from);
        for (int i = at < 0 ? -at - 1 : at; i < ml.length && ml[i] <= to; i++) {
            if (choices[i].scoops().size() == size) {
                near.add(whole == null ? choices[i] : with(whole, choices[i]));
            }
        }
    }

    private static Choice with(Scoop whole, Choice more) {
        List<Scoop> scoops = new ArrayList<>();
        scoops.add(whole);
        scoops.addAll(more.scoops());
        return new Choice(List.copyOf(scoops), whole.ml().plus(more.ml()));
    }
}
