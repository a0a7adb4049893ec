package wexilla.app.recipes;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import wexilla.app.onhand.Snapshot;
import wexilla.app.recipes.Book.Figure;
import wexilla.app.recipes.Book.Filter;
import wexilla.app.recipes.RecipeViews.BookView;
import wexilla.app.recipes.RecipeViews.RecipeCard;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.facts.Known;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Household;
import wexilla.core.plan.Eater;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.pricing.Work;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.steps.StepTime;

/** The cards of the book: those that are shown are costed with what is there now. */
@Component
class Cards {

    private static final int PAGE = 30;

    private final Recipes recipes;
    private final Book book;

    Cards(Recipes recipes, Book book) {
        this.recipes = recipes;
        this.book = book;
    }

    /** @param page from 0 */
    BookView of(Snapshot now, Filter filter, Book.Sort sort, int page) {
        CostSheet.Known known = now.costs();
        Set<Key> there = known.supply().there(known.day());
        List<Key> soon = known.supply().soon(known.day());
        Book.Stocked stocked = new Book.Stocked(
                there.stream().map(Key::id).toList(), soon.stream().map(Key::id).toList());
        Book.Page found = book.find(now.household(), filter, stocked, sort, page * PAGE, PAGE);
        Map<UUID, Written> stored = recipes.currents(
                now, found.figures().stream().map(Figure::recipe).toList());
        List<RecipeCard> cards = new ArrayList<>();
        for (Figure figure : found.figures()) {
            Recipe recipe = Objects.requireNonNull(stored.get(figure.recipe())).recipe();
            List<String> look = look(recipe, filter, now.household());
            cards.add(card(Objects.requireNonNull(stored.get(figure.recipe())), figure, known, there, soon, look));
        }
        List<RecipeCard> shown = sort == Book.Sort.COST ? cheapestFirst(cards) : cards;
        return new BookView(found.total(), found.found(), found.proven(), PAGE, shown);
    }

    /** Whose packs must be looked at before it can be said to be without what is asked. */
    private static List<String> look(Recipe recipe, Filter filter, Household household) {
        Predicate<Food> proven = food -> (filter.diet() == null || filter.diet().against(food) == Known.WITHOUT)
                && filter.without().stream()
                        .allMatch(one -> food.traits().contents().of(one, household.country()) == Known.WITHOUT);
        return filter.asks()
                ? Eater.foods(recipe).stream()
                        .filter(proven.negate())
                        .map(Food::name)
                        .distinct()
                        .toList()
                : List.of();
    }

    /** By what they cost now, on this page; what cannot be summed comes after what can. */
    private static List<RecipeCard> cheapestFirst(List<RecipeCard> cards) {
        return cards.stream()
                .sorted(Comparator.comparing((RecipeCard card) -> !card.cost().complete())
                        .thenComparing(Cards::cost)
                        .thenComparing(RecipeCard::title))
                .toList();
    }

    private static BigDecimal cost(RecipeCard card) {
        String portion = card.cost().perPortion();
        return portion == null ? BigDecimal.ZERO : new BigDecimal(portion);
    }

    private static RecipeCard card(
            Written stored, Figure figure, CostSheet.Known known, Set<Key> there, List<Key> soon, List<String> look) {
        Recipe recipe = stored.recipe();
        Sized sized = Sized.asWritten(recipe, known.measures());
        CostSheet sheet = CostSheet.of(Wanted.of(sized), known);
        StepTime work = Work.of(sized, sheet.lines()).left();
        Map<Key, String> foods = recipe.withMade().stream()
                .flatMap(line -> line.read().knownFood().stream())
                .collect(Collectors.toMap(Food::key, Food::name, (a, b) -> a));
        return new RecipeCard(
                stored.id().toString(),
                recipe.title(),
                recipe.portions(),
                figure.lines(),
                figure.steps(),
                work.handsMin(),
                work.minutes(),
                List.copyOf(recipe.styles()),
                stored.about().tags(),
                figure.said().liked(),
                figure.said().refused(),
                figure.said().waiting(),
                (int) foods.keySet().stream().filter(there::contains).count(),
                soon.stream()
                        .filter(foods::containsKey)
                        .map(key -> Objects.requireNonNull(foods.get(key)))
                        .toList(),
                look,
                RecipeViews.cost(sheet, recipe.portions()));
    }
}
