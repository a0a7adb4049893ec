package wexilla.core.menu;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.core.menu.MenuProblem.Choice;
import wexilla.core.menu.MenuScore.Part;
import wexilla.core.menu.search.MenuReasons;
import wexilla.core.menu.search.MenuSearch;
import wexilla.core.menu.search.MenuSwaps;
import wexilla.core.money.Money;
import wexilla.core.quantity.text.CookWords;

/** Reasons are differences of what counts: each told one is counted anew from the start. */
class MenuDifferenceTest {

    private static final LocalDate MONDAY = LocalDate.of(2026, 12, 28);
    private static final Currency EURO = Currency.getInstance("EUR");

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void everyReasonIsRecomputed(long seed) {
        MenuWishes[] wishes = {MenuWishes.CHEAP, MenuWishes.EASY, MenuWishes.VARIED};
        MenuProblem problem =
                Menus.unpriced(Menus.of(seed, new Menus.Size(14, 1, 40, 40, 6, 8), wishes[(int) seed % 3]));
        List<Choice> plan =
                MenuSearch.of(problem, 1, 5_000, (spent, total) -> false).choices();
        MenuScore now = MenuScore.of(problem, plan);
        assertThat(now.parts().values().stream().mapToLong(Long::longValue).sum())
                .isEqualTo(now.total());
        MenuReasons reasons = new MenuReasons(problem, plan, MONDAY, EURO);
        int told = 0;
        for (int at = 0; at < plan.size(); at++) {
            for (MenuSwaps.Swap swap : reasons.swaps().of(at)) {
                MenuDifference than = reasons.against(at, swap.choice());
                List<Choice> changed = new ArrayList<>(plan);
                changed.set(at, swap.choice());
                MenuScore then = MenuScore.of(problem, changed);
                assertThat(than.total()).isEqualTo(then.total() - now.total());
                for (MenuDifference.Reason reason : than.worse()) {
                    told++;
                    assertThat(reason.weight()).isPositive().isEqualTo(then.of(reason.part()) - now.of(reason.part()));
                    words(reason, now, then);
                }
                List<String> meal = reasons.meal(at);
                if (swap.equals(reasons.swaps().of(at).get(0)) && than.total() > 0) {
                    assertThat(meal.get(meal.size() - 1))
                            .startsWith("rather than " + swap.name() + ": ")
                            .endsWith(than.words(2));
                }
            }
        }
        assertThat(told).isGreaterThan(20);
    }

    /** What is told in numbers is the number, and nothing is told where nothing better is known. */
    private static void words(MenuDifference.Reason reason, MenuScore now, MenuScore then) {
        String words = reason.words();
        if (words.endsWith("at the till")) {
            assertThat(words).startsWith(money(then.cost() - now.cost()));
        }
        if (reason.part() == Part.HANDS && words.endsWith("of hands")) {
            assertThat(words).startsWith(CookWords.minutes(then.minutes() - now.minutes()));
        }
        if (reason.part() == Part.WASTE) {
            assertThat(words).startsWith(money(then.wasted() - now.wasted()));
        }
        assertThat(words).isNotBlank().doesNotContain("something comes again", "more of what must be used");
    }

    private static String money(long hundredths) {
        return Money.of(hundredths / MenuWeights.MINOR, EURO).decimal();
    }
}
