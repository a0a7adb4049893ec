package wexilla.core.food;

/**
 * What stock is found by and a line may want. A food, a dish of the book whichever batch of it is there, or one batch as
 * it was cooked.
 */
public sealed interface Key {

    /** Of whoever made it; unique within its kind. */
    String id();

    /** A food: its reference slug, or the household's own id. */
    record OfFood(String id) implements Key {}

    /** A dish of the book, by its recipe: "3 portions onion base" is met by any batch of it. */
    record OfDish(String id) implements Key {}

    /** One batch as it was cooked. */
    record OfBatch(String id) implements Key {}

    static Key food(String id) {
        return new OfFood(id);
    }

    static Key dish(String recipe) {
        return new OfDish(recipe);
    }

    static Key batch(String id) {
        return new OfBatch(id);
    }
}
