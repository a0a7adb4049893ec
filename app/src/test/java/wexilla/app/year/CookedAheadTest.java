package wexilla.app.year;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.kitchen.Answer;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.DishKind;
import wexilla.core.kitchen.Meal.Kind;
import wexilla.core.kitchen.Planned;
import wexilla.core.kitchen.Refused;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Person;
import wexilla.core.people.Appetite;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;
import wexilla.core.shopping.Needs.Met;
import wexilla.core.stations.plan.Deciding;
import wexilla.core.stations.plan.Looked;
import wexilla.core.stations.plan.Mending;
import wexilla.core.stations.plan.Moving;
import wexilla.core.stations.plan.Moving.At;
import wexilla.core.stations.plan.Seeing;

/**
 * Over random weeks decided by hand: a pot that is cooked ahead is as large as its meals and is cooked before them, nobody
 * eats of what is not cooked, and of every food exactly what the cookings take is bought or taken.
 */
class CookedAheadTest {

    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
    private static final int DAYS = 10;

    @ParameterizedTest
    @CsvSource({"FAMILY,1", "COUPLE,2", "SHARED,3"})
    void potsFollowTheirMeals(MadeHouse.Kind kind, long seed) {
        for (long more = 0; more < 12; more++) {
            new Week(new MadeHouse(seed * 100 + more, kind, DAY), new Random(seed * 100 + more)).live();
        }
    }

    private static final class Week {
        private final MadeHouse house;
        private final Random random;
        private Kitchen kitchen;

        Week(MadeHouse house, Random random) {
            this.house = house;
            this.random = random;
            Map<UUID, Written> book = new HashMap<>();
            MadeHouse.recipes().forEach(written -> book.put(written.id(), written));
            Kitchen empty = house.kitchen(DAY);
            this.kitchen = empty.with(empty.home(), new Planned(List.of(), Map.of(), book, Map.of(), List.of()));
        }

        void live() {
            int done = 0;
            for (int step = 0; step < 25; step++) {
                Answer answer;
                try {
                    answer = act();
                } catch (Refused refused) {
                    assertThat(refused.words()).isNotBlank();
                    continue;
                }
                kitchen = kitchen.after(answer.changes());
                holds(answer.words());
                done++;
            }
            assertThat(done).isGreaterThan(1);
        }

        private Answer act() {
            At at = at();
            return switch (random.nextInt(5)) {
                case 0 -> new Moving(kitchen, house.habits(), house::id).move(at, at());
                case 1 -> new Mending(kitchen, house.habits(), house::id).mend(at, new Mending.Leave());
                case 2 -> deciding().put(at, batch());
                default -> decide(at);
            };
        }

        private Deciding deciding() {
            return new Deciding(kitchen, DAY, house.habits(), house::id);
        }

        private At at() {
            return new At(DAY.plusDays(random.nextInt(DAYS)), MealOfDay.DINNER);
        }

        private UUID batch() {
            List<UUID> pots = new ArrayList<>(kitchen.planned().batches().keySet());
            return pots.isEmpty() ? house.id() : pots.get(random.nextInt(pots.size()));
        }

        private Answer decide(At at) {
            List<UUID> people = kitchen.home().people().stream().map(Person::id).toList();
            List<UUID> here = people.subList(0, 1 + random.nextInt(people.size()));
            Written written =
                    MadeHouse.recipes().get(random.nextInt(MadeHouse.recipes().size()));
            Deciding.Ahead ahead = random.nextBoolean()
                    ? new Deciding.Ahead(DAY.plusDays(random.nextInt(DAYS)), Style.COOKED, List.of(at(), at()), null)
                    : null;
            boolean named = random.nextBoolean();
            Deciding.Wanted dish = new Deciding.Wanted(
                    named ? null : written.id(),
                    null,
                    named ? written.recipe().title().toUpperCase(java.util.Locale.ROOT) : "",
                    null,
                    List.of(),
                    false,
                    ahead);
            PlannedMeal.When when = new PlannedMeal.When(at.day(), at.meal(), LocalTime.of(18, 30), null, 45);
            return deciding()
                    .decide(new Deciding.Decided(
                            when, Kind.COOK, false, "", here, List.of(), List.of(dish), List.of()));
        }

        private void holds(String words) {
            Seeing seeing = new Seeing(kitchen);
            Map<UUID, Rational> eaten = new HashMap<>();
            for (Meal meal : kitchen.planned().meals()) {
                List<PlannedMeal.Dish> seen = seeing.of(meal).dishes();
                for (int i = 0; i < seen.size(); i++) {
                    Meal.Dish dish = meal.dishes().get(i);
                    if (dish.kind() == DishKind.BATCH) {
                        Batch batch = kitchen.planned().batches().get(dish.of());
                        assertThat(batch).as(words).isNotNull();
                        eaten.merge(
                                Objects.requireNonNull(dish.of()),
                                ((PlannedMeal.FromStock) seen.get(i)).portions(),
                                Rational::plus);
                    }
                }
            }
            kitchen.planned().batches().forEach((id, batch) -> {
                assertThat(eaten).as(words + ": somebody eats of it").containsKey(id);
                assertThat(batch.portions())
                        .as(words)
                        .isEqualTo(Appetite.cooked(Objects.requireNonNull(eaten.get(id))));
            });
            balances(words);
        }

        /** What is lacking of each food is what all cookings take of it, each cooking once. */
        private void balances(String words) {
            Looked looked = Looked.of(kitchen, DAY.plusDays(DAYS));
            Map<Key, Rational> taken = new HashMap<>();
            for (Batch batch : kitchen.planned().batches().values()) {
                batch.sized(kitchen.measures()).ifPresent(sized -> add(taken, sized.goesIn(batch.style())));
            }
            Seeing seeing = new Seeing(kitchen);
            for (Meal meal : kitchen.planned().meals()) {
                for (PlannedMeal.Dish dish : seeing.of(meal).dishes()) {
                    if (dish instanceof PlannedMeal.Cook cook) {
                        add(taken, cook.sized().lines());
                    } else if (dish instanceof PlannedMeal.FromStock stock) {
                        // what is held back is added on the night, for those who eat
                        add(taken, stock.add());
                    }
                }
            }
            Map<Key, Rational> bought = new HashMap<>();
            for (Met met : looked.check().needs().met()) {
                if (met.lacking() != null && met.want().food() != null) {
                    bought.merge(met.want().key(), met.lacking().value(), Rational::plus);
                }
            }
            // what is never short, like salt, is not on the list; what nobody can weigh is listed by the pack
            bought.keySet().retainAll(taken.keySet());
            bought.forEach((food, list) -> {
                Rational apart = list.minus(Objects.requireNonNull(taken.get(food)));
                assertThat(apart.signum() < 0 ? apart.negated() : apart)
                        .as(words + ": " + food)
                        .isLessThan(Rational.of(1, 1000));
            });
            assertThat(bought.isEmpty()).as(words).isEqualTo(taken.isEmpty());
        }

        private void add(Map<Key, Rational> taken, List<Sized.Line> lines) {
            for (Sized.Line line : lines) {
                Food food = line.read().food();
                Amount most = line.wanted();
                if (food != null
                        && most != null
                        && Conversion.convert(food, most, food.base(), kitchen.measures())
                                instanceof Conversion.Converted converted) {
                    taken.merge(food.key(), converted.amount().value(), Rational::plus);
                }
            }
        }
    }
}
