package wexilla.core.recipe;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import wexilla.core.equipment.Content;
import wexilla.core.equipment.Fill;
import wexilla.core.equipment.VesselRule;
import wexilla.core.equipment.VesselSize;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.facts.Nature;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.steps.StepGear;

/**
 * What goes into a vessel, by the room it takes.
 *
 * @param measured what has a known volume, in the order of {@code contents}
 * @param unknown what has none, in the cook's words; a pinch of seasoning takes no room and is not among them
 */
public record Filling(List<Item> measured, List<Content> contents, List<String> unknown) {

    /** @param amount null when none was written */
    public record Item(String name, Food food, @Nullable Amount amount) {}

    /**
     * A vessel the kitchen has.
     *
     * @param id of whoever asks
     * @param gear what keeps it busy
     * @param size with its capacity
     */
    public record Vessel(String id, StepGear.Kind gear, VesselRule rule, VesselSize size) {}

    private static final Comparator<Vessel> FIRST = Comparator.<Vessel, StepGear.Kind>comparing(Vessel::gear)
            .thenComparing(
                    vessel -> Objects.requireNonNullElse(vessel.size().ml(), Rational.ZERO), Comparator.reverseOrder());

    public Filling {
        measured = List.copyOf(measured);
        contents = List.copyOf(contents);
        unknown = List.copyOf(unknown);
    }

    /** @param standing what one piece of a food needs of the bottom, in square centimetres, when pieces stand side by side */
    public static Filling of(Collection<Item> items, Map<Key, Rational> standing, Measures measures) {
        List<Item> measured = new ArrayList<>();
        List<Content> contents = new ArrayList<>();
        List<String> unknown = new ArrayList<>();
        for (Item item : items) {
            Amount amount = item.amount();
            if (amount != null
                    && Conversion.convert(item.food(), amount, Unit.ML, measures)
                            instanceof Conversion.Converted converted) {
                measured.add(item);
                contents.add(content(item.food(), amount, converted.amount().value(), standing));
            } else if (!item.food().seasoning()) {
                unknown.add(item.name());
            }
        }
        return new Filling(measured, contents, unknown);
    }

    private static Content content(Food food, Amount amount, Rational ml, Map<Key, Rational> standing) {
        Rational each = standing.get(food.key());
        boolean pieces = amount.unit().dimension() == Dimension.COUNT;
        return new Content(
                food.name(),
                ml,
                food.swells(),
                food.is(Nature.THIN),
                each == null || !pieces ? null : each.times(amount.value()));
    }

    /** What goes into the pot of a recipe at its size; what is added on the night is not among it. */
    public static List<Item> items(Sized sized, Style style) {
        return sized.goesIn(style).stream()
                .map(line -> new Item(
                        line.read().foodName(),
                        line.read()
                                .knownFood()
                                .orElseGet(() -> Food.unknown(
                                        Key.food("asked"), line.read().foodName(), Unit.G)),
                        line.most()))
                .toList();
    }

    /**
     * How many vessels or loads a recipe takes at this size: by the largest vessel the kitchen has for what its steps
     * keep busy; one when no vessel of that kind was measured.
     */
    public static int loads(
            Recipe recipe,
            Rational factor,
            Collection<Vessel> kitchen,
            Map<Key, Rational> standing,
            Measures measures) {
        Optional<Vessel> vessel = vessel(recipe, kitchen);
        if (vessel.isEmpty()) {
            return 1;
        }
        List<Item> items = items(Sized.of(recipe, Size.of(factor), measures), Style.COOKED);
        List<Content> contents = of(items, standing, measures).contents();
        return Fill.of(vessel.get().rule(), vessel.get().size(), contents).loads();
    }

    /** The largest vessel of the kind this recipe is cooked in: what cooks it alone counts before the stove. */
    private static Optional<Vessel> vessel(Recipe recipe, Collection<Vessel> kitchen) {
        if (kitchen.isEmpty()) {
            return Optional.empty();
        }
        Set<StepGear.Kind> gear = recipe.steps().stream()
                .map(step -> StepGear.read(step.text()).kind())
                .collect(Collectors.toSet());
        return kitchen.stream().filter(vessel -> gear.contains(vessel.gear())).min(FIRST);
    }

    /** The vessel to look at for this recipe: the one it is cooked in, else the largest pot, else any. */
    public static Optional<Vessel> usual(Recipe recipe, Collection<Vessel> kitchen) {
        return vessel(recipe, kitchen)
                .or(() -> kitchen.stream()
                        .filter(vessel -> vessel.gear() == StepGear.Kind.BURNER)
                        .min(FIRST))
                .or(() -> kitchen.stream().min(FIRST));
    }
}
