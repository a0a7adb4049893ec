package wexilla.core;

import java.util.Arrays;
import java.util.Currency;
import java.util.List;
import wexilla.core.food.Food;
import wexilla.core.food.FoodFact;
import wexilla.core.food.Key;
import wexilla.core.food.Scaling;
import wexilla.core.food.book.FoodBook;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.AmountReader;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.lines.LineReader;

/** A small food book and short ways to write values in tests. */
public final class Samples {

    public static final Currency EURO = Currency.getInstance("EUR");

    // densities and piece weights: USDA FoodData Central, from memory
    public static final Food FLOUR = food("flour", "plain flour", Unit.G, "dry-goods", fact("1 cup", "125 g"));
    public static final Food MINCE = food("mince", "minced beef", Unit.G, "raw-mince");
    public static final Food ONION = food("onion", "onion", Unit.G, "onions", fact("1 piece", "110 g"));
    public static final Food GARLIC =
            food("garlic", "garlic", Unit.G, "onions", fact("1 clove", "3 g"), fact("1 head", "40 g"));
    public static final Food SHOULDER = food("shoulder", "pork shoulder, bone in", Unit.G, "raw-roast");
    public static final Food TOMATOES = food("tomatoes", "tinned tomatoes", Unit.G, "tins", fact("1 tin", "400 g"));
    public static final Food TOMATO = food("tomato", "tomatoes", Unit.G, "soft-vegetables");
    public static final Food BEANS = food("beans", "white beans", Unit.G, "dry-goods");
    public static final Food SALT = new Food(
            Key.food("salt"),
            "salt",
            List.of("sea salt"),
            Unit.G,
            "spices",
            true,
            Scaling.SEASONING,
            List.of(fact("1 tsp", "6 g")));

    public static final Food EGG =
            new Food(Key.food("egg"), "egg", List.of(), Unit.PIECE, "eggs", false, Scaling.WHOLE, List.of());
    public static final Food BAY = new Food(
            Key.food("bay"), "bay leaf", List.of("bay leaves"), Unit.G, "spices", true, Scaling.FIXED, List.of());

    public static final FoodBook BOOK =
            new FoodBook(List.of(FLOUR, MINCE, ONION, GARLIC, SHOULDER, TOMATOES, TOMATO, BEANS, SALT, EGG, BAY));

    private Samples() {}

    private static Food food(String key, String name, Unit base, String keeping, FoodFact... facts) {
        return new Food(Key.food(key), name, List.of(), base, keeping, false, Scaling.LINEAR, List.of(facts));
    }

    public static FoodFact fact(String from, String to) {
        return new FoodFact(amount(from), amount(to), "from memory", FoodFact.Trust.MEMORY);
    }

    public static Amount amount(String text) {
        return AmountReader.read(text).orElseThrow().quantity().max();
    }

    /** A recipe of these lines as typed, for four. */
    public static Recipe recipe(LineReader reader, String... lines) {
        List<RecipeLine> read = Arrays.stream(lines)
                .map(line -> RecipeLine.of(reader.read(line)))
                .toList();
        return new Recipe("sample", 4, read, List.of());
    }

    public static Rational ratio(long numerator, long denominator) {
        return Rational.of(numerator, denominator);
    }

    public static Money euro(String text) {
        return Money.parse(text, EURO);
    }
}
