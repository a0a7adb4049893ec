package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.app.household.Reference;
import wexilla.app.support.Kitchen;
import wexilla.core.food.Food;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.KitchenMeasure.System;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.shopping.ShopPacks;

/** Amounts as people buy them: never 716 g of peppers or 3.2 g of mint. */
class ShopPacksTest {

    private final Reference reference = Kitchen.bean(Reference.class);
    private final ShopPacks packs = reference.shopPacks();

    private static Amount amount(String value, Unit unit) {
        return Amount.of(Rational.of(new java.math.BigDecimal(value)), unit);
    }

    /** By the weights of pieces and bunches in the food book, which are common practice. */
    @ParameterizedTest
    @CsvSource({
        "bell pepper, 716, g, METRIC, 6",
        "mint, 3.2, g, METRIC, 1 bunch",
        "onion, 1650, g, METRIC, 1.65 kg",
        "onion, 220, g, METRIC, 2",
        "minced beef, 716.4, g, METRIC, 720 g",
        "minced beef, 1416, g, US, 3 1/4 lb",
        "tinned tomatoes, 820, g, METRIC, 2 tins",
        "red lentils, 700, g, METRIC, 2 × 500 g",
        "milk, 1200, ml, METRIC, 2 × 1 l",
        "spinach, 263, g, METRIC, 2 × 200 g",
        "plain flour, 1200, g, METRIC, 2 × 1 kg"
    })
    void whatIsLackingIsSaidAsItIsBought(String name, String value, String unit, System system, String words) {
        Food food = reference.book().named(name).orElseThrow();
        assertThat(packs.buy(food, amount(value, Unit.ofSymbol(unit)), Measures.METRIC, system)
                        .words())
                .isEqualTo(words);
    }

    /** Every food of the book is bought as something, and never less of it than is lacking by more than the 3 %. */
    @Test
    void whateverIsLackingIsBought() {
        for (Food food : reference.foods()) {
            Unit base = food.base().equals(Unit.PORTION) ? Unit.PIECE : food.base();
            for (String value : new String[] {"0.5", "7", "140", "999", "12345"}) {
                ShopPacks.Buy buy = packs.buy(food, amount(value, base), Measures.METRIC, System.METRIC);
                assertThat(buy.packs()).as(food.name()).isPositive();
                assertThat(buy.pack().value().isZero()).as(food.name()).isFalse();
                assertThat(buy.words()).doesNotStartWith("0");
            }
        }
    }

    @Test
    void packsThatWereSeenOnePieceEachAreCounted() {
        Food onion = reference.book().named("onion").orElseThrow();
        Amount each = wexilla.core.food.Conversion.convert(onion, Amount.of(1, Unit.PIECE), Unit.G, Measures.METRIC)
                        instanceof wexilla.core.food.Conversion.Converted one
                ? one.amount()
                : amount("0", Unit.G);
        assertThat(packs.said(onion, each, 15, Measures.METRIC)).hasToString("Optional[15]");
        assertThat(packs.said(onion, amount("1000", Unit.G), 2, Measures.METRIC))
                .isEmpty();
    }
}
