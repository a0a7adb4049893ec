package wexilla.core.stations.propose;

import java.util.Arrays;
import java.util.Collection;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Diet;
import wexilla.core.food.Food;
import wexilla.core.food.FoodGroup;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.FoodWord;
import wexilla.core.food.facts.Allergen;
import wexilla.core.food.facts.Known;
import wexilla.core.plan.Served;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.steps.StepGear;

/**
 * What a word of a wish means of a dish: a group of foods, an allergen, a way of eating, something to cook with, or a food or
 * a dish by its name.
 *
 * @param words as they were said
 */
public record Meant(
        String words,
        FoodWord food,
        @Nullable FoodGroup group,
        @Nullable Allergen allergen,
        @Nullable Diet diet,
        StepGear.@Nullable Kind gear) {

    /**
     * A dish as a wish looks at it.
     *
     * @param gear its steps keep busy
     */
    public record Seen(String name, Served served, Set<StepGear.Kind> gear) {

        static Seen of(Recipe recipe) {
            Set<StepGear.Kind> gear = EnumSet.noneOf(StepGear.Kind.class);
            recipe.steps().forEach(step -> gear.add(StepGear.read(step.text()).kind()));
            return new Seen(recipe.title(), Served.of(recipe), gear);
        }

        /** What is in it; none where nobody knows. */
        Collection<Food> foods() {
            return served.foods();
        }
    }

    /** What these words mean in this book. */
    public static Meant of(String words, FoodBook book) {
        String said = words.strip().toLowerCase(Locale.ROOT);
        Optional<FoodGroup> group = FoodGroup.named(said);
        return new Meant(
                words,
                FoodWord.of(words, book),
                group.orElse(null),
                group.isPresent() ? null : Allergen.ofWord(said).orElse(null),
                Diet.named(said).orElse(null),
                Arrays.stream(StepGear.Kind.values())
                        .filter(kind -> kind.words().equals(said))
                        .findFirst()
                        .orElse(null));
    }

    /** Whether this dish is what is meant, or has it in it. */
    public boolean is(Seen dish) {
        if (gear != null) {
            return dish.gear().contains(gear);
        }
        if (diet != null) {
            return !dish.foods().isEmpty()
                    && dish.foods().stream()
                            .map(diet::against)
                            .allMatch(known -> known == Known.WITHOUT || known == Known.LOOK);
        }
        return food.isIn(dish.name()) || dish.foods().stream().anyMatch(this::means);
    }

    private boolean means(Food one) {
        if (group != null) {
            return group.has(one);
        }
        return allergen != null ? one.traits().contents().of(allergen, null) == Known.HAS : food.means(one);
    }
}
