package wexilla.core.kitchen.house;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Key;
import wexilla.core.kitchen.Refused;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Filling;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.Size;
import wexilla.core.recipe.Sized;

/** The vessels of a household, read once. */
public record Pots(List<Filling.Vessel> vessels, Map<Key, Rational> standing, Measures measures) {

    /** More vessels than this is no kitchen at home. */
    public static final int MOST_VESSELS = 60;

    /** @param said in how many vessels, null for the loads its fill needs */
    public Sized sized(Recipe recipe, Rational factor, @Nullable Integer said) {
        if (said != null && (said < 1 || said > MOST_VESSELS)) {
            throw Refused.at("/vessels", "Pots are a whole number from 1 to " + MOST_VESSELS + ", not " + said + ".");
        }
        int loads = said == null ? Filling.loads(recipe, factor, vessels, standing, measures) : said;
        return Sized.of(recipe, Size.of(factor, Math.min(loads, MOST_VESSELS)), measures);
    }

    /** Most portions of a recipe that are cooked at once, up to so many times as written: what its vessel takes in one load. */
    public int most(Recipe recipe, int times) {
        int halves = 2 * times;
        while (halves > 2 && Filling.loads(recipe, Rational.of(halves, 2), vessels, standing, measures) > 1) {
            halves--;
        }
        return recipe.portions() * halves / 2;
    }
}
