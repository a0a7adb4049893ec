package wexilla.app.recipes;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Vessels;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Problem;
import wexilla.app.preview.ScaleTo;
import wexilla.app.preview.ScaledViews;
import wexilla.app.preview.VesselFills;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Pots;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Filling;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.lines.ReadLine;

/** A recipe of the book at another size, in the vessels of the household. Stores nothing. */
@RestController
class SizesController {

    private static final int MOST_BAGS = 20;

    private final Recipes recipes;
    private final Sizes sizes;
    private final Snapshots snapshots;
    private final Vessels vessels;

    SizesController(Recipes recipes, Sizes sizes, Snapshots snapshots, Vessels vessels) {
        this.recipes = recipes;
        this.sizes = sizes;
        this.snapshots = snapshots;
        this.vessels = vessels;
    }

    /**
     * @param vessels how many pots, trays or pans it is cooked in; absent for the loads its fill needs
     * @param bags how many bags share it, each a vessel of its own; each line is then given for one bag too
     * @param system us, metric, or weight: metric, with dry food weighed where its density is known
     * @param equipment whose fill is asked; absent for what it is usually cooked in
     * @param n which version; the current one when absent
     */
    record SizeAsked(
            @Nullable Integer n,
            ScaleTo.To to,
            @Nullable Integer vessels,
            @Nullable Integer bags,
            @Nullable String system,
            @Nullable UUID equipment) {}

    /** How full a vessel of the household gets with all that goes into it. */
    record InVessel(String equipment, VesselFills.VesselFill fill) {}

    /** @param in absent when the household has no vessel of which it is known what it holds */
    record SizeView(ScaledViews.Scaled scaled, @Nullable InVessel in) {}

    @PostMapping("/api/recipes/{id}/size")
    SizeView size(Household household, @PathVariable UUID id, @RequestBody SizeAsked asked) {
        Snapshot now = snapshots.of(household);
        Recipe recipe = recipes.version(now, id, asked.n()).recipe();
        int bags = asked.bags() == null ? 1 : asked.bags();
        if (bags < 1 || bags > MOST_BAGS) {
            throw Problem.at("/bags", "Bags are a whole number from 1 to " + MOST_BAGS + ", not " + bags + ".");
        }
        List<ReadLine> lines = recipe.lines().stream().map(RecipeLine::read).toList();
        ScaleTo.Prices prices = new ScaleTo.Prices(now.book(), now.offers(), household.currency());
        Rational areas = ScaleTo.areas(asked.to(), vessels);
        Rational portions = Rational.of(recipe.portions());
        Rational factor = ScaleTo.factor(asked.to(), portions.plain(), areas, lines, prices, household.measures());
        Pots kitchen = sizes.pots(household);
        Sized sized = kitchen.sized(recipe, factor, bags > 1 ? Integer.valueOf(bags) : asked.vessels());
        Sized over = areas == null ? sized : sized.over(areas, household.measures());
        return new SizeView(
                ScaledViews.of(over, bags, portions, ScaledViews.wording(asked.system(), household.measures())),
                in(household, kitchen, over, asked).orElse(null));
    }

    private Optional<InVessel> in(Household household, Pots kitchen, Sized sized, SizeAsked asked) {
        UUID wanted = asked.equipment();
        Optional<Filling.Vessel> vessel = wanted == null
                ? Filling.usual(sized.recipe(), kitchen.vessels())
                : kitchen.vessels().stream()
                        .filter(one -> one.id().equals(wanted.toString()))
                        .findFirst();
        if (wanted != null && vessel.isEmpty()) {
            throw Problem.at("/equipment", "Of this nobody has said what it holds; say so under Household.");
        }
        Filling filling = Filling.of(Filling.items(sized, Style.COOKED), vessels.standing(), household.measures());
        return vessel.map(one -> new InVessel(
                one.id(),
                VesselFills.of(
                        VesselFills.Looked.at(one.rule(), one.size(), filling),
                        vessels.pressure(),
                        null,
                        null,
                        household.system(),
                        household.measures())));
    }
}
