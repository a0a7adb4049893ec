package wexilla.core.shopping;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class AisleOrderTest {

    private static final List<String> USUAL = AisleOrder.USUAL.aisles();

    private final Random random = new Random(4);

    private List<String> some(int most) {
        List<String> all = new ArrayList<>(USUAL);
        Collections.shuffle(all, random);
        return all.subList(0, 1 + random.nextInt(most));
    }

    @Test
    void twoTripsThatAgreeAreBelievedAndOneIsNot() {
        for (int run = 0; run < 200; run++) {
            List<String> walked = some(USUAL.size());
            assertThat(AisleOrder.learned(List.of(walked)).aisles()).isEqualTo(USUAL);
            List<String> learned = AisleOrder.learned(List.of(walked, walked)).aisles();
            assertThat(learned).containsExactlyInAnyOrderElementsOf(USUAL);
            assertThat(learned.stream().filter(walked::contains)).containsExactlyElementsOf(walked);
            List<String> back = new ArrayList<>(walked);
            Collections.reverse(back);
            assertThat(AisleOrder.learned(List.of(walked, back)).aisles()).isEqualTo(USUAL);
        }
        assertThat(AisleOrder.learned(List.of())).isEqualTo(AisleOrder.USUAL);
    }

    @Test
    void whatIsForgottenAndFetchedLastMovesNoAisle() {
        List<String> trip = List.of("dairy", "dairy", "dairy", "meat", "meat", "vegetables", "dairy");
        List<String> learned = AisleOrder.learned(List.of(trip, trip)).aisles();
        assertThat(learned.stream().filter(trip::contains)).containsExactly("dairy", "meat", "vegetables");
    }

    /** No order agrees with more than the one that was found: against many others at random, and every swap of two. */
    @Test
    void noOrderAgreesWithMore() {
        for (int run = 0; run < 40; run++) {
            List<List<String>> trips = new ArrayList<>();
            for (int i = 0; i < 5; i++) {
                trips.add(some(8));
            }
            List<String> learned = AisleOrder.learned(trips).aisles();
            double best = agrees(learned, trips);
            for (int i = 0; i < USUAL.size(); i++) {
                for (int j = 0; j < USUAL.size(); j++) {
                    List<String> other = new ArrayList<>(learned);
                    other.add(j, other.remove(i));
                    assertThat(agrees(other, trips)).isLessThanOrEqualTo(best);
                }
            }
            for (int i = 0; i < 100; i++) {
                List<String> other = new ArrayList<>(USUAL);
                Collections.shuffle(other, random);
                assertThat(agrees(other, trips)).isLessThanOrEqualTo(best);
            }
        }
    }

    /** Pairs in the order of a trip, one and a half for each in the usual order, a trifle for what was never walked on one trip. */
    private static double agrees(List<String> order, List<List<String>> trips) {
        double agrees = 0;
        for (int i = 0; i < order.size(); i++) {
            for (int j = i + 1; j < order.size(); j++) {
                String one = order.get(i);
                String other = order.get(j);
                long walked = trips.stream()
                        .filter(trip -> trip.contains(one) && trip.contains(other))
                        .count();
                boolean usual = USUAL.indexOf(one) < USUAL.indexOf(other);
                agrees += usual ? walked > 0 ? 1_500 : 0.5 : 0;
                agrees += 1_000
                        * trips.stream()
                                .filter(trip -> trip.contains(one)
                                        && trip.contains(other)
                                        && trip.indexOf(one) < trip.indexOf(other))
                                .count();
            }
        }
        return agrees;
    }
}
