package wexilla.app.platform;

import java.math.BigDecimal;
import java.math.RoundingMode;
import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;

/** Portions as they are typed and told: a fraction where somebody eats less, or more, than one. */
public final class Portions {

    /** Decimals a cook is told; the sum of what a table eats has no more. */
    private static final int TOLD = 2;

    private Portions() {}

    /**
     * How many somebody said.
     *
     * @throws Problem that names the field where it is no number of portions
     */
    public static Rational typed(String at, @Nullable BigDecimal said) {
        if (said == null || said.signum() <= 0 || said.compareTo(BigDecimal.valueOf(Recipe.MOST_PORTIONS)) > 0) {
            throw Problem.at(
                    at,
                    "Say how many portions, a number above 0 and at most " + Recipe.MOST_PORTIONS + ", like 4 or 3.2"
                            + (said == null ? "." : ", not " + said.toPlainString() + "."));
        }
        return Rational.of(said.setScale(6, RoundingMode.HALF_UP));
    }

    /** The number of them, as it is told. */
    public static BigDecimal number(Rational portions) {
        BigDecimal told = portions.toDecimal(TOLD).stripTrailingZeros();
        return told.scale() < 0 ? told.setScale(0) : told;
    }
}
