package wexilla.core.stock;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;

/**
 * A line of a stock note as understood: so many equal containers of a food or a cooked dish.
 *
 * @param count containers, each of which becomes a lot
 * @param each what one holds; null when no amount was written ("flour": have some). For a dish, portions
 * @param food null when the book does not know it, or when it is a dish
 * @param about what else was written: "bone in", "for the weekend"
 * @param price of all containers together, or null
 * @param date since when it is there, or null for today
 * @param dish true for "2 bolognese for 6"
 */
public record NoteLine(
        String text,
        int count,
        @Nullable Amount each,
        String foodName,
        @Nullable Food food,
        String about,
        @Nullable Money price,
        @Nullable LocalDate date,
        boolean dish) {}
