package wexilla.core.kitchen.house;

import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.Forms;

/**
 * The foods of a household.
 *
 * @param book reference foods first, then the household's own, with its own names, measures and yields
 * @param keys of what each row is, whatever it is called
 * @param forms which foods stand in for which, by what this household weighed
 */
public record KnownFoods(FoodBook book, Map<UUID, Key> keys, Forms forms) {

    public KnownFoods {
        keys = Map.copyOf(keys);
    }

    /** @throws NullPointerException if it is a row of another household */
    public Key key(UUID row) {
        return Objects.requireNonNull(keys.get(row));
    }

    public Food food(UUID row) {
        return book.get(key(row)).orElseThrow();
    }
}
