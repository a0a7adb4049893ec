package wexilla.core.menu.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Currency;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wexilla.core.menu.MenuCheck;
import wexilla.core.menu.MenuProblem;
import wexilla.core.menu.MenuProblem.Choice;
import wexilla.core.menu.MenuProblem.Cooked;
import wexilla.core.menu.MenuProblem.Dish;
import wexilla.core.menu.MenuProblem.Food;
import wexilla.core.menu.MenuProblem.FromStock;
import wexilla.core.menu.MenuProblem.Lot;
import wexilla.core.menu.MenuProblem.Meal;
import wexilla.core.menu.MenuProblem.Packet;
import wexilla.core.menu.MenuProblem.Use;
import wexilla.core.menu.MenuScore;
import wexilla.core.menu.MenuTill;
import wexilla.core.menu.MenuWishes;
import wexilla.core.pricing.PackTable;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Unit;

/** A week by hand: what it costs, what it breaks, and why it is so, each counted on paper. */
class MenuReasonsTest {

    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 23);
    private static final Currency EURO = Currency.getInstance("EUR");
    private static final int NONE = MenuProblem.NONE;

    /** 100 g of mince a portion at 4.00 the 500 g, 40 cents of the rest; 20 minutes and one more for each portion. */
    private static final Dish POT = new Dish(
            "mince pot", Set.of("beef"), 2, false, 20, 100, 60, 4, true, 12, 4_000, List.of(new Use(0, 100_000_000)));

    private static final Dish NOODLES =
            new Dish("egg noodles", Set.of("eggs"), 0, true, 10, 0, 15, 1, false, 12, 9_000, List.of());
    private static final Packet PIE = new Packet("fish pie", Set.of("fish"), 0, 400, 1, NONE, 5, 10, 15_000);
    private static final Food MINCE = new Food(
            "mince",
            Unit.G,
            80_000,
            List.of(new Lot(500_000, 0, 2, false), new Lot(200_000, 0, NONE, false)),
            List.of(new PackTable.Pack(500_000, 40_000, 1)),
            NONE,
            List.of());

    private static MenuProblem week(MenuWishes wishes, long budget, Choice... decided) {
        List<Meal> meals = new ArrayList<>();
        for (int day = 0; day < 7; day++) {
            boolean open = day >= decided.length;
            meals.add(new Meal(day, 400, 30, 60, List.of(0, 0, 0), open, open ? MenuProblem.UNDECIDED : decided[day]));
        }
        return new MenuProblem(
                7,
                meals,
                List.of(POT, NOODLES),
                List.of(PIE),
                List.of(MINCE),
                Collections.nCopies(7, 0),
                List.of(budget),
                NONE,
                wishes);
    }

    private static final List<Choice> PLAN = List.of(
            new Cooked(0, 0),
            new Cooked(1, 1),
            new Cooked(0, 0),
            new FromStock(0),
            new Cooked(1, 4),
            new Cooked(0, 5),
            new Cooked(0, 0));

    /**
     * The pot of Monday is for Monday, Wednesday and Sunday: 12 portions. 1,200 g of mince, of which 500 g keep to
     * Wednesday and 200 g beyond: 500 g are lacking. Saturday's pot: 400 g, all bought: two packs, 100 g left. Noodles twice for four.
     */
    @Test
    void whatAWeekCosts() {
        MenuScore score = MenuScore.of(week(MenuWishes.CHEAP, NONE), PLAN);
        // 12 × 0.40 + 4 × 0.40 + two packs at 4.00 + 2 × 4 × 0.90
        assertThat(score.cost()).isEqualTo(100 * (480 + 160 + 800 + 720));
        assertThat(MenuTill.of(week(MenuWishes.CHEAP, NONE), PLAN, MONDAY))
                .isEqualTo(new MenuTill(
                        List.of(21_60L), List.of(new MenuTill.Left("mince", Amount.of(100, Unit.G), null, false))));
        assertThat(score.wasted()).isZero();
        // 32 + 5 + 5 for Monday's pot, 10 + 10 noodles, 10 pie, 24 Saturday's pot
        assertThat(score.minutes()).isEqualTo(32 + 5 + 5 + 10 + 10 + 10 + 24);
        // two minutes more than 30 on Monday
        assertThat(score.over()).isEqualTo(2);
        assertThat(score.broken()).isZero();
        assertThat(score.open()).isZero();
    }

    @Test
    void itSaysWhy() {
        MenuProblem problem = week(MenuWishes.CHEAP, 15_00);
        MenuReasons reasons = new MenuReasons(problem, PLAN, MONDAY, EURO);
        assertThat(reasons.meal(0))
                .contains("uses the mince, which keeps to Wed 25 Nov")
                .contains("cooked once for 3 meals")
                .contains("liked");
        assertThat(reasons.meal(2)).first().asString().startsWith("of Mon 23 Nov");
        assertThat(reasons.meal(6)).first().asString().startsWith("frozen, of Mon 23 Nov");
        assertThat(reasons.meal(3)).contains("there already: nothing to buy, 10 min", "best before Sat 28 Nov");
        assertThat(reasons.whole())
                .contains("21.60 to buy for 7 meals, 4 cookings, 1 meal from what is there")
                .contains("week from Mon 23 Nov: 6.60 above the 15.00 you set")
                .contains("2 min more than there are, all together")
                .contains("nothing you have passes its date uneaten");
    }

    @Test
    void whatIsLostIsNamed() {
        List<Choice> without = new ArrayList<>(Collections.nCopies(7, new Cooked(1, 0)));
        for (int day = 0; day < 7; day++) {
            without.set(day, new Cooked(1, day));
        }
        MenuProblem problem = week(MenuWishes.VARIED, NONE);
        // 500 g of mince at 8.00, and half of a pie that is only past its best
        assertThat(MenuScore.of(problem, without).wasted()).isEqualTo(100 * (400 + 300));
        assertThat(new MenuReasons(problem, without, MONDAY, EURO).whole().toString())
                .contains(
                        "about 7.00 of what you have passes its date uneaten: mince (Wed 25 Nov), fish pie (Sat 28 Nov)");
    }

    @Test
    void whatCannotStaySo() {
        List<Choice> wrong = new ArrayList<>(PLAN);
        wrong.set(0, new FromStock(0));
        wrong.set(3, new Cooked(1, 1));
        wrong.set(4, MenuProblem.UNDECIDED);
        List<String> words = MenuCheck.of(week(MenuWishes.CHEAP, NONE), wrong, MONDAY).stream()
                .map(MenuCheck.Broken::words)
                .toList();
        assertThat(words)
                .containsExactly(
                        "fish pie cannot be eaten on Mon 23 Nov",
                        "egg noodles of Tue 24 Nov keeps to Wed 25 Nov, planned for Thu 26 Nov",
                        "nothing fits Fri 27 Nov");
        List<Choice> twice = new ArrayList<>(PLAN);
        twice.set(4, new FromStock(0));
        assertThat(MenuCheck.of(week(MenuWishes.CHEAP, NONE), twice, MONDAY))
                .singleElement()
                .satisfies(one -> assertThat(one.words()).isEqualTo("4 portions of fish pie are not there"));
    }

    /** What the cook decided is never touched, whatever it costs, and is said to be decided. */
    @Test
    void whatIsDecidedStays() {
        MenuProblem problem = week(MenuWishes.EASY, NONE, new Cooked(0, 0), new Cooked(0, 1));
        MenuSearch.Found found = MenuSearch.of(problem, 3, 20_000, (spent, total) -> false);
        assertThat(found.choices()).startsWith(new Cooked(0, 0), new Cooked(0, 1));
        assertThat(MenuCheck.of(problem, found.choices(), MONDAY)).isEmpty();
        MenuReasons reasons = new MenuReasons(problem, found.choices(), MONDAY, EURO);
        assertThat(reasons.meal(1)).containsExactly("decided by you");
        assertThat(reasons.swaps().of(1)).isEmpty();
        List<Choice> other = new ArrayList<>(found.choices());
        other.set(1, new Cooked(1, 1));
        assertThat(MenuCheck.of(problem, other, MONDAY))
                .singleElement()
                .satisfies(one -> assertThat(one.words()).contains("was decided and has changed"));
    }
}
