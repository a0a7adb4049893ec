package wexilla.core.food;

import java.util.Set;

/** A way of eating. Own definition, by what each food of the reference is made of. */
public enum Diet {
    VEGETARIAN,
    VEGAN,
    /** No meat; fish is eaten. */
    NO_MEAT,
    NO_PORK;

    private static final Set<String> MEATS =
            Set.of("beef", "pork", "lamb", "chicken", "turkey", "duck", "rabbit", "venison");
    private static final Set<Allergen> OF_THE_SEA = Set.of(Allergen.FISH, Allergen.CRUSTACEANS, Allergen.MOLLUSCS);

    /**
     * Whether this food may be eaten. Of what nobody has described, and of stock of which nobody says that it is of
     * vegetables, it is not claimed.
     *
     * @param text of the line: "1 l vegetable stock"
     */
    public boolean takes(Food food, String text) {
        if (!food.described()) {
            return false;
        }
        return switch (this) {
            case VEGAN ->
                !meat(food, text)
                        && !fish(food)
                        && !food.traits().allergens().contains(Allergen.MILK)
                        && !food.traits().allergens().contains(Allergen.EGGS)
                        && !food.traits().protein().equals("eggs")
                        && !food.is(Nature.ANIMAL);
            case VEGETARIAN -> !meat(food, text) && !fish(food);
            case NO_MEAT -> !meat(food, text);
            case NO_PORK -> !food.traits().protein().equals("pork") && !food.is(Nature.PORK);
        };
    }

    /** Whether it is meat, or of meat: lard, bones. */
    public static boolean meat(Food food) {
        return food.is(Nature.MEAT)
                || food.traits().aisle().equals("meat")
                || MEATS.contains(food.traits().protein());
    }

    private static boolean meat(Food food, String text) {
        boolean unsaid = food.is(Nature.BY_KIND)
                && !text.toLowerCase(java.util.Locale.ROOT).contains("vegetable");
        return unsaid || meat(food);
    }

    private static boolean fish(Food food) {
        return food.traits().aisle().equals("fish")
                || food.traits().protein().equals("fish")
                || food.traits().allergens().stream().anyMatch(OF_THE_SEA::contains);
    }
}
