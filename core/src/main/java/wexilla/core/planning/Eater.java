package wexilla.core.planning;

import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import wexilla.core.food.Allergen;
import wexilla.core.food.Caution;
import wexilla.core.food.Food;
import wexilla.core.people.Appetite;
import wexilla.core.people.Flag;
import wexilla.core.recipe.Recipe;

/**
 * Somebody at the table.
 *
 * @param dislikes foods or words of dish names
 * @param chilli 0 none to 3
 */
public record Eater(
        String name, Appetite appetite, Set<Allergen> allergens, Set<Flag> flags, List<String> dislikes, int chilli) {

    /** Who should not eat what. Source: handbook, section 8. */
    private static final Map<Flag, Set<Caution>> NOT_FOR = Map.of(
            Flag.UNDER_12_MONTHS, Set.of(Caution.HONEY),
            Flag.PREGNANT, Set.of(Caution.RAW_MILK, Caution.COLD_SMOKED_FISH),
            Flag.FRAIL, Set.of(Caution.RAW_MILK, Caution.COLD_SMOKED_FISH));

    private static String words(Flag flag) {
        return flag == Flag.UNDER_12_MONTHS ? "under 12 months" : flag.name().toLowerCase(Locale.ROOT);
    }

    public Eater {
        allergens = Set.copyOf(allergens);
        flags = Set.copyOf(flags);
        dislikes = List.copyOf(dislikes);
    }

    /** What stands against these foods and this dish for this eater: hard things first. */
    public List<Remark> against(String dish, Collection<Food> foods) {
        List<Remark> remarks = new java.util.ArrayList<>();
        for (Food food : foods) {
            food.traits().allergens().stream()
                    .filter(allergens::contains)
                    .forEach(a -> remarks.add(Remark.stop(
                            name + " must not eat " + a.words() + ": " + food.name(),
                            "Regulation (EU) 1169/2011, Annex II (from memory)")));
            food.traits().cautions().forEach((caution, source) -> {
                for (Flag flag : flags) {
                    if (NOT_FOR.getOrDefault(flag, Set.of()).contains(caution)) {
                        remarks.add(Remark.stop(
                                name + " is " + words(flag) + ": no " + caution.words() + " (" + food.name() + ")",
                                source));
                    }
                }
            });
        }
        String all = dish.toLowerCase(Locale.ROOT) + " "
                + String.join(
                        " ",
                        foods.stream()
                                .map(f -> f.name().toLowerCase(Locale.ROOT))
                                .toList());
        dislikes.stream()
                .filter(word -> all.contains(stem(word)))
                .forEach(word -> remarks.add(Remark.hint(name + " does not like " + word)));
        boolean hot = foods.stream().anyMatch(f -> f.name().contains("chilli")) || all.contains("chilli");
        if (hot && chilli == 0) {
            remarks.add(Remark.hint(name + " eats no chilli: season the pot mild, chilli at the table"));
        }
        return remarks.stream().distinct().toList();
    }

    private static String stem(String word) {
        String lower = word.strip().toLowerCase(Locale.ROOT);
        return lower.endsWith("s") && lower.length() > 3 ? lower.substring(0, lower.length() - 1) : lower;
    }

    /** Every food a recipe names, held back or not. */
    public static List<Food> foods(Recipe recipe) {
        return recipe.withMade().stream()
                .flatMap(line -> line.read().knownFood().stream())
                .distinct()
                .toList();
    }
}
