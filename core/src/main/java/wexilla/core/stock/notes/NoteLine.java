package wexilla.core.stock.notes;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.book.State;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;

/**
 * A line of a stock note as understood: so many equal containers of a food or a cooked dish.
 *
 * @param count containers, each of which becomes a lot
 * @param each what one holds; null when no amount was written ("flour": have some). For a dish, portions
 * @param food null when the book does not know it, or when it is a dish
 * @param state how it is said to be: cooked, frozen, opened; null when nothing was said
 * @param about what else was written: "bone in", "for the weekend"
 * @param price of all containers together, or null
 * @param shop where it was bought; null when nobody said
 * @param since the days that were said of it
 * @param dish true for "2 bolognese for 6"
 * @param asks what must be asked, in the cook's words
 */
public record NoteLine(
        String text,
        int count,
        @Nullable Amount each,
        String foodName,
        @Nullable Food food,
        @Nullable State state,
        String about,
        @Nullable Money price,
        @Nullable String shop,
        Since since,
        boolean dish,
        List<String> asks) {

    public NoteLine {
        asks = List.copyOf(asks);
    }

    /** The same with a price, and what must be asked about it. */
    NoteLine paying(Money share, String ask) {
        List<String> all = new ArrayList<>(asks);
        all.add(ask);
        return new NoteLine(text, count, each, foodName, food, state, about, share, shop, since, dish, all);
    }

    /** Something bought just now, with its price. */
    public static NoteLine bought(
            String text, int count, @Nullable Amount each, Food food, @Nullable Money price, @Nullable String shop) {
        return new NoteLine(
                text, count, each, food.name(), food, null, "", price, shop, Since.UNSAID, false, List.of());
    }
}
