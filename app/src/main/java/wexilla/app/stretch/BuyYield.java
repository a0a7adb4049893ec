package wexilla.app.stretch;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wexilla.app.household.BigBuys;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.app.stretch.Cutting.StretchAsked;
import wexilla.core.food.Food;
import wexilla.core.food.facts.Yield;
import wexilla.core.quantity.Rational;
import wexilla.core.stretch.DishKind;

/** What is left of a big buy once it is cooked: as typed, by the fat its pack declares, or as the book says. */
final class BuyYield {

    private static final Rational HUNDRED = Rational.of(100);

    private BuyYield() {}

    static Yield of(StretchAsked asked, Optional<Food> food, BigBuys known) {
        Rational fat = fat(asked);
        if (asked.cookedYield() != null && !asked.cookedYield().isBlank()) {
            Rational typed = Asked.number("/cookedYield", asked.cookedYield());
            return Asked.at("/cookedYield", () -> new Yield(typed, "as typed"));
        }
        if (fat != null && food.map(DishKind::group).orElse("").equals("mince")) {
            Yield left = known.left(fat);
            return new Yield(left.ofOne(), "mince with " + fat.plain() + " % fat; " + left.source());
        }
        return food.map(f -> f.traits().cooked()).orElseThrow(() -> {
            String fact = "cooked yield of " + asked.food();
            return Problem.missingFact("/cookedYield", "The " + fact + " is not known; say it like 0.57.", fact);
        });
    }

    /** Per cent of fat; null when nothing is declared. What does not sum to 100 is no declaration. */
    private static @Nullable Rational fat(StretchAsked asked) {
        Rational fat = percent("/fat", asked.fat());
        Rational lean = percent("/lean", asked.lean());
        if (fat != null && lean != null && !fat.plus(lean).equals(HUNDRED)) {
            throw Problem.at(
                    "/lean",
                    "Fat " + fat.plain() + " + lean " + lean.plain() + " is "
                            + fat.plus(lean).plain() + ", not 100; look at the pack again.");
        }
        return fat != null ? fat : lean == null ? null : HUNDRED.minus(lean);
    }

    private static @Nullable Rational percent(String field, @Nullable String text) {
        if (text == null || text.isBlank()) {
            return null;
        }
        Rational percent = Asked.number(field, text);
        if (percent.signum() < 0 || percent.compareTo(HUNDRED) > 0) {
            throw Problem.at(field, "From 0 to 100 per cent, not " + percent.plain() + ".");
        }
        return percent;
    }
}
