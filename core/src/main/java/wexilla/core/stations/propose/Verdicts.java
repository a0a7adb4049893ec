package wexilla.core.stations.propose;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Tastes;
import wexilla.core.menu.MenuLately;
import wexilla.core.plan.Eater;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.MealWords;
import wexilla.core.recipe.Recipe;

/** Who would rather not eat what, and who must not. */
final class Verdicts {

    private Verdicts() {}

    /**
     * How those at this table stand to every dish and packet, as far as it is one for this meal.
     *
     * @param lately what they ate before
     */
    static List<Integer> of(
            Menu menu, Meal slot, List<Eater> eaters, Tastes liked, Wishing wishing, MenuLately lately) {
        List<Integer> against = new ArrayList<>();
        for (int i = 0; i < menu.dishes().size(); i++) {
            Written stored = menu.dishes().get(i);
            Recipe recipe = stored.recipe();
            Meant.Seen seen = menu.seen().get(i);
            boolean suits =
                    MealWords.suits(slot.meal(), recipe.title(), stored.about().tags());
            boolean without = wishing.banned(seen, slot.day());
            int verdict = suits && !without ? Eater.verdict(eaters, recipe.title(), seen.served()) : Eater.MUST_NOT;
            Set<UUID> refused = liked.refused().getOrDefault(stored.id(), Set.of());
            int no = (int) slot.people().stream().filter(refused::contains).count();
            if (verdict == Eater.MUST_NOT) {
                against.add(verdict);
                continue;
            }
            Set<String> proteins = menu.problem().dishes().get(i).proteins();
            int again = lately.against(recipe.title(), false, proteins, slot.day(), eaters);
            against.add(verdict + 2 * no + again);
        }
        for (int i = 0; i < menu.packets().size(); i++) {
            InStore.Stocked stocked = menu.packets().get(i);
            Meant.Seen seen = menu.seen().get(menu.dishes().size() + i);
            boolean without = wishing.banned(seen, slot.day());
            boolean main = slot.meal() != MealOfDay.BREAKFAST && slot.meal() != MealOfDay.SNACK;
            // somebody is at home for so long before the table: what is not warm by then is for another evening
            boolean inTime = slot.when().homeFrom() == null
                    || stocked.packet().clock() <= slot.when().clock();
            int verdict =
                    main && inTime && !without ? Eater.verdict(eaters, seen.name(), seen.served()) : Eater.MUST_NOT;
            int again = stocked.packet().dishes().stream()
                    .mapToInt(
                            name -> lately.against(name, true, stocked.packet().proteins(), slot.day(), eaters))
                    .max()
                    .orElse(0);
            against.add(verdict == Eater.MUST_NOT ? verdict : verdict + again);
        }
        return List.copyOf(against);
    }
}
