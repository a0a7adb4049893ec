package wexilla.core.menu;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.core.menu.MenuProblem.Choice;
import wexilla.core.menu.MenuProblem.Cooked;
import wexilla.core.menu.MenuProblem.Lot;
import wexilla.core.menu.MenuProblem.Packet;
import wexilla.core.pricing.PackTable;

/** What cookings take from stock: nothing appears, nothing is lost, nothing is taken past its day, and as much as can be. */
class MenuStockTest {

    private static List<Choice> anyPlan(MenuProblem problem, Random random) {
        List<Choice> choices = new ArrayList<>();
        problem.meals()
                .forEach(meal -> choices.add(new Cooked(
                        random.nextInt(problem.dishes().size()), Math.max(0, meal.day() - random.nextInt(3)))));
        return choices;
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void nothingAppearsAndNothingIsLost(long seed) {
        Random random = new Random(seed);
        MenuProblem problem = Menus.of(seed, new Menus.Size(14, 2, 30, 15, 4), MenuWishes.CHEAP);
        for (int i = 0; i < 40; i++) {
            List<MenuCooking> cookings = MenuCooking.all(problem, anyPlan(problem, random));
            for (int food = 0; food < problem.foods().size(); food++) {
                MenuStock stock = MenuStock.of(problem, cookings, food);
                Map<Lot, Long> taken = new HashMap<>();
                for (MenuStock.Need need : stock.needs()) {
                    long given = 0;
                    for (MenuStock.Take take : need.takes()) {
                        assertThat(take.amount()).isPositive();
                        assertThat(take.lot().on(need.cooking().of().day())).isTrue();
                        taken.merge(take.lot(), take.amount(), Long::sum);
                        given += take.amount();
                    }
                    int own = food;
                    long each = need.cooking().dish(problem).uses().stream()
                            .filter(use -> use.food() == own)
                            .mapToLong(MenuProblem.Use::each)
                            .sum();
                    long wanted = MenuWeights.need(each, need.cooking().plates());
                    assertThat(wanted - given - need.carried() - need.bought())
                            .as("met, or so little short that nobody buys a pack for it")
                            .isBetween(0L, need.bought() == 0 ? wanted / 100 : 0);
                    boolean more = stock.left().stream()
                            .anyMatch(left -> left.amount() > 0
                                    && left.lot().on(need.cooking().of().day()));
                    assertThat(more && need.bought() > 0)
                            .as("bought although some is there")
                            .isFalse();
                }
                packs(problem.foods().get(food), stock);
                stock.left()
                        .forEach(left -> assertThat(left.amount() + taken.getOrDefault(left.lot(), 0L))
                                .isEqualTo(left.lot().amount()));
            }
        }
    }

    /** What is bought in packs is cooked, taken from a later trip's need, or left. */
    private static void packs(MenuProblem.Food food, MenuStock stock) {
        if (food.packs().isEmpty()) {
            return;
        }
        PackTable table = new PackTable(food.packs());
        long over = 0;
        for (MenuStock.Trip trip : stock.trips()) {
            assertThat(trip.cost()).isEqualTo(table.cost(trip.need()));
            over += Math.max(0, table.bought(trip.need()) - trip.need());
        }
        long later = stock.needs().stream().mapToLong(MenuStock.Need::carried).sum();
        long left = stock.spare().stream().mapToLong(MenuStock.Spare::amount).sum();
        long needed = stock.trips().stream().mapToLong(MenuStock.Trip::need).sum();
        long bought = stock.needs().stream().mapToLong(MenuStock.Need::bought).sum();
        long besides =
                food.besides().stream().mapToLong(MenuProblem.Besides::amount).sum();
        assertThat(needed + over).isEqualTo(bought + besides + later + left);
    }

    /** Each cooking is as large as the meals that eat of it, rounded up to whole portions, and each meal eats of one. */
    @ParameterizedTest
    @ValueSource(longs = {6, 7, 8})
    void aCookingIsAsLargeAsItsMeals(long seed) {
        Random random = new Random(seed);
        MenuProblem problem = Menus.of(seed, new Menus.Size(21, 2, 12, 5, 4), MenuWishes.EASY);
        List<MenuCooking> cookings = MenuCooking.all(problem, anyPlan(problem, random));
        int meals = 0;
        for (MenuCooking cooking : cookings) {
            int eaten = cooking.meals().stream()
                    .mapToInt(meal -> problem.meals().get(meal).plates())
                    .sum();
            assertThat(cooking.plates() % 100).isZero();
            assertThat(cooking.plates() - eaten).isBetween(0, 99);
            meals += cooking.meals().size();
            int fresh = cooking.fresh(problem);
            if (fresh != MenuProblem.NONE) {
                assertThat(problem.meals().get(fresh).day())
                        .isEqualTo(cooking.of().day());
            }
        }
        assertThat(meals).isEqualTo(problem.meals().size());
    }

    /** A packet: what is taken beyond it is missing, what is left past its limit is lost, past its best half of it. */
    @ParameterizedTest
    @ValueSource(ints = {0, 100, 250, 400, 900})
    void aPacket(int taken) {
        Packet limit = packet(3, MenuProblem.NONE);
        Packet best = packet(MenuProblem.NONE, 3);
        Packet keeps = packet(MenuProblem.NONE, 60);
        long left = Math.max(0, 400 - taken);
        assertThat(MenuStock.PacketUse.of(limit, taken, 7).wasted()).isEqualTo(left * 12_000 / 100);
        assertThat(MenuStock.PacketUse.of(best, taken, 7).wasted()).isEqualTo(left * 12_000 / 200);
        assertThat(MenuStock.PacketUse.of(keeps, taken, 7).wasted()).isZero();
        assertThat(MenuStock.PacketUse.of(keeps, taken, 7).kept()).isEqualTo(Math.min(taken, 400) * 12_000L / 200);
        assertThat(MenuStock.PacketUse.of(limit, taken, 7).missing()).isEqualTo(Math.max(0, taken - 400));
        // eaten up it counts nothing against the plan, whatever is wished
        if (taken == 400) {
            assertThat(MenuStock.PacketUse.of(limit, taken, 7).against(MenuWishes.CHEAP))
                    .isZero();
        }
    }

    private static Packet packet(int until, int best) {
        return new Packet("pie", java.util.Set.of(), 0, 400, 0, until, best, 5, 12_000);
    }
}
