package wexilla.app.platform;

import java.math.BigDecimal;
import java.math.RoundingMode;
import org.jspecify.annotations.Nullable;
import wexilla.core.kitchen.Change;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;

/** Portions as they are typed and told: a fraction where somebody eats less, or more, than one. */
public final class Portions {

    /** Decimals a cook is told; the sum of what a table eats has no more. */
    private static final int TOLD = 2;

    private static final BigDecimal LEAST = new BigDecimal("0.01");
    private static final BigDecimal MOST = BigDecimal.valueOf(Recipe.MOST_PORTIONS);

    private Portions() {}

    /**
     * How many somebody said.
     *
     * @throws Problem that names the field where it is no number of portions
     */
    public static Rational typed(String at, @Nullable BigDecimal said) {
        if (said == null || said.compareTo(LEAST) < 0 || said.compareTo(MOST) > 0) {
            throw Problem.at(
                    at,
                    "Say how many portions, from " + LEAST + " to " + MOST + ", like 4 or 3.2"
                            + (said == null ? "." : ", not " + said + "."));
        }
        return rounded(said);
    }

    /** The same where none is an answer too. */
    public static Rational orNone(String at, BigDecimal said) {
        return said.signum() == 0 ? Rational.ZERO : typed(at, said);
    }

    /** Whatever was typed, but no more than anybody counts: whether it holds is said with the others. */
    public static Rational atMost(String at, BigDecimal said) {
        return said.compareTo(MOST) > 0 ? typed(at, said) : rounded(said);
    }

    /** To what a ledger keeps. */
    private static Rational rounded(BigDecimal said) {
        return Rational.of(said.setScale(Change.DECIMALS, RoundingMode.HALF_UP));
    }

    /** The number of them, as it is told. */
    public static BigDecimal number(Rational portions) {
        BigDecimal told = portions.toDecimal(TOLD).stripTrailingZeros();
        return told.scale() < 0 ? told.setScale(0) : told;
    }
}
