package wexilla.app.recipes;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.household.Equipped;
import wexilla.app.household.Vessels;
import wexilla.app.platform.Household;
import wexilla.app.platform.Problem;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.food.Key;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Filling;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.Size;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.steps.StepGear;

/** Brings recipes to a size in a household's own vessels. */
@Component
public class Sizes {

    /** More vessels than this is no kitchen at home. */
    static final int MOST_VESSELS = 60;

    private final Equipped equipped;
    private final Vessels vessels;

    Sizes(Equipped equipped, Vessels vessels) {
        this.equipped = equipped;
        this.vessels = vessels;
    }

    /** What there is to cook with on a clock. */
    public List<Gear> gear(Household household) {
        return equipped.gear(household);
    }

    /** The vessels of a household, read once. */
    public record Kitchen(List<Filling.Vessel> vessels, Map<Key, Rational> standing, Measures measures) {

        /** @param said in how many vessels, null for the loads its fill needs */
        public Sized sized(Recipe recipe, Rational factor, @Nullable Integer said) {
            if (said != null && (said < 1 || said > MOST_VESSELS)) {
                throw Problem.at(
                        "/vessels", "Pots are a whole number from 1 to " + MOST_VESSELS + ", not " + said + ".");
            }
            int loads = said == null ? Filling.loads(recipe, factor, vessels, standing, measures) : said;
            return Sized.of(recipe, Size.of(factor, Math.min(loads, MOST_VESSELS)), measures);
        }
    }

    public Kitchen kitchen(Household household) {
        List<Filling.Vessel> all = new ArrayList<>();
        for (Equipped.Equipment one : equipped.all(household)) {
            StepGear.Kind gear = one.kind().gear();
            if (gear != null) {
                vessels.measured(one)
                        .ifPresent(size -> all.add(new Filling.Vessel(
                                one.id().toString(),
                                gear,
                                vessels.rule(one.kind().name()).orElseThrow(),
                                size)));
            }
        }
        return new Kitchen(all, vessels.standing(), household.measures());
    }
}
