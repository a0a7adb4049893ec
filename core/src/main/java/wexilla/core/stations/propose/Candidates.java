package wexilla.core.stations.propose;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wexilla.core.food.Key;
import wexilla.core.keeping.DishKeeping;
import wexilla.core.keeping.FreezesBadly;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.KeepingRule;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Tastes;
import wexilla.core.menu.MenuKitchen;
import wexilla.core.menu.WishReader.UseBy;
import wexilla.core.plan.Eater;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.MealWords;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.Size;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;

/** The recipes a proposal looks through: of thousands, those that use what must go and those cooked and liked most. */
public final class Candidates {

    /** More recipes than this are not looked through. */
    private static final int MOST = Trade.whole("menu.most-recipes");

    /** Of these, how many may be there for what must be used alone. */
    private static final int MOST_FOR_STOCK = MOST / 3;

    /** Cookings of a recipe at once, at most. */
    private static final int MOST_TIMES = 3;

    /**
     * What thousands of recipes are chosen by before any is read whole.
     *
     * @param foods keys of the foods that go in, {@code named} what its lines call them
     */
    public record Head(UUID id, String title, List<String> tags, List<String> foods, List<String> named) {}

    private Candidates() {}

    /**
     * Every recipe for a meal that says what goes in; where there are very many, first those that use most of what must be
     * used soon or is wished to be used, then those liked and cooked most. In the order they are looked through.
     *
     * @param standing of the plan that is there: they stay in it
     */
    public static Set<UUID> chosen(
            Kitchen now, List<Head> all, Wishing wishing, Tastes liked, Collection<UUID> standing) {
        List<Head> heads = all.stream()
                .filter(head -> Arrays.stream(MealOfDay.values())
                        .anyMatch(meal -> MealWords.suits(meal, head.title(), head.tags())))
                .sorted(Comparator.comparing((Head head) -> -liked.likes(head.id()))
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
                    heads.stream().collect(Collectors.toMap(Head::id, head -> uses(head, soon, wishing)));
            heads.stream()
                    .filter(head -> uses.getOrDefault(head.id(), 0) > 0)
                    .sorted(Comparator.comparing((Head head) -> -uses.getOrDefault(head.id(), 0)))
                    .limit(MOST_FOR_STOCK)
                    .forEach(head -> chosen.add(head.id()));
        }
        heads.stream()
                .map(Head::id)
                .filter(id -> !chosen.contains(id))
                .limit(Math.max(0, MOST - chosen.size()))
                .toList()
                .forEach(chosen::add);
        return heads.stream()
                .map(Head::id)
                .filter(chosen::contains)
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private static int uses(Head head, Set<String> soon, Wishing wishing) {
        long wished = wishing.wishes().stream()
                .filter(UseBy.class::isInstance)
                .filter(wish -> head.named().stream().anyMatch(name -> Wishing.named(name, ((UseBy) wish).food())))
                .count();
        return (int) (head.foods().stream().filter(soon::contains).count() + 100 * wished);
    }

    /**
     * A recipe as the plan sees it. A batch is no more than its vessel takes, but one meal is cooked in as many as it needs.
     *
     * @param table portions of the largest meal
     */
    static MenuKitchen.Candidate candidate(Kitchen now, Written stored, Tastes liked, LocalDate from, int table) {
        Recipe recipe = stored.recipe();
        Sized once = Sized.of(recipe, Size.AS_WRITTEN, now.measures());
        KeepingGuide guide = now.guide();
        String keeping = DishKeeping.of(DishKeeping.Dish.of(once, Style.COOKED, List.of(), from), guide)
                .keepingClass();
        KeepingRule rule = guide.rule(keeping);
        return new MenuKitchen.Candidate(
                once,
                Sized.of(recipe, Size.of(Rational.of(2)), now.measures()),
                rule.fridge() == null ? 0 : rule.fridge().to(),
                guide.freezes(keeping) && !FreezesBadly.is(recipe.title(), Eater.foods(recipe)),
                liked.likes(stored.id()),
                liked.untried(stored.id()),
                Math.max(table, now.home().pots().most(recipe, MOST_TIMES)));
    }
}
