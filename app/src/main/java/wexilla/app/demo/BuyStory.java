package wexilla.app.demo;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import wexilla.app.demo.Script.PriceScript;
import wexilla.app.demo.Script.StretchScript;
import wexilla.app.demo.Script.WeighingScript;
import wexilla.app.household.Foods;
import wexilla.app.household.Weighings;
import wexilla.app.onhand.Lots;
import wexilla.app.onhand.Prices;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Asked;
import wexilla.app.stretch.Stretches;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Weighing;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;

/** The big buys, prices and weighings of the demo household. */
@Component
class BuyStory {

    private final Foods foods;
    private final Lots lots;
    private final Stretches stretches;
    private final Prices prices;
    private final Weighings weighings;
    private final Acts acts;

    BuyStory(Foods foods, Lots lots, Stretches stretches, Prices prices, Weighings weighings, Acts acts) {
        this.foods = foods;
        this.lots = lots;
        this.stretches = stretches;
        this.prices = prices;
        this.weighings = weighings;
        this.acts = acts;
    }

    void stretch(Household household, StretchScript script, Instant when) {
        acts.perform(household, Story.key(), "stretch", script, String.class, when, act -> {
            UUID lot = lots.open(household).stream()
                    .filter(l -> l.name().equals(script.lot()))
                    .findFirst()
                    .map(Lot::id)
                    .orElse(null);
            stretches.save(act, act.newId(), lot, script.asked());
            return new Acts.Done<>("Stretch: " + script.asked().food(), "");
        });
    }

    void prices(Household household, List<PriceScript> seen, Instant when) {
        acts.perform(household, Story.key(), "price", seen, String.class, when, act -> {
            for (PriceScript price : seen) {
                Food food = foods.known(household).book().named(price.food()).orElseThrow();
                Amount pack = Asked.amount("/pack", price.pack());
                Amount base = Conversion.convert(food, pack, food.base(), household.measures())
                                instanceof Conversion.Converted converted
                        ? converted.amount()
                        : pack;
                Money paid = Money.parse(price.price(), household.currency());
                prices.record(
                        act,
                        new Change.PriceSeen(foods.row(household, food), base, paid, act.day(), null, price.shop()));
            }
            return new Acts.Done<>("Prices seen at the market", "");
        });
    }

    void weighed(Household household, List<WeighingScript> weighed, Instant when) {
        acts.perform(household, Story.key(), "weighing", weighed, String.class, when, act -> {
            for (WeighingScript one : weighed) {
                Food food = foods.known(household).book().named(one.food()).orElseThrow();
                BigDecimal before = BigDecimal.valueOf(one.before());
                BigDecimal after = BigDecimal.valueOf(one.after());
                UUID row = foods.row(household, food);
                weighings.add(act, row, one.part(), before, after, Weighing.Grade.WEIGHED);
            }
            return new Acts.Done<>("Weighed before and after", "");
        });
    }
}
