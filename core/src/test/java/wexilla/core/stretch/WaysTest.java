package wexilla.core.stretch;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.core.quantity.Rational;
import wexilla.core.stretch.StretchPlan.Form;
import wexilla.core.stretch.Ways.Aim;
import wexilla.core.stretch.Ways.Way;

/** The ways to use a big buy against every other way there is, and against taking one good dish after the other. */
class WaysTest {

    private static DishKind kind(String name, Form form, int least, int usual, int most, boolean freezes, int hands) {
        return new DishKind(
                name,
                Set.of("poultry"),
                form,
                Rational.of(usual),
                Rational.of(least),
                Rational.of(most),
                "rice",
                Rational.of(70),
                false,
                freezes,
                Rational.of(hands),
                Rational.ONE);
    }

    private static List<DishKind> random(Random random, int many) {
        List<DishKind> kinds = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            int least = 40 + random.nextInt(60);
            int most = least + random.nextInt(60);
            kinds.add(kind(
                    "dish " + i,
                    Form.values()[random.nextInt(4)],
                    least,
                    least,
                    most,
                    random.nextBoolean(),
                    10 + random.nextInt(30)));
        }
        return kinds;
    }

    private static Ways.Buy buy(Random random, int kinds) {
        return new Ways.Buy(
                Rational.of(200 + random.nextInt(2500)),
                Rational.of(4 + random.nextInt(20), 4),
                1 + random.nextInt(9),
                4,
                Rational.of(random.nextInt(8) * 1500),
                random(random, kinds));
    }

    /** The measures of an aim in their order, told from the finished way alone; more is better. */
    private static List<Rational> measures(Way way) {
        Rational undecided = way.undecided().negated();
        Rational fed = Rational.of(way.parts().stream()
                .filter(part -> part.kind() != null)
                .map(Ways.Part::day)
                .distinct()
                .count());
        Rational dishes = Rational.of(way.dishes());
        Rational easy = way.hands().negated();
        return switch (way.aim()) {
            case PLATES -> List.of(fed, way.plates(), undecided, dishes, easy);
            case VARIETY -> List.of(fed, dishes, undecided, way.plates(), easy);
            case WORK -> List.of(fed, undecided, easy, way.plates());
        };
    }

    /** Rounded to a millionth: the search compares no finer. */
    private static int compare(Way one, Way other) {
        List<Rational> own = measures(one);
        List<Rational> others = measures(other);
        for (int i = 0; i < own.size(); i++) {
            int first = own.get(i).toDecimal(6).compareTo(others.get(i).toDecimal(6));
            if (first != 0) {
                return first;
            }
        }
        return 0;
    }

    private static List<int[]> choices(int kinds) {
        List<int[]> all = new ArrayList<>(List.of(new int[0]));
        for (int i = 0; i < kinds; i++) {
            List<int[]> longer = new ArrayList<>();
            for (int[] one : all) {
                for (int count = 0; count <= Ways.SAME_DISH; count++) {
                    int[] next = java.util.Arrays.copyOf(one, one.length + 1);
                    next[one.length] = count;
                    longer.add(next);
                }
            }
            all = longer;
        }
        return all;
    }

    private static boolean possible(Ways.Buy buy, Ways ways, int[] counts) {
        int meals = 0;
        Rational grams = Rational.ZERO;
        for (int i = 0; i < counts.length; i++) {
            meals += counts[i];
            grams = grams.plus(buy.kinds().get(i).least().times(buy.eaters()).times(Rational.of(counts[i])));
        }
        return meals > 0 && meals <= Ways.MOST_MEALS && grams.compareTo(buy.grams()) <= 0 && ways.fits(counts, meals);
    }

    /** Small cases against every choice; whatever is chosen adds up, fits the fridge, the freezer and the days. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void noOtherWayIsBetter(long seed) {
        Random random = new Random(seed);
        Ways.Buy buy = buy(random, 4);
        Ways ways = new Ways(buy);
        for (Way way : Ways.of(buy)) {
            choices(4).stream()
                    .filter(counts -> possible(buy, ways, counts))
                    .map(counts -> ways.way(way.aim(), counts))
                    .forEach(other -> assertThat(compare(way, other)).isNotNegative());
            holds(way, buy);
        }
    }

    private static void holds(Way way, Ways.Buy buy) {
        Rational grams = way.parts().stream().map(Ways.Part::grams).reduce(way.undecided(), Rational::plus);
        assertThat(grams).isEqualTo(buy.grams());
        Rational frozen = Rational.ZERO;
        List<Integer> eaten = new ArrayList<>();
        for (Ways.Part part : way.parts()) {
            DishKind kind = part.kind();
            if (part.freeze()) {
                frozen = frozen.plus(part.plates());
                assertThat(kind == null || kind.freezes()).isTrue();
            } else {
                assertThat(part.day()).isBetween(1, Math.min(buy.days(), 1 + buy.fridgeDays()));
                eaten.add(part.day());
            }
            if (kind != null) {
                assertThat(part.grams().dividedBy(part.plates())).isBetween(kind.least(), kind.most());
            }
        }
        assertThat(frozen.times(Ways.portionMl())).isLessThanOrEqualTo(buy.freezerMl());
        assertThat(eaten).doesNotHaveDuplicates();
        if (buy.freezerMl().compareTo(Rational.of(9000)) >= 0) {
            eaten.forEach(day -> assertThat(eaten).doesNotContain(day + 1));
        }
    }

    /** Large cases against the greedy: one more of the dish that helps most, until none does. */
    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14, 15, 16})
    void neverWorseThanOneGoodDishAfterTheOther(long seed) {
        Random random = new Random(seed);
        Ways.Buy buy = buy(random, 9);
        Ways ways = new Ways(buy);
        for (Way way : Ways.of(buy)) {
            int[] counts = new int[9];
            Way greedy = null;
            for (boolean better = true; better; ) {
                better = false;
                int[] next = counts;
                for (int i = 0; i < 9; i++) {
                    int[] more = counts.clone();
                    more[i]++;
                    if (more[i] > Ways.SAME_DISH || !possible(buy, ways, more)) {
                        continue;
                    }
                    Way tried = ways.way(way.aim(), more);
                    if (greedy == null || compare(tried, greedy) > 0) {
                        greedy = tried;
                        next = more;
                        better = true;
                    }
                }
                counts = next;
            }
            assertThat(greedy).isNotNull();
            assertThat(compare(way, greedy)).isNotNegative();
            holds(way, buy);
        }
    }

    @Test
    void tooLittleForOneMealMakesNone() {
        Ways.Buy little = new Ways.Buy(
                Rational.of(30),
                Rational.ONE,
                3,
                4,
                Rational.ZERO,
                List.of(kind("stew", Form.SHREDDED, 40, 60, 90, true, 20)));
        assertThat(Ways.of(little)).isEmpty();
        assertThat(Aim.PLATES.words()).isEqualTo("most plates");
    }
}
