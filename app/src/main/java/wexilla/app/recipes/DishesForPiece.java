package wexilla.app.recipes;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.onhand.Snapshot;
import wexilla.app.recipes.Book.Figure;
import wexilla.app.recipes.Book.Filter;
import wexilla.app.recipes.Book.Liked;
import wexilla.app.recipes.Book.OnHand;
import wexilla.app.recipes.Book.Stocked;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.Form;
import wexilla.core.kitchen.Written;
import wexilla.core.money.Money;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.pricing.Work;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.Size;
import wexilla.core.recipe.Sized;
import wexilla.core.stretch.PieceDish;

/** Recipes of the book that accept the form of a piece of a big buy. */
@Component
public class DishesForPiece {

    private static final int MOST = 40;

    private final Book book;
    private final Recipes recipes;
    private final JdbcClient db;

    DishesForPiece(Book book, Recipes recipes, JdbcClient db) {
        this.book = book;
        this.recipes = recipes;
        this.db = db;
    }

    /**
     * A piece.
     *
     * @param grams of it, {@code cost} of them
     * @param forms the foods a line may ask for to be met by it, with what one gram of the piece stands for
     */
    public record Wanting(Rational grams, Money cost, List<Form> forms) {}

    /** Ranked; what one plate of which needs more than the piece is left out. */
    public List<PieceDish> of(Snapshot now, Wanting piece, PieceDish.By by) {
        CostSheet.Known known = now.costs();
        Map<Key, Rational> gives =
                piece.forms().stream().collect(Collectors.toMap(Form::need, Form::gives, (a, b) -> a));
        List<Key> soon = known.supply().soon(known.day());
        List<String> wanted = gives.keySet().stream().map(Key::id).toList();
        Stocked meat = new Stocked(wanted, List.of());
        Filter accepting = new Filter("", OnHand.SOME, null, null, null, null, null, null, Liked.ALL, List.of());
        List<Figure> found = book.find(now.household(), accepting, meat, Book.Sort.TITLE, 0, MOST)
                .figures();
        Map<UUID, Written> stored =
                recipes.currents(now, found.stream().map(Figure::recipe).toList());
        Map<UUID, LocalDate> eaten = eaten(now, stored.keySet());
        List<PieceDish> dishes = new ArrayList<>();
        for (Figure figure : found) {
            Recipe recipe = Objects.requireNonNull(stored.get(figure.recipe())).recipe();
            PieceDish dish = dish(known, recipe, figure, piece, gives, soon, eaten.get(figure.recipe()));
            if (dish != null) {
                dishes.add(dish);
            }
        }
        return dishes.stream().sorted(PieceDish.order(by)).toList();
    }

    private static @Nullable PieceDish dish(
            CostSheet.Known known,
            Recipe recipe,
            Figure figure,
            Wanting piece,
            Map<Key, Rational> gives,
            List<Key> soon,
            @Nullable LocalDate eaten) {
        Rational meat = Rational.ZERO;
        for (Sized.Line line : Sized.asWritten(recipe, known.measures()).lines()) {
            meat = meat.plus(grams(line, gives, known.measures()));
        }
        Rational each = meat.dividedBy(Rational.of(recipe.portions()));
        int plates = each.isZero() ? 0 : Math.min(PieceDish.plates(piece.grams(), each), Recipe.MOST_PORTIONS);
        if (plates == 0) {
            return null;
        }
        Sized sized = Sized.of(recipe, Size.of(Rational.of(plates, recipe.portions())), known.measures());
        List<Wanted> rest = new ArrayList<>();
        Set<Key> own = new HashSet<>();
        for (Sized.Line line : sized.lines()) {
            Food food = line.read().food();
            if (food == null || !gives.containsKey(food.key())) {
                rest.add(Wanted.of(line, recipe.title()));
            }
            if (food != null) {
                own.add(food.key());
            }
        }
        CostSheet sheet = CostSheet.of(rest, known);
        return new PieceDish(
                figure.recipe().toString(),
                recipe.title(),
                plates,
                each,
                PieceDish.plate(piece.cost(), sheet.total(), plates),
                soon.stream()
                        .filter(key -> own.contains(key) && !gives.containsKey(key))
                        .map(key -> name(recipe, key))
                        .toList(),
                figure.said().liked(),
                eaten,
                Work.of(sized, CostSheet.of(Wanted.of(sized), known).lines())
                        .left()
                        .handsMin());
    }

    /** Grams of the piece a line takes; nothing where it asks for something else. */
    private static Rational grams(Sized.Line line, Map<Key, Rational> gives, Measures measures) {
        Food food = line.read().food();
        Amount amount = line.wanted();
        Rational one = food == null ? null : gives.get(food.key());
        return food != null
                        && one != null
                        && amount != null
                        && Conversion.convert(food, amount, Unit.G, measures) instanceof Conversion.Converted converted
                ? converted.amount().value().dividedBy(one)
                : Rational.ZERO;
    }

    private static String name(Recipe recipe, Key key) {
        return recipe.lines().stream()
                .flatMap(line -> line.read().knownFood().stream())
                .filter(food -> food.key().equals(key))
                .map(Food::name)
                .findFirst()
                .orElse("");
    }

    /** When these were eaten last. */
    private Map<UUID, LocalDate> eaten(Snapshot now, Set<UUID> recipes) {
        Map<UUID, LocalDate> eaten = new HashMap<>();
        db.sql("""
                        select coalesce(d.recipe, b.recipe) as recipe, max(s.day) as day from slot s
                        join meal_dish d on d.household_id = s.household_id and d.slot = s.id
                        left join batch b on b.household_id = d.household_id and b.id = d.batch
                        where s.household_id = ? and s.state in ('EATEN', 'ASSUMED')
                        and coalesce(d.recipe, b.recipe) = any (?) group by 1""").params(now.household().id(), recipes.toArray(UUID[]::new)).query(row -> {
            eaten.put(row.getObject("recipe", UUID.class), row.getObject("day", LocalDate.class));
        });
        return eaten;
    }
}
