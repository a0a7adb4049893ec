package wexilla.app.demo;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Component;
import wexilla.app.cook.CookViews.CookInput;
import wexilla.app.cook.CookViews.Cooked;
import wexilla.app.cook.Cookings;
import wexilla.app.demo.Script.CookScript;
import wexilla.app.household.Households;
import wexilla.app.onhand.Snapshots;
import wexilla.app.pack.PackViews.PackInput;
import wexilla.app.pack.Packets;
import wexilla.app.platform.Acts;
import wexilla.app.recipes.Dishes;
import wexilla.app.recipes.Draft;
import wexilla.app.recipes.RecipeInput;
import wexilla.app.recipes.Recipes;
import wexilla.core.kitchen.house.Container;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;

/** The book of the demo household, and what it cooks and packs. */
@Component
class CookStory {

    private final Recipes recipes;
    private final Dishes dishes;
    private final Snapshots snapshots;
    private final Cookings cookings;
    private final Packets packing;
    private final Households households;
    private final Acts acts;

    CookStory(
            Recipes recipes,
            Dishes dishes,
            Snapshots snapshots,
            Cookings cookings,
            Packets packing,
            Households households,
            Acts acts) {
        this.recipes = recipes;
        this.dishes = dishes;
        this.snapshots = snapshots;
        this.cookings = cookings;
        this.packing = packing;
        this.households = households;
        this.acts = acts;
    }

    UUID recipe(Household household, RecipeInput input, Instant when) {
        return acts.perform(household, Story.key(), "recipe", input, UUID.class, when, act -> {
            Recipe recipe = Draft.read(input, dishes.shelf(snapshots.of(household), null))
                    .finished(input);
            return new Acts.Done<>("Recipe: " + recipe.title(), recipes.add(act, recipe, input.about()));
        });
    }

    void cook(Household household, CookScript cook, UUID recipe, Instant when) {
        int n = recipes.current(household, recipe).n();
        CookInput input = CookInput.simply(recipe, n, cook.style(), null, Rational.of(cook.portions()));
        Cooked cooked = acts.perform(
                household, Story.key(), "cook", input, Cooked.class, when, act -> cookings.cook(act, input));
        if (cook.packets().isEmpty()) {
            return;
        }
        PackInput packets = new PackInput(
                UUID.fromString(cooked.lot()),
                cook.packets().stream().map(BigDecimal::valueOf).toList(),
                Objects.requireNonNull(StockStory.place(households, household, cook.place())),
                households.containers(household).stream()
                        .filter(c -> c.name().equals(cook.container()))
                        .map(Container::id)
                        .findFirst()
                        .orElse(null),
                null,
                null,
                null);
        Instant later = when.plusSeconds(5400);
        acts.perform(household, Story.key(), "pack", packets, List.class, later, act -> {
            Acts.Done<List<UUID>> done = packing.pack(act, packets);
            return new Acts.Done<>(done.subject(), done.answer());
        });
    }
}
