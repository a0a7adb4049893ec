package wexilla.core.food.book;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wexilla.core.food.Food;
import wexilla.core.food.FoodFact;
import wexilla.core.food.Key;
import wexilla.core.food.Scaling;
import wexilla.core.food.facts.Animal;
import wexilla.core.food.facts.Contents;
import wexilla.core.food.facts.Cut;
import wexilla.core.food.facts.Making;
import wexilla.core.food.facts.Part;
import wexilla.core.food.facts.Substance;
import wexilla.core.food.facts.Traits;
import wexilla.core.food.facts.Yield;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Unit;

/**
 * A food in a state that makes another thing of it: cooked quinoa, minced venison, smoked trout. Its key is the food's
 * with the state behind it, so that it is kept, dated and met as itself and never as the raw food (design: things,
 * section 2). Where the reference file has the thing under its own name, that one is taken instead.
 */
final class Variant {

    static final char MARK = '~';
    private static final Set<String> FISH = Set.of("lean-fish", "fatty-fish", "shellfish");
    private static final Set<String> FRESH_PLANTS =
            Set.of("roots", "soft-vegetables", "onions", "frozen-vegetables", "potatoes", "counter-fruit");

    private Variant() {}

    /** The key of a food in this state. */
    static Key key(Food food, State state) {
        return Key.food(food.key().id() + MARK + state.words());
    }

    /** The food in this state, when the state makes another thing of it. */
    static Optional<Food> of(Food food, State state) {
        String keeping = food.keepingClass();
        boolean fruit = food.traits().aisle().equals("fruit");
        return switch (state) {
            case COOKED -> cooked(food, keeping, fruit);
            case MINCED -> cut(food, state, Cut.MINCED);
            case DICED -> cut(food, state, Cut.DICED);
            case STUFFED -> cut(food, state, Cut.STUFFED);
            case TENDERISED -> cut(food, state, Cut.TENDERISED);
            case SMOKED ->
                FISH.contains(keeping)
                        ? made(food, state, "cooked-fish", "fish")
                        : food.traits().cut().perishable() || keeping.equals("tofu")
                                ? made(food, state, "cooked-ham", food.traits().aisle())
                                : Optional.empty();
            case TINNED ->
                plant(keeping, fruit) || FISH.contains(keeping) || keeping.equals("cooked-pulses")
                        ? made(food, state, "tins", "tins")
                        : Optional.empty();
            case DRIED ->
                plant(keeping, fruit) || keeping.equals("fresh-herbs")
                        ? made(food, state, keeping.equals("fresh-herbs") ? "spices" : "dry-goods", "dry")
                        : Optional.empty();
            case FRESH -> keeping.equals("spices") ? made(food, state, "fresh-herbs", "vegetables") : Optional.empty();
            default -> Optional.empty();
        };
    }

    private static Optional<Food> cooked(Food food, String keeping, boolean fruit) {
        if (raw(food) || FRESH_PLANTS.contains(keeping) && !fruit) {
            return made(food, State.COOKED, "cooked-dish", "none");
        }
        if (FISH.contains(keeping)) {
            return made(food, State.COOKED, "cooked-fish", "none");
        }
        if (keeping.equals("eggs")) {
            return made(food, State.COOKED, "eggs-boiled", "none");
        }
        boolean dry = keeping.equals("dry-goods") && food.swells();
        return dry
                ? made(food, State.COOKED, food.name().contains("rice") ? "cooked-rice" : "cooked-pulses", "none")
                : Optional.empty();
    }

    private static boolean raw(Food food) {
        return food.traits().cut().perishable()
                && food.traits().animals().stream().anyMatch(Animal::land);
    }

    /**
     * Raw meat cut another way, where that shortens its days or makes it hotter in the middle. Source: FoodSafety.gov, Cold
     * Food Storage Chart (from memory): mince and stew meat 1–2 days, what is stuffed 1.
     */
    private static Optional<Food> cut(Food food, State state, Cut cut) {
        Cut now = food.traits().cut();
        boolean other = now == Cut.WHOLE
                || now == Cut.BIRD
                || now == Cut.DICED && cut == Cut.MINCED
                || now == Cut.TENDERISED && cut != Cut.TENDERISED;
        if (!raw(food) || !other) {
            return Optional.empty();
        }
        String keeping = switch (cut) {
            case STUFFED -> "raw-stuffed";
            case TENDERISED -> food.keepingClass();
            default -> food.keepingClass().startsWith("raw-poultry") && cut == Cut.DICED ? "raw-poultry" : "raw-mince";
        };
        return made(food, state, keeping, "meat");
    }

    private static boolean plant(String keeping, boolean fruit) {
        return FRESH_PLANTS.contains(keeping) || keeping.equals("apples") || fruit;
    }

    /** What is in it stays; smoking and stuffing bring in what their maker likes, tins and drying are still simple; it is another pack. */
    private static Contents contents(Contents raw, State state) {
        Set<Substance> often = new HashSet<>(raw.often());
        if (state == State.DRIED || state == State.TINNED) {
            often.add(Substance.SULPHITE);
        }
        Making making = switch (state) {
            case SMOKED, STUFFED -> Making.MADE;
            case TINNED, DRIED -> Making.SIMPLE;
            default -> raw.making();
        };
        return new Contents(making, raw.has(), often, raw.claims(), Set.of()).made(making);
    }

    /** Cut another way it is still as much when it is cooked. */
    private static Map<Part, Yield> yields(Traits traits, State state) {
        return state == State.DICED || state == State.TENDERISED ? traits.yields() : Map.of();
    }

    private static Cut cutOf(Cut raw, State state) {
        return switch (state) {
            case COOKED, TINNED -> raw == Cut.PART ? raw : Cut.COOKED;
            case SMOKED -> raw == Cut.PART ? raw : Cut.SMOKED_HOT;
            case MINCED -> Cut.MINCED;
            case DICED -> Cut.DICED;
            case STUFFED -> Cut.STUFFED;
            case TENDERISED -> Cut.TENDERISED;
            default -> raw;
        };
    }

    private static Optional<Food> made(Food food, State state, String keeping, String aisle) {
        Traits traits = food.traits();
        List<FoodFact> facts = food.facts().stream()
                .filter(fact -> state == State.SMOKED || fact.from().unit().equals(Unit.PIECE) && state == State.COOKED)
                .toList();
        if (state == State.TINNED) {
            facts = List.of(new FoodFact(
                    Amount.of(1, Unit.named("tin")),
                    Amount.of(400, Unit.G),
                    "common practice, no source",
                    FoodFact.Trust.PRACTICE));
        }
        return Optional.of(new Food(
                key(food, state),
                state.words() + " " + food.name(),
                List.of(),
                List.of(),
                food.base(),
                keeping,
                state == State.DRIED && keeping.equals("spices"),
                state == State.FRESH ? Scaling.LINEAR : food.scaling(),
                facts,
                new Traits(
                        aisle,
                        traits.protein(),
                        contents(traits.contents(), state),
                        traits.animals(),
                        cutOf(traits.cut(), state),
                        traits.cautions(),
                        yields(traits, state),
                        traits.natures())));
    }
}
