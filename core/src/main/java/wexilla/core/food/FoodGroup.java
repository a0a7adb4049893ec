package wexilla.core.food;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import wexilla.core.food.facts.Allergen;
import wexilla.core.food.facts.Animal;
import wexilla.core.food.facts.Known;

/** Many foods under one word, as a cook wishes for them or does without: "red meat", "dairy". By what each food is of. */
public enum FoodGroup {
    RED_MEAT(
            of(animal -> animal.land() && !animal.bird() && animal != Animal.RABBIT && animal != Animal.MEAT),
            "red meat"),
    POULTRY(of(Animal::bird), "poultry", "white meat"),
    MEAT(of(Animal::land), "meat"),
    SEAFOOD(
            of(animal -> animal == Animal.CRUSTACEAN || animal == Animal.BIVALVE || animal == Animal.CEPHALOPOD),
            "seafood",
            "shellfish"),
    FISH(of(animal -> animal == Animal.WHITE_FISH || animal == Animal.OILY_FISH), "fish"),
    OILY_FISH(of(animal -> animal == Animal.OILY_FISH), "oily fish"),
    DAIRY(has(Allergen.MILK), "dairy", "milk products", "milk"),
    PULSES(food -> food.traits().protein().equals("pulses"), "pulses", "legumes");

    private final Predicate<Food> has;
    private final List<String> words;

    FoodGroup(Predicate<Food> has, String... words) {
        this.has = has;
        this.words = List.of(words);
    }

    private static Predicate<Food> of(Predicate<Animal> animals) {
        return food -> food.traits().animals().stream().anyMatch(animals);
    }

    private static Predicate<Food> has(Allergen allergen) {
        return food -> food.traits().contents().of(allergen, null) == Known.HAS;
    }

    /** The group a word names. */
    public static Optional<FoodGroup> named(String word) {
        String said = word.strip().toLowerCase(Locale.ROOT);
        return Arrays.stream(values()).filter(one -> one.words.contains(said)).findFirst();
    }

    /** Whether this food is of it. */
    public boolean has(Food food) {
        return has.test(food);
    }
}
