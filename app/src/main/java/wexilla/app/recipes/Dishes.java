package wexilla.app.recipes;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.onhand.Snapshot;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.FoodBook;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;

/** The recipes of the book as something another recipe asks for: "1 batch pizza dough". */
@Component
public class Dishes {

    private final JdbcClient db;
    private final Recipes recipes;

    Dishes(JdbcClient db, Recipes recipes) {
        this.db = db;
        this.recipes = recipes;
    }

    /**
     * What the lines of a recipe are read by.
     *
     * @param book foods, and behind them dishes by their titles: a name that is a food's stays with the food
     * @param dishes dishes alone, for lines that ask for portions or batches
     * @param recipes of dishes, by the keys the book has them under
     */
    public record Shelf(FoodBook book, FoodBook dishes, Function<Collection<Key>, Map<Key, Recipe>> recipes) {

        /** @throws NotAnAmount as {@link LineReader#read} */
        ReadLine read(String text) {
            ReadLine line = new LineReader(book).read(text);
            Unit unit = line.quantity() == null ? Unit.PIECE : line.quantity().unit();
            boolean cooked = unit.equals(Unit.PORTION) || unit.equals(Unit.BATCH);
            ReadLine dish = cooked ? new LineReader(dishes).read(text) : line;
            return dish.food() == null ? line : dish;
        }

        /** The recipes of those lines that ask for a dish of the book, by key. */
        Map<Key, Recipe> made(Collection<ReadLine> lines) {
            List<Key> keys = lines.stream()
                    .map(ReadLine::food)
                    .filter(food -> food != null && recipeOf(food) != null)
                    .map(Food::key)
                    .distinct()
                    .toList();
            return keys.isEmpty() ? Map.of() : recipes.apply(keys);
        }
    }

    /** The recipe a food stands for; null when it is a food. */
    public static @Nullable UUID recipeOf(Food food) {
        return food.key() instanceof Key.OfDish dish ? UUID.fromString(dish.id()) : null;
    }

    /**
     * What the lines of this recipe are read by.
     *
     * @param self the recipe they belong to: neither it nor what asks for it can go into it; null for a new one
     */
    public Shelf shelf(Snapshot now, @Nullable UUID self) {
        Household household = now.household();
        record Title(UUID id, String title, int portions) {}
        Set<UUID> above = self == null ? Set.of() : askingFor(household, self);
        List<Food> dishes = db.sql("""
                        select r.id, v.title, v.portions from recipe r
                        join recipe_version v on v.household_id = r.household_id and v.recipe = r.id
                            and v.n = r.current_version
                        where r.household_id = ? order by v.title, r.id""").params(household.id()).query(Title.class).list().stream()
                .filter(row -> !above.contains(row.id()))
                .map(row -> new Recipe(row.title(), row.portions(), List.of(), List.of())
                        .asFood(Key.dish(row.id().toString())))
                .toList();
        return new Shelf(now.book().with(dishes), new FoodBook(dishes), keys -> byKey(now, keys));
    }

    private Map<Key, Recipe> byKey(Snapshot now, Collection<Key> keys) {
        List<UUID> ids = keys.stream().map(key -> UUID.fromString(key.id())).toList();
        return recipes.currents(now, ids).values().stream()
                .collect(Collectors.toMap(stored -> Key.dish(stored.id().toString()), Written::recipe));
    }

    /** This recipe and all that ask for it, over however many others. */
    private Set<UUID> askingFor(Household household, UUID self) {
        record Use(UUID recipe, UUID uses) {}
        Map<UUID, List<UUID>> askedBy = new HashMap<>();
        db.sql("""
                        select distinct l.recipe, l.uses from recipe_line l
                        join recipe r on r.household_id = l.household_id and r.id = l.recipe
                            and r.current_version = l.n
                        where l.household_id = ? and l.uses is not null""")
                .params(household.id())
                .query(Use.class)
                .list()
                .forEach(use -> askedBy.computeIfAbsent(use.uses(), id -> new ArrayList<>())
                        .add(use.recipe()));
        Set<UUID> found = new HashSet<>();
        List<UUID> open = new ArrayList<>(List.of(self));
        while (!open.isEmpty()) {
            UUID next = open.remove(open.size() - 1);
            if (found.add(next)) {
                open.addAll(askedBy.getOrDefault(next, List.of()));
            }
        }
        return found;
    }
}
