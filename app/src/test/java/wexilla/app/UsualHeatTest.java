package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.app.household.Reference;
import wexilla.core.plan.ahead.BigBuy;

/** A joint that is stretched is in the oven for what its weight takes; in two pots each half for its own: common practice. */
class UsualHeatTest {

    private static final LocalDate COOK = LocalDate.of(2026, 12, 5);
    private static final Reference REFERENCE = new Reference();

    @ParameterizedTest
    @CsvSource({
        "pork shoulder, 6 kg, 1, 240, 360",
        "pork shoulder, 6 kg, 2, 150, 210",
        "pork shoulder, 400 g, 1, 90, 90",
        "whole chicken, 1.8 kg, 1, 80, 120",
        "chicken thighs, 2.8 kg, 1, 60, 60"
    })
    void goesByTheWeightOfOnePiece(String food, String weight, int pots, int least, int most) {
        BigBuy buy = new BigBuy("b", food, weight, COOK, pots, false, "cooked-dish", COOK.plusDays(4), List.of());
        assertThat(buy.dish(REFERENCE.book()).steps())
                .anySatisfy(step -> assertThat(step.time().waitMin()).isBetween(least, most));
    }
}
