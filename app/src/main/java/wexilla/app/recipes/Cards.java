package wexilla.app.recipes;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Snapshot;
import wexilla.app.platform.Household;
import wexilla.app.recipes.RecipeViews.RecipeCard;
import wexilla.core.food.Food;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.pricing.Work;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.StepGear;
import wexilla.core.recipe.StepTime;
import wexilla.core.stock.OpenLot;

/** The cards of the book: what it shows of each recipe, and finds it by. */
@Component
class Cards {

    private static final int SOON_DAYS = 7;

    private final Recipes recipes;
    private final Reference reference;
    private final NextTimes nextTimes;
    private final JdbcClient db;

    Cards(Recipes recipes, Reference reference, NextTimes nextTimes, JdbcClient db) {
        this.nextTimes = nextTimes;
        this.recipes = recipes;
        this.reference = reference;
        this.db = db;
    }

    /** @param liked mean of 0 to 2 in tenths; @param refused how often somebody would not eat it */
    private record Rating(UUID recipe, @Nullable Integer liked, int refused) {}

    List<RecipeCard> of(Snapshot now) {
        Household household = now.household();
        CostSheet.Known known = now.costs();
        Map<UUID, Rating> ratings = ratings(household);
        Map<UUID, Integer> waiting = nextTimes.waiting(household);
        return recipes.all(now).stream()
                .map(stored -> card(stored, known, ratings.get(stored.id()), waiting.getOrDefault(stored.id(), 0)))
                .toList();
    }

    private Map<UUID, Rating> ratings(Household household) {
        return db.sql("""
                        select d.recipe, round(avg(r.liked) filter (where r.liked >= 0) * 10)::int as liked,
                            count(*) filter (where r.liked < 0)::int as refused
                        from rating r
                        join meal_dish d on d.household_id = r.household_id and d.slot = r.slot and d.pos = r.pos
                        where r.household_id = ? and d.recipe is not null group by d.recipe""").params(household.id()).query(Rating.class).list().stream()
                .collect(Collectors.toMap(Rating::recipe, Function.identity()));
    }

    private RecipeCard card(Recipes.Stored stored, CostSheet.Known known, @Nullable Rating rating, int waiting) {
        Recipe recipe = stored.recipe();
        List<RecipeLine> all = recipe.withMade();
        Sized sized = Sized.asWritten(recipe, known.measures());
        CostSheet sheet = CostSheet.of(Wanted.of(sized.lines()), known);
        StepTime work = Work.of(sized, sheet.lines()).left();
        List<Food> foods = all.stream()
                .map(line -> line.read().food())
                .filter(Objects::nonNull)
                .toList();
        List<Food> proteins = foods.stream()
                .filter(food -> !food.traits().protein().isEmpty())
                .toList();
        return new RecipeCard(
                stored.id().toString(),
                recipe.title(),
                recipe.portions(),
                recipe.lines().size(),
                recipe.steps().size(),
                work.handsMin(),
                work.minutes(),
                List.copyOf(recipe.styles()),
                names(recipe),
                stored.about().tags(),
                stored.about().note(),
                distinct(proteins.stream().map(food -> food.traits().protein())),
                distinct(proteins.stream()
                        .map(food ->
                                reference.keeping().rule(food.keepingClass()).name())),
                foods.stream()
                        .flatMap(food -> food.traits().allergens().stream())
                        .distinct()
                        .sorted()
                        .toList(),
                foods.size() == all.size() && foods.stream().allMatch(Food::described),
                List.copyOf(recipe.diets()),
                recipe.steps().stream()
                        .map(step -> StepGear.read(step.text()).kind())
                        .filter(kind -> kind != StepGear.Kind.HANDS)
                        .distinct()
                        .sorted()
                        .toList(),
                rating == null ? null : rating.liked(),
                rating == null ? 0 : rating.refused(),
                waiting,
                (int) foods.stream()
                        .distinct()
                        .filter(food ->
                                !known.supply().usable(food.key(), known.day()).isEmpty())
                        .count(),
                usesUp(foods, known),
                RecipeViews.cost(sheet, recipe.portions()));
    }

    private static List<String> names(Recipe recipe) {
        return distinct(Stream.concat(recipe.lines().stream(), recipe.withMade().stream())
                .map(line -> line.read().foodName()));
    }

    private static List<String> distinct(Stream<String> words) {
        Set<String> kept = words.collect(Collectors.toCollection(LinkedHashSet::new));
        return List.copyOf(kept);
    }

    /** Foods of it that should be used within the week, the first to expire first. */
    private static List<String> usesUp(List<Food> foods, CostSheet.Known known) {
        LocalDate day = known.day();
        Map<String, LocalDate> soon = new LinkedHashMap<>();
        for (Food food : foods) {
            known.supply().usable(food.key(), day).stream()
                    .map(OpenLot::keepBy)
                    .filter(date -> date != null && !date.isAfter(day.plusDays(SOON_DAYS)))
                    .min(LocalDate::compareTo)
                    .ifPresent(date -> soon.putIfAbsent(food.name(), date));
        }
        List<Map.Entry<String, LocalDate>> byDay = new ArrayList<>(soon.entrySet());
        byDay.sort(Map.Entry.comparingByValue());
        return byDay.stream().map(Map.Entry::getKey).toList();
    }
}
