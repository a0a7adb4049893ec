package wexilla.core.menu.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.core.menu.MenuCheck;
import wexilla.core.menu.MenuProblem;
import wexilla.core.menu.MenuScore;
import wexilla.core.menu.MenuWishes;
import wexilla.core.menu.Menus;

/** Proposed plans: scored in pieces as from the start, never worse than what exhaustive search finds, the same when asked again. */
class MenuSearchTest {

    private static final LocalDate MONDAY = LocalDate.of(2026, 12, 28);

    /** Whatever is changed, kept or taken back: the score in pieces is the score from the start. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void scoredInPiecesAsFromTheStart(long seed) {
        MenuWishes wishes = new MenuWishes((int) seed % 5, 1, 2, 3, 4, 2, 1);
        Menus.Size size = new Menus.Size(14, 1 + (int) seed % 3, 20, 12, 6);
        MenuProblem problem = Menus.together(Menus.unpriced(Menus.of(seed, size, wishes)));
        Tables tables = new Tables(problem);
        State state = new State(tables);
        Random random = new Random(seed);
        for (int i = 0; i < 800; i++) {
            long before = state.total();
            for (int change = random.nextInt(3); change >= 0; change--) {
                state.set(random.nextInt(tables.meals), random.nextInt(tables.codes));
            }
            MenuScore whole = MenuScore.of(problem, tables.choices(state.chosen()));
            assertThat(state.settle()).isEqualTo(whole.total());
            assertThat(state.sums()).isEqualTo(new Layout.Sums(whole.cost(), whole.minutes(), whole.wasted()));
            if (random.nextInt(3) == 0) {
                state.undo();
                assertThat(state.total())
                        .isEqualTo(before)
                        .isEqualTo(MenuScore.of(problem, tables.choices(state.chosen()))
                                .total());
            } else {
                state.keep();
            }
        }
    }

    /** Everything that can be chosen, tried: the search finds as good a plan. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void asGoodAsTryingEverything(long seed) {
        MenuProblem problem = Menus.of(seed, new Menus.Size(4, 1, 4, 3, 2), MenuWishes.VARIED);
        Tables tables = new Tables(problem);
        State state = new State(tables);
        assertThat(MenuSearch.of(problem, 1, MenuSearch.good(problem.days()), (spent, total) -> false)
                        .score()
                        .total())
                .isEqualTo(least(tables, state, 0));
    }

    private static long least(Tables tables, State state, int at) {
        if (at == tables.meals) {
            return state.total();
        }
        long least = Long.MAX_VALUE;
        for (int code = 0; code < (tables.open[at] ? tables.codes : 1); code++) {
            if (tables.open[at]) {
                state.set(at, code);
                state.settle();
                state.keep();
            }
            least = Math.min(least, least(tables, state, at + 1));
        }
        return least;
    }

    /** CP-SAT of OR-Tools proves the best plan of a week; the search finds it. */
    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14, 15, 16})
    void asGoodAsASolverProves(long seed) {
        MenuProblem problem = Menus.whole(Menus.of(seed, new Menus.Size(5, 1, 8, 5, 3), MenuWishes.CHEAP));
        long proven = ProvenMenu.of(problem, 60).orElseThrow();
        assertThat(MenuSearch.of(problem, 1, MenuSearch.good(problem.days()), (spent, total) -> false)
                        .score()
                        .total())
                .isEqualTo(proven);
    }

    /** Looked longer from the same start, no less good a plan is found. */
    @ParameterizedTest
    @ValueSource(longs = {41, 42, 43, 44})
    void longerIsNoWorse(long seed) {
        MenuProblem problem = Menus.of(seed, new Menus.Size(7, 1, 40, 20, 6), MenuWishes.CHEAP);
        long good = MenuSearch.good(problem.days());
        long first = total(problem, seed, 0);
        long then = total(problem, seed, good);
        assertThat(then).isLessThanOrEqualTo(first);
        for (long effort : new long[] {good + 1, 2 * good, 3 * good}) {
            assertThat(total(problem, seed, effort)).isLessThanOrEqualTo(then);
        }
    }

    private static long total(MenuProblem problem, long seed, long effort) {
        return MenuSearch.of(problem, seed, effort, (spent, best) -> false)
                .score()
                .total();
    }

    /** What is proposed passes every hard rule, what was decided stays, and asked again it is the same. */
    @ParameterizedTest
    @ValueSource(longs = {21, 22, 23, 24})
    void whatIsProposedHolds(long seed) {
        MenuProblem problem = Menus.of(seed, new Menus.Size(21, 2, 60, 30, 10), MenuWishes.EASY);
        MenuSearch.Found found = MenuSearch.of(problem, seed, 30_000, (spent, total) -> false);
        assertThat(found.cutOff()).isFalse();
        assertThat(MenuCheck.of(problem, found.choices(), MONDAY))
                .hasSize(found.score().broken());
        assertThat(MenuSearch.of(problem, seed, 30_000, (spent, total) -> false).choices())
                .isEqualTo(found.choices());
        MenuSearch.Found cut = MenuSearch.of(problem, seed, 30_000, (spent, total) -> spent >= 1_000);
        assertThat(cut.cutOff()).isTrue();
        assertThat(found.score().total()).isLessThanOrEqualTo(cut.score().total());
    }

    /** A swap costs what it says: the whole plan is counted with it. */
    @ParameterizedTest
    @ValueSource(longs = {31, 32})
    void swapsCostWhatTheySay(long seed) {
        MenuProblem problem = Menus.of(seed, new Menus.Size(14, 1, 40, 20, 6), MenuWishes.CHEAP);
        List<MenuProblem.Choice> plan =
                MenuSearch.of(problem, 1, 30_000, (spent, total) -> false).choices();
        MenuScore score = MenuScore.of(problem, plan);
        MenuSwaps swaps = new MenuSwaps(problem, plan, Currency.getInstance("EUR"));
        int told = 0;
        for (int at = 0; at < plan.size(); at++) {
            for (MenuSwaps.Swap swap : swaps.of(at)) {
                List<MenuProblem.Choice> other = new ArrayList<>(plan);
                other.set(at, swap.choice());
                MenuScore now = MenuScore.of(problem, other);
                assertThat(now.broken()).isLessThanOrEqualTo(score.broken());
                assertThat(now.minutes() - score.minutes()).isEqualTo(swap.minutes());
                assertThat((now.cost() - score.cost()) / 100).isEqualTo(swap.cost());
            }
            assertThat(swaps.of(at))
                    .hasSizeLessThanOrEqualTo(problem.meals().get(at).open() ? 3 : 0);
            told += swaps.of(at).size();
        }
        assertThat(told).isGreaterThan(plan.size());
    }
}
