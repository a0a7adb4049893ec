package wexilla.core.planning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import wexilla.core.food.Allergen;
import wexilla.core.food.Caution;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.Nature;
import wexilla.core.people.Appetite;
import wexilla.core.people.Flag;
import wexilla.core.quantity.Unit;
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

    public Eater {
        allergens = Set.copyOf(allergens);
        flags = Set.copyOf(flags);
        dislikes = List.copyOf(dislikes);
    }

    /** What stands against these foods and this dish for this eater. */
    List<Judgement> against(LocalDate day, String dish, Collection<Food> foods) {
        List<Judgement> found = new ArrayList<>();
        for (Food food : foods) {
            food.traits().allergens().stream()
                    .filter(allergens::contains)
                    .sorted()
                    .forEach(a -> found.add(new Judgement.MustNotEat(day, name, a, food.name())));
            boolean listed = food.traits().allergens().stream().anyMatch(allergens::contains);
            boolean byMaker = food.is(Nature.LOOK);
            if (!allergens.isEmpty() && !listed && (byMaker || !food.described())) {
                found.add(new Judgement.NotSaid(day, name, food.name(), byMaker));
            }
            new TreeMap<>(food.traits().cautions()).forEach((caution, source) -> {
                for (Flag flag : new TreeSet<>(flags)) {
                    if (NOT_FOR.getOrDefault(flag, Set.of()).contains(caution)) {
                        found.add(new Judgement.NotFor(day, name, flag, caution, food.name(), source));
                    }
                }
            });
        }
        String all = dish.toLowerCase(Locale.ROOT) + " "
                + foods.stream().map(f -> f.name().toLowerCase(Locale.ROOT)).collect(Collectors.joining(" "));
        dislikes.stream()
                .filter(word -> all.contains(stem(word)))
                .forEach(word -> found.add(new Judgement.Disliked(day, name, word)));
        if (all.contains("chilli") && chilli == 0) {
            found.add(new Judgement.TooHot(day, name));
        }
        return found;
    }

    /**
     * How these people stand to a dish of a plan that is proposed: how many of them would rather not, or {@link
     * MenuProblem#MUST_NOT}. What nobody has described is not proposed to somebody with an allergen (design: things,
     * section 5).
     *
     * @param foods what is in it; none where nobody knows
     */
    public static int verdict(Collection<Eater> eaters, String dish, Collection<Food> foods) {
        int against = 0;
        for (Eater eater : eaters) {
            List<Judgement> found = eater.against(LocalDate.EPOCH, dish, foods);
            boolean unknown = !eater.allergens().isEmpty() && foods.isEmpty();
            if (unknown || found.stream().anyMatch(one -> one.level() != Judgement.Level.HINT)) {
                return MenuProblem.MUST_NOT;
            }
            against += found.stream().anyMatch(one -> one.weight() > 0) ? 1 : 0;
        }
        return against;
    }

    private static String stem(String word) {
        String lower = word.strip().toLowerCase(Locale.ROOT);
        return lower.endsWith("s") && lower.length() > 3 ? lower.substring(0, lower.length() - 1) : lower;
    }

    /** Every food a recipe names, held back or not; what the book does not know as one nobody has described. */
    public static List<Food> foods(Recipe recipe) {
        return recipe.withMade().stream()
                .map(line -> line.read()
                        .knownFood()
                        .orElseGet(() -> Food.unknown(
                                Key.food(line.read().foodName()), line.read().foodName(), Unit.PIECE)))
                .distinct()
                .toList();
    }
}
