package wexilla.core.plan.ahead;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import org.junit.jupiter.api.Test;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.keeping.LotClock;
import wexilla.core.money.Cost;
import wexilla.core.plan.ahead.FreezeBy.There;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Unit;
import wexilla.core.shopping.Needs;
import wexilla.core.shopping.Needs.Met;
import wexilla.core.shopping.Needs.Want;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.StockUse.Take;

/** A haul of Saturday, asked on Sunday: limits by handbook, section 6. */
class FreezeByTest {

    private static final Currency EUR = Currency.getInstance("EUR");
    private static final LocalDate SATURDAY = LocalDate.of(2026, 12, 5);
    private static final LocalDate SUNDAY = SATURDAY.plusDays(1);

    private static There there(String name, int warnIn, int limitIn) {
        OpenLot lot = new OpenLot(
                name,
                Amount.of(1000, Unit.G),
                Cost.unknown(EUR),
                SATURDAY.plusDays(limitIn),
                SATURDAY.plusDays(limitIn),
                LotClock.start("raw", SATURDAY),
                false);
        return new There(lot, name, SATURDAY.plusDays(warnIn));
    }

    private static Met takes(There there, int grams) {
        Food food = Food.unknown(Key.food(there.name()), there.name(), Unit.G);
        Want want = Want.food(food, Amount.of(grams, Unit.G), SUNDAY, "pan");
        Take take = new Take(there.lot(), Amount.of(grams, Unit.G), Cost.unknown(EUR));
        return new Met(want, want.amount(), List.of(take), null, List.of(), "", null);
    }

    @Test
    void whatNothingPlannedUsesInTime() {
        List<There> haul = new ArrayList<>(List.of(
                there("mince", 1, 2),
                there("sausages", 1, 2),
                there("haddock", 1, 3),
                there("chops", 3, 5),
                there("bacon", 7, 7)));
        assertThat(FreezeBy.of(haul, List.of(), SUNDAY).words(SUNDAY))
                .isEqualTo("freeze by tomorrow: mince, sausages; haddock by Tuesday");
        assertThat(FreezeBy.of(haul, List.of(takes(haul.get(0), 600), takes(haul.get(1), 980)), SUNDAY)
                        .words(SUNDAY))
                .isEqualTo("freeze by tomorrow: the rest of the mince; haddock by Tuesday");
        assertThat(FreezeBy.of(haul, List.of(), SUNDAY.plusDays(1)).words(SUNDAY.plusDays(1)))
                .isEqualTo("freeze tonight: mince, sausages; haddock by tomorrow");
        assertThat(FreezeBy.of(haul.subList(0, 2), new Needs(List.of()).met(), SUNDAY.plusDays(2))
                        .words(SUNDAY.plusDays(2)))
                .isEmpty();
    }
}
