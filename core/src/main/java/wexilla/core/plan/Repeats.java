package wexilla.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import wexilla.core.plan.PlannedMeal.Cook;
import wexilla.core.plan.PlannedMeal.Dish;
import wexilla.core.plan.PlannedMeal.FromStock;
import wexilla.core.quantity.Trade;

/**
 * What comes again too soon for somebody: a protein twice a day or on following days, a dish within some days, leftovers on following
 * days. What was cooked once and is eaten twice is one dish, so its protein is no repeat of itself.
 *
 * <p>Source: handbook, sections 5 and 11; the days between are our own definition.
 */
public final class Repeats {

    /** Days a dish is not wanted again. */
    public static final int DAYS = Trade.whole("plan.same-dish-days");

    private Repeats() {}

    /** The same protein on the same day, or the day before. @param days between: 0 or 1 */
    record SameProtein(LocalDate day, String subject, int days) implements Judgement {
        @Override
        public PlanRule rule() {
            return PlanRule.VARIETY;
        }

        @Override
        public int weight() {
            return days == 0 ? 30 : 15;
        }

        @Override
        public Remark remark() {
            return Remark.hint(days == 0 ? subject + " twice that day" : subject + " the evening before too");
        }
    }

    /** The same dish not long ago. @param leftovers whether it is of the same cooking; @param last when it was eaten */
    record SameDish(LocalDate day, String subject, boolean leftovers, LocalDate last) implements Judgement {
        @Override
        public PlanRule rule() {
            return PlanRule.VARIETY;
        }

        @Override
        public int weight() {
            return leftovers ? 8 : 12;
        }

        @Override
        public Remark remark() {
            return Remark.hint(
                    last.equals(day)
                            ? subject + " twice that day"
                            : leftovers
                                    ? subject + " again the day after: leftovers keep better company every other day"
                                    : subject + " already on " + Remark.day(last));
        }
    }

    /** What of the meal at this place was eaten too lately, at the meals before it or before them all. */
    static List<Judgement> of(List<PlannedMeal> meals, List<PlannedMeal> eaten, int at) {
        PlannedMeal meal = meals.get(at);
        List<Judgement> found = new ArrayList<>();
        Set<String> told = new TreeSet<>();
        Set<String> own = new LinkedHashSet<>(meal.proteins());
        for (int before = at - 1; before >= -eaten.size(); before--) {
            PlannedMeal earlier = before < 0 ? eaten.get(eaten.size() + before) : meals.get(before);
            int days = (int) ChronoUnit.DAYS.between(earlier.day(), meal.day());
            if (days > DAYS) {
                break;
            }
            for (int i = 0; i < meal.dishes().size(); i++) {
                Dish dish = meal.dishes().get(i);
                for (int j = 0; j < earlier.dishes().size(); j++) {
                    Dish other = earlier.dishes().get(j);
                    boolean batch = sameCooking(dish, other);
                    boolean again = dish.name().equalsIgnoreCase(other.name())
                            && main(dish)
                            && main(other)
                            && somebody(meal.eatersOf(i), earlier.eatersOf(j));
                    if (again && (!batch || days <= 1) && told.add(dish.name().toLowerCase(Locale.ROOT))) {
                        found.add(new SameDish(meal.day(), dish.name(), batch, earlier.day()));
                    }
                    if (again && batch) {
                        own.removeAll(PlannedMeal.proteins(PlannedMeal.foods(dish)));
                    }
                }
            }
            if (days <= 1 && somebody(meal.eaters(), earlier.eaters())) {
                Set<String> same = new TreeSet<>(earlier.proteins());
                same.retainAll(own);
                same.forEach(protein -> found.add(new SameProtein(meal.day(), protein, days)));
                own.removeAll(same);
            }
        }
        return found;
    }

    /** Whether somebody eats of both; nobody written down is everybody. */
    public static boolean somebody(List<Eater> here, List<Eater> there) {
        return here.isEmpty()
                || there.isEmpty()
                || here.stream()
                        .anyMatch(one ->
                                there.stream().anyMatch(other -> other.name().equals(one.name())));
    }

    private static boolean main(Dish dish) {
        return dish instanceof Cook || dish instanceof FromStock;
    }

    /** Both taken from one batch. */
    private static boolean sameCooking(Dish one, Dish other) {
        return one instanceof FromStock first
                && other instanceof FromStock second
                && first.key().equals(second.key());
    }
}
