package wexilla.core.keeping;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Diet;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.keeping.KeepingGuide.Ingredient;
import wexilla.core.keeping.KeepingRule.Span;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.steps.StepGear;

/**
 * How a dish keeps, by what is in it and how far it was taken: its class, day 0 and why. Of several classes that fit the
 * one that keeps shortest is meant (design: things, section 4). Age is inherited: a dish is as old as the oldest cooked
 * thing in it (FDA Food Code 3-501.17, combined foods take the earliest date, from memory).
 *
 * @param keepingClass of the keeping table
 * @param from day 0
 * @param why in the cook's words: "rice in it", "cooked ham of Tue 24 Nov in it"
 */
public record DishKeeping(String keepingClass, LocalDate from, String why) {

    /** What a cook can choose among when a dish is something else than its lines say. */
    public static final List<String> CHOICES = List.of(
            KeepingGuide.COOKED_DISH,
            "soup",
            "cooked-fish",
            KeepingGuide.COOKED_RICE,
            "cooked-pulses",
            "egg-dish",
            "eggs-shelled",
            "cut-vegetables",
            "salads",
            "bread");

    private static final Set<String> SHORT = Set.of(KeepingGuide.COOKED_RICE, "cooked-fish", "eggs-shelled");
    private static final Set<String> PACKED = Set.of("tins", "jars", "condiments", "cartons");
    /** Soft and fresh things of milk, and tofu. */
    private static final Set<String> FRESH = Set.of("soft-cheese", "cream", "tofu");

    /** What vegetables are roasted in and dressed with. */
    private static final Set<String> DRESSED = Set.of("oil", "butter", "spices", "condiments", "dry-goods");

    private static final Set<String> RAW_EGGS = Set.of("eggs", "eggs-shelled");

    /**
     * A dish as it is made.
     *
     * @param until its steps up to where it stops; empty where nobody wrote them down
     * @param foods what is in it by now
     * @param aged the same with the clocks of what was taken, as far as that is known
     */
    public record Dish(
            String title,
            Style style,
            List<RecipeStep> until,
            Collection<Food> foods,
            List<Ingredient> aged,
            LocalDate madeOn) {

        public Dish {
            until = List.copyOf(until);
            foods = List.copyOf(foods);
            aged = List.copyOf(aged);
        }

        /** A recipe at a size, up to where this batch of it stops. */
        public static Dish of(Sized sized, Style style, List<Ingredient> aged, LocalDate madeOn) {
            List<Food> foods = sized.goesIn(style).stream()
                    .map(Sized.Line::line)
                    .flatMap(line -> line.made() == null ? Stream.of(line) : line.made().withMade().stream())
                    .map(line -> line.read().knownFood().orElseGet(() -> nobodyKnows(line)))
                    .toList();
            Recipe recipe = sized.recipe();
            return new Dish(recipe.title(), style, recipe.stepsUntil(style), foods, aged, madeOn);
        }

        private static Food nobodyKnows(RecipeLine line) {
            return Food.unknown(Key.food(line.read().text()), line.read().text(), Unit.G);
        }

        private boolean heated() {
            return until.isEmpty() || until.stream().anyMatch(step -> StepGear.heats(step.text()));
        }

        private boolean says(String meaning) {
            return KeepingWords.say(meaning, title);
        }
    }

    private record Candidate(String keepingClass, String why) {}

    /** The class, day 0 and reason of this dish. */
    public static DishKeeping of(Dish dish, KeepingGuide guide) {
        boolean rawInside = dish.style() == Style.READY_TO_BAKE
                && dish.foods().stream().anyMatch(DishKeeping::rawFlesh)
                && (dish.until().isEmpty() || !dish.heated());
        if (dish.style() == Style.RAW_BAG || rawInside) {
            return raw(dish, guide);
        }
        Candidate shortest = candidates(dish).stream()
                .min(Comparator.comparingInt((Candidate one) ->
                                last(guide.rule(one.keepingClass()).fridge()))
                        .thenComparingInt(
                                one -> last(guide.rule(one.keepingClass()).freezer())))
                .orElse(new Candidate(KeepingGuide.COOKED_DISH, ""));
        Ingredient oldest = dish.aged().stream()
                .filter(Ingredient::cooked)
                .min(Comparator.comparing(Ingredient::clockFrom))
                .filter(one -> one.clockFrom().isBefore(dish.madeOn()))
                .orElse(null);
        if (oldest == null) {
            return new DishKeeping(shortest.keepingClass(), dish.madeOn(), shortest.why());
        }
        String older = "as old as the " + guide.rule(oldest.keepingClass()).name() + " in it";
        return new DishKeeping(
                shortest.keepingClass(),
                oldest.clockFrom(),
                shortest.why().isEmpty() ? older : shortest.why() + "; " + older);
    }

    private static int last(@Nullable Span span) {
        return span == null ? 0 : span.to();
    }

    /** A raw bag keeps as that raw thing in it which spoils first, counted from that thing's own day 0. */
    private static DishKeeping raw(Dish dish, KeepingGuide guide) {
        // what the record lacks is raw from today on, and spoils no later for that
        Stream<Ingredient> written = dish.foods().stream()
                .map(food -> new Ingredient(
                        food.described() ? food.keepingClass() : "unknown-fridge", dish.madeOn(), false));
        return Stream.concat(dish.aged().stream(), written)
                .filter(one -> guide.rule(one.keepingClass()).fridge() != null
                        && guide.rule(one.keepingClass()).cupboard() == null)
                .min(Comparator.comparing(one -> one.clockFrom()
                        .plusDays(last(guide.rule(one.keepingClass()).fridge()))))
                .map(one -> new DishKeeping(
                        KeepingGuide.bag(one.keepingClass(), shortestFrozen(dish, one.keepingClass(), guide)),
                        one.clockFrom(),
                        guide.rule(one.keepingClass()).name() + " in it spoils first"))
                .orElse(new DishKeeping(KeepingGuide.COOKED_DISH, dish.madeOn(), ""));
    }

    /** What keeps shortest in the freezer of all that is in the bag: an opened tin more often than the meat. */
    private static String shortestFrozen(Dish dish, String spoilsFirst, KeepingGuide guide) {
        return Stream.concat(Stream.of(spoilsFirst), dish.foods().stream().map(DishKeeping::frozenAs))
                .filter(one -> guide.rule(one).freezer() != null)
                .min(Comparator.comparingInt(one -> last(guide.rule(one).freezer())))
                .orElse(spoilsFirst);
    }

    /** Tins and sauces are opened before they go in. */
    private static String frozenAs(Food food) {
        return PACKED.contains(food.keepingClass()) ? "opened-tins" : food.keepingClass();
    }

    private static List<Candidate> candidates(Dish dish) {
        List<Candidate> all = new ArrayList<>();
        dish.aged().stream()
                .filter(Ingredient::cooked)
                .filter(one -> SHORT.contains(one.keepingClass()))
                .forEach(one -> all.add(new Candidate(one.keepingClass(), "what is in it")));
        boolean meat = dish.foods().stream().anyMatch(DishKeeping::meat);
        boolean fish = dish.foods().stream().anyMatch(DishKeeping::fish);
        boolean rawEgg = dish.foods().stream().anyMatch(food -> RAW_EGGS.contains(food.keepingClass()));
        if (rawEgg && (!dish.heated() || dish.says("dish-raw-egg"))) {
            all.add(new Candidate("eggs-shelled", "raw egg in it"));
        }
        if (dish.foods().stream().anyMatch(DishKeeping::rice)) {
            all.add(new Candidate(KeepingGuide.COOKED_RICE, "rice in it"));
        }
        if (fish) {
            all.add(new Candidate("cooked-fish", "fish in it"));
        }
        if (dish.says("dish-egg")) {
            all.add(new Candidate("egg-dish", "an egg dish"));
        }
        if (dish.says("dish-soup")) {
            all.add(new Candidate("soup", "a soup, stew or sauce"));
        }
        if (meat) {
            all.add(new Candidate(KeepingGuide.COOKED_DISH, "meat in it"));
        }
        boolean plain = !meat && !fish;
        if (plain
                && dish.foods().stream()
                        .anyMatch(
                                food -> food.swells() || food.traits().protein().equals("pulses"))) {
            all.add(new Candidate("cooked-pulses", "pulses or grain in it"));
        }
        if (!all.isEmpty() || dish.foods().isEmpty() || dish.foods().stream().anyMatch(food -> !food.described())) {
            all.add(new Candidate(KeepingGuide.COOKED_DISH, ""));
            return all;
        }
        return List.of(withoutMeat(dish));
    }

    /** Of plants, dairy and flour alone. */
    private static Candidate withoutMeat(Dish dish) {
        if (dish.says("dish-baked") && baked(dish)) {
            return new Candidate("bread", "baked goods");
        }
        boolean cut =
                dish.foods().stream().allMatch(food -> food.traits().aisle().equals("vegetables"));
        if (dish.says("dish-cold") || !dish.heated() && !cut) {
            return new Candidate("salads", "a salad, dip or dressing");
        }
        boolean plants = dish.foods().stream().anyMatch(DishKeeping::vegetable);
        boolean only = dish.foods().stream()
                .allMatch(food -> vegetable(food) || food.seasoning() || DRESSED.contains(food.keepingClass()));
        return plants && only
                ? new Candidate("cut-vegetables", "vegetables, roasted or cut")
                : new Candidate(KeepingGuide.COOKED_DISH, "");
    }

    /** Dough all through: what is filled or layered with vegetables or fresh cheese keeps as they do, whatever it is called. */
    private static boolean baked(Dish dish) {
        boolean raised = dish.foods().stream().anyMatch(food -> KeepingWords.say("raising", food.name()));
        return dish.foods().stream()
                .noneMatch(food -> FRESH.contains(food.keepingClass())
                        || food.traits().aisle().equals("vegetables") && !raised);
    }

    private static boolean meat(Food food) {
        return Diet.meat(food) && !food.seasoning();
    }

    private static boolean fish(Food food) {
        return food.traits().protein().equals("fish") || food.traits().aisle().equals("fish");
    }

    private static boolean rawFlesh(Food food) {
        return food.keepingClass().startsWith("raw-")
                || food.keepingClass().endsWith("-fish") && !food.keepingClass().startsWith("cooked")
                || food.keepingClass().equals("shellfish");
    }

    private static boolean rice(Food food) {
        return food.keepingClass().equals(KeepingGuide.COOKED_RICE)
                || food.swells() && KeepingWords.say("rice", food.name());
    }

    private static boolean vegetable(Food food) {
        return food.traits().aisle().equals("vegetables")
                || food.traits().aisle().equals("fruit");
    }
}
