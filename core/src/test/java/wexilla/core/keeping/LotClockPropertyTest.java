package wexilla.core.keeping;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import wexilla.core.keeping.KeepingRule.Span;

/** Whatever happens to a lot, in whatever order: its days are never lengthened, its next dinner never taken away. */
class LotClockPropertyTest {

    private static final LocalDate DAY = LocalDate.of(2026, 3, 1);
    private static final int FRIDGE_DAYS = 4;
    private static final KeepingGuide GUIDE = new KeepingGuide(List.of(
            new KeepingRule("cooked-dish", "dishes", new Span(3, FRIDGE_DAYS), new Span(2, 6), null, null, "chart"),
            new KeepingRule("bought-frozen", "bought frozen", null, new Span(8, 12), null, null, "practice"),
            new KeepingRule("tins", "tins", null, null, new Span(24, 48), null, "practice")));

    static List<Long> seeds() {
        return java.util.stream.LongStream.rangeClosed(1, 150).boxed().toList();
    }

    private static LocalDate eatBy(LotClock clock) {
        return Objects.requireNonNull(GUIDE.dates(clock, Storage.FRIDGE).eatBy());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void throughAnyHistory(long seed) {
        Random random = new Random(seed);
        LotClock clock = LotClock.start("cooked-dish", DAY);
        LocalDate now = DAY;
        for (int turn = 0; turn < 4; turn++) {
            LocalDate before = eatBy(clock);
            now = now.plusDays(random.nextInt(4));
            LotClock frozen = clock.frozen(now);
            assertThat(frozen.usedDays()).isGreaterThanOrEqualTo(clock.usedDays());
            assertThat(GUIDE.dates(frozen, Storage.FREEZER).eatBy()).isNull();
            assertThat(GUIDE.dates(frozen, Storage.FREEZER).bestBefore()).isEqualTo(now.plusMonths(6));
            int pause = random.nextInt(90);
            LocalDate out = now.plusDays(pause);
            LotClock thawed = frozen.thawed(out);
            LocalDate after = eatBy(thawed);
            assertThat(after).as("the next dinner").isAfter(out);
            assertThat(after).as("never longer than fresh").isBeforeOrEqualTo(out.plusDays(FRIDGE_DAYS));
            long left = ChronoUnit.DAYS.between(now, before);
            if (left >= 1) {
                assertThat(ChronoUnit.DAYS.between(out, after))
                        .as("what was left")
                        .isEqualTo(left);
            }
            assertThat(eatBy(frozen.thawed(out.plusDays(30)))).as("a pause").isEqualTo(after.plusDays(30));
            assertThat(thawed.ageFrom(out)).isBeforeOrEqualTo(out);
            clock = thawed;
            now = out;
        }
    }

    /** Raw food nobody has spoken for is frozen on its last two days: not earlier, and never once it is past them. */
    @ParameterizedTest
    @CsvSource({"0, false", "2, false", "3, true", "4, true", "5, false", "9, false"})
    void freezeTonight(int age, boolean tonight) {
        LocalDate today = DAY.plusDays(age);
        KeepDates dates = GUIDE.dates(LotClock.start("cooked-dish", DAY), Storage.FRIDGE);
        assertThat(GUIDE.freezeTonight("cooked-dish", Storage.FRIDGE, dates, today))
                .isEqualTo(tonight);
        assertThat(GUIDE.freezeTonight("cooked-dish", Storage.FREEZER, dates, today))
                .isFalse();
        assertThat(GUIDE.freezeTonight("tins", Storage.FRIDGE, dates, today)).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"cooked-dish, FRIDGE, true", "tins, CUPBOARD, false", "bought-frozen, FREEZER, false"})
    void whatKeepsOnlyDaysIsToldAfterShopping(String keepingClass, Storage storage, boolean told) {
        KeepDates dates = GUIDE.dates(LotClock.start(keepingClass, DAY), storage);
        assertThat(GUIDE.keepsOnlyDays(storage, dates, DAY)).isEqualTo(told);
    }

    /** Bought frozen vegetables go into the pot as they are: nobody is told to thaw them. */
    @ParameterizedTest
    @CsvSource({"cooked-dish, BAG", "bought-frozen, ''"})
    void whatWasBoughtFrozenIsNotThawed(String keepingClass, String shape) {
        Thaw.Shape frozenAs = GUIDE.rule(keepingClass).frozenAs(true, null, null);
        assertThat(frozenAs == null ? "" : frozenAs.name()).isEqualTo(shape);
    }
}
