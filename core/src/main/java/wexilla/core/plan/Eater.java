package wexilla.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Diet;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.FoodWord;
import wexilla.core.food.facts.Allergen;
import wexilla.core.food.facts.Caution;
import wexilla.core.food.facts.Contents;
import wexilla.core.food.facts.Country;
import wexilla.core.food.facts.Known;
import wexilla.core.people.Appetite;
import wexilla.core.people.Flag;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;

/**
 * Somebody at the table.
 *
 * @param dislikes foods, as they are said
 * @param chilli 0 none to 3
 * @param diets ways of eating that are kept
 * @param country by whose list allergens are grouped; null for the EU's
 */
public record Eater(
        String name,
        Appetite appetite,
        Set<Allergen> allergens,
        Set<Flag> flags,
        List<FoodWord> dislikes,
        int chilli,
        Set<Diet> diets,
        @Nullable Country country) {

    /** Of {@link MealOfDay#against}: somebody at the table must not eat it, or it is no dish for this meal. */
    public static final int MUST_NOT = -1;

    /** Where the EU's list holds. */
    public Eater(
            String name,
            Appetite appetite,
            Set<Allergen> allergens,
            Set<Flag> flags,
            List<FoodWord> dislikes,
            int chilli) {
        this(name, appetite, allergens, flags, dislikes, chilli, Set.of(), null);
    }

    /** Who should not eat what. Source: handbook, section 8. */
    private static final Map<Flag, Set<Caution>> NOT_FOR = Map.of(
            Flag.UNDER_12_MONTHS, EnumSet.of(Caution.HONEY, Caution.RAW_MILK),
            Flag.PREGNANT, EnumSet.complementOf(EnumSet.of(Caution.HONEY)),
            Flag.FRAIL, EnumSet.complementOf(EnumSet.of(Caution.HONEY, Caution.LIVER)));

    private static final FoodWord CHILLI = new FoodWord("chilli", null);

    public Eater {
        allergens = Set.copyOf(allergens);
        flags = Set.copyOf(flags);
        dislikes = List.copyOf(dislikes);
        diets = Set.copyOf(diets);
    }

    /** What stands against these foods and this dish for this eater. */
    List<Judgement> against(LocalDate day, String dish, Collection<Food> foods) {
        List<Judgement> found = new ArrayList<>();
        List<String> look = new ArrayList<>();
        boolean often = false;
        for (Food food : foods) {
            Contents contents = food.traits().contents();
            Map<Allergen, Known> known = new TreeMap<>();
            allergens.forEach(allergen -> known.put(allergen, contents.of(allergen, country)));
            known.forEach((allergen, is) -> {
                if (is == Known.HAS) {
                    found.add(new Judgement.MustNotEat(day, name, allergen, food.name()));
                }
            });
            Known worst = known.values().stream().reduce(Known.WITHOUT, Known::and);
            if (worst == Known.NOT_KNOWN) {
                found.add(new Judgement.NotSaid(day, name, food.name()));
            }
            if (worst == Known.LOOK) {
                String which = allergens.stream()
                        .filter(allergen -> contents.isOften(allergen, country))
                        .sorted()
                        .map(Allergen::words)
                        .collect(Collectors.joining(", "));
                look.add(which.isEmpty() ? food.name() : food.name() + " (" + which + ")");
                often |= !which.isEmpty();
            }
            for (Diet diet : new TreeSet<>(diets)) {
                Known keeps = diet.against(food);
                if (keeps == Known.HAS) {
                    found.add(new Judgement.NotOfDiet(day, name, diet, food.name()));
                } else if (keeps == Known.NOT_KNOWN && worst != Known.NOT_KNOWN) {
                    found.add(new Judgement.NotSaid(day, name, food.name()));
                } else if (keeps == Known.LOOK && worst != Known.LOOK) {
                    look.add(food.name() + " (" + diet.words() + ")");
                }
            }
            new TreeMap<>(food.traits().cautions()).forEach((caution, source) -> {
                for (Flag flag : new TreeSet<>(flags)) {
                    if (NOT_FOR.getOrDefault(flag, Set.of()).contains(caution)) {
                        found.add(new Judgement.NotFor(day, name, flag, caution, food.name(), source));
                    }
                }
            });
        }
        if (!look.isEmpty()) {
            found.add(new Judgement.Look(day, name, look, often));
        }
        dislikes.stream()
                .filter(word -> word.isIn(dish) || foods.stream().anyMatch(word::means))
                .forEach(word -> found.add(new Judgement.Disliked(day, name, word.words())));
        if (chilli == 0 && (CHILLI.isIn(dish) || foods.stream().anyMatch(CHILLI::means))) {
            found.add(new Judgement.TooHot(day, name));
        }
        return found;
    }

    /** What stands against these foods for these people, and what must be looked at for them, in words. */
    public static List<String> against(Collection<Eater> eaters, Collection<Food> foods) {
        return eaters.stream()
                .flatMap(eater -> eater.against(LocalDate.EPOCH, "", foods).stream())
                .filter(found -> found.rule() == PlanRule.WHO_EATS && found.weight() >= Judgement.CANNOT_STAY
                        || found instanceof Judgement.Look
                        || found instanceof Judgement.NotSaid)
                .map(found -> found.remark().words())
                .distinct()
                .toList();
    }

    /**
     * What stands against a dish for this eater. Where only what is put on at the table does, the plate is served without it.
     */
    List<Judgement> against(LocalDate day, String dish, Served served) {
        List<Judgement> found = against(day, dish, served.foods());
        if (served.apart().isEmpty() || found.stream().noneMatch(Eater::counts)) {
            return found;
        }
        List<Judgement> plain = new ArrayList<>(against(day, dish, served.plain()));
        if (served.plain().isEmpty() || plain.stream().anyMatch(Eater::counts)) {
            return found;
        }
        plain.add(new Judgement.ServedWithout(
                day,
                name,
                served.apart().stream()
                        .filter(food -> against(day, "", List.of(food)).stream().anyMatch(Eater::counts))
                        .map(Food::name)
                        .toList()));
        return plain;
    }

    /** How this eater's plate is served without what is put on at the table; empty where it is served as it is. */
    public Optional<Judgement.ServedWithout> without(Served served) {
        return against(LocalDate.EPOCH, "", served).stream()
                .filter(Judgement.ServedWithout.class::isInstance)
                .map(Judgement.ServedWithout.class::cast)
                .findFirst();
    }

    private static boolean counts(Judgement found) {
        return found.level() != Judgement.Level.HINT || found.weight() > 0;
    }

    /**
     * How these people stand to a dish of a plan that is proposed: how many of them would rather not, or {@link
     * #MUST_NOT}. What nobody has described is not proposed to somebody with an allergen or a diet (design:
     * things, section 5).
     */
    public static int verdict(Collection<Eater> eaters, String dish, Served served) {
        int against = 0;
        for (Eater eater : eaters) {
            List<Judgement> found = eater.against(LocalDate.EPOCH, dish, served);
            if (eater.mustNot(served, found).isPresent()) {
                return MUST_NOT;
            }
            against += found.stream().anyMatch(one -> one.weight() > 0) ? 1 : 0;
        }
        return against;
    }

    /** Why this dish is not for this eater, in a word or two; empty where nothing speaks against it but taste. */
    public Optional<String> mustNot(String dish, Served served) {
        return mustNot(served, against(LocalDate.EPOCH, dish, served));
    }

    private Optional<String> mustNot(Served served, List<Judgement> found) {
        if (served.foods().isEmpty()) {
            return allergens.isEmpty() && diets.isEmpty() ? Optional.empty() : Optional.of("nobody says what is in it");
        }
        return found.stream()
                .filter(one -> one.level() != Judgement.Level.HINT && !(one instanceof Judgement.ServedWithout))
                .map(Eater::reason)
                .findFirst();
    }

    private static String reason(Judgement found) {
        if (found instanceof Judgement.MustNotEat must) {
            return must.allergen().words();
        }
        if (found instanceof Judgement.NotOfDiet diet) {
            return "not " + diet.diet().words();
        }
        return found instanceof Judgement.NotFor not
                ? not.caution().words()
                : found instanceof Judgement.Look ? "look at the pack" : "nobody says what is in it";
    }

    /** Every food a recipe names, held back or not; what the book does not know as one nobody has described. */
    public static List<Food> foods(Recipe recipe) {
        return foods(recipe.withMade().stream());
    }

    static List<Food> foods(Stream<RecipeLine> lines) {
        return lines.map(line -> line.read()
                        .saidFood()
                        .orElseGet(() -> Food.unknown(
                                Key.food(line.read().foodName()), line.read().foodName(), Unit.PIECE)))
                .distinct()
                .toList();
    }
}
