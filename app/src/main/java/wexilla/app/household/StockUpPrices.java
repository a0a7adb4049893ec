package wexilla.app.household;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Journal.Thing;
import wexilla.core.food.Food;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Money;

/** The prices at or under which a household stocks up: "mince at or under 6.00 a kilo". */
@Component
public class StockUpPrices {

    private final JdbcClient db;
    private final Journal journal;
    private final Foods foods;

    StockUpPrices(JdbcClient db, Journal journal, Foods foods) {
        this.db = db;
        this.journal = journal;
        this.foods = foods;
    }

    /** @param food its row, {@code perKilo} the price */
    public record Price(UUID food, Money perKilo) {}

    /** Of this food; empty when none is set. */
    public Optional<Price> of(Household household, Food food) {
        return db.sql(
                        "select id, stock_up from food where household_id = ? and lower(name) = lower(?) and stock_up > 0")
                .params(household.id(), food.name())
                .query((row, n) -> new Price(
                        row.getObject("id", UUID.class), Money.of(row.getLong("stock_up"), household.currency())))
                .optional();
    }

    /** A food with its price. */
    public record Named(String food, Money perKilo) {}

    /** All of them, by the names of the foods. */
    public List<Named> all(Household household) {
        return db.sql("select name, stock_up from food where household_id = ? and stock_up > 0 order by name")
                .params(household.id())
                .query((row, n) ->
                        new Named(row.getString("name"), Money.of(row.getLong("stock_up"), household.currency())))
                .list();
    }

    /** @param perKilo null to forget it */
    public void set(Act act, Food food, @Nullable Money perKilo) {
        UUID row = foods.row(act.household(), food);
        journal.before(act, Thing.FOOD, row);
        db.sql("update food set stock_up = ? where household_id = ? and id = ?")
                .params(Arrays.asList(
                        perKilo == null ? null : perKilo.minor(),
                        act.household().id(),
                        row))
                .update();
    }
}
