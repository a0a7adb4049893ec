package wexilla.app.plan;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Snapshot;
import wexilla.app.recipes.Recipes;
import wexilla.core.food.Key;
import wexilla.core.keeping.DishKeeping;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.KeepingRule;
import wexilla.core.kitchen.Household;
import wexilla.core.kitchen.Tastes;
import wexilla.core.kitchen.Written;
import wexilla.core.menu.MenuKitchen;
import wexilla.core.menu.WishReader.UseBy;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.MealWords;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.Size;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;

/** The recipes a proposal looks through: of thousands, those that use what must go and those cooked and liked most. */
@Component
class MenuDishes {

    /** More recipes than this are not looked through. */
    private static final int MOST = Trade.whole("menu.most-recipes");

    /** Of these, how many may be there for what must be used alone. */
    private static final int MOST_FOR_STOCK = MOST / 3;

    private final Recipes recipes;
    private final Reference reference;

    MenuDishes(Recipes recipes, Reference reference) {
        this.recipes = recipes;
        this.reference = reference;
    }

    /**
     * Every recipe for a meal that says what goes in; where there are very many, first those that use most of what must be
     * used soon or is wished to be used, then those liked and cooked most. Only the chosen ones are read whole.
     *
     * @param standing of the plan that is there: they stay in it
     */
    List<Written> chosen(Snapshot now, MenuWishing wishing, Tastes liked, Collection<UUID> standing) {
        List<Recipes.Head> heads = recipes.heads(now.household()).stream()
                .filter(head -> Arrays.stream(MealOfDay.values())
                        .anyMatch(meal -> MealWords.suits(meal, head.title(), head.tags())))
                .sorted(Comparator.comparing((Recipes.Head head) -> -liked.likes(head.id()))
                        .thenComparing(head -> -liked.cooked().getOrDefault(head.id(), 0)))
                .toList();
        Set<UUID> chosen = new HashSet<>(standing);
        Stream.concat(wishing.kept().stream(), wishing.before().stream())
                .flatMap(choice -> Stream.ofNullable(choice.recipe()))
                .forEach(chosen::add);
        if (heads.size() > MOST) {
            Set<String> soon =
                    now.supply().soon(now.today()).stream().map(Key::id).collect(Collectors.toSet());
            Map<UUID, Integer> uses =
                    heads.stream().collect(Collectors.toMap(Recipes.Head::id, head -> uses(head, soon, wishing)));
            heads.stream()
                    .filter(head -> uses.getOrDefault(head.id(), 0) > 0)
                    .sorted(Comparator.comparing((Recipes.Head head) -> -uses.getOrDefault(head.id(), 0)))
                    .limit(MOST_FOR_STOCK)
                    .forEach(head -> chosen.add(head.id()));
        }
        heads.stream()
                .map(Recipes.Head::id)
                .filter(id -> !chosen.contains(id))
                .limit(Math.max(0, MOST - chosen.size()))
                .toList()
                .forEach(chosen::add);
        Map<UUID, Written> read = recipes.currents(now, chosen);
        return heads.stream()
                .flatMap(head -> Stream.ofNullable(read.get(head.id())))
                .toList();
    }

    private static int uses(Recipes.Head head, Set<String> soon, MenuWishing wishing) {
        long wished = wishing.wishes().stream()
                .filter(UseBy.class::isInstance)
                .filter(wish -> head.named().stream().anyMatch(name -> MenuWishing.named(name, ((UseBy) wish).food())))
                .count();
        return (int) (head.foods().stream().filter(soon::contains).count() + 100 * wished);
    }

    /** A recipe as the plan sees it. */
    MenuKitchen.Candidate candidate(Snapshot now, Written stored, Tastes liked, LocalDate from) {
        Recipe recipe = stored.recipe();
        Household household = now.household();
        Sized once = Sized.of(recipe, Size.AS_WRITTEN, household.measures());
        KeepingGuide guide = reference.keeping(household);
        String keeping = DishKeeping.of(DishKeeping.Dish.of(once, Style.COOKED, List.of(), from), guide)
                .keepingClass();
        KeepingRule rule = guide.rule(keeping);
        return new MenuKitchen.Candidate(
                once,
                Sized.of(recipe, Size.of(Rational.of(2)), household.measures()),
                rule.fridge() == null ? 0 : rule.fridge().to(),
                guide.freezes(keeping),
                liked.likes(stored.id()),
                liked.untried(stored.id()));
    }
}
