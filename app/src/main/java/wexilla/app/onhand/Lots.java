package wexilla.app.onhand;

import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.household.Foods;
import wexilla.app.household.Reference;
import wexilla.app.platform.Household;
import wexilla.core.food.Food;
import wexilla.core.food.Form;
import wexilla.core.food.Forms;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.keeping.Thaw;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.stock.OpenLot;

/** Reads what is there: lots with something left in them. */
@Component
public class Lots {

    /** A lot as read, with the names of what it is and where. */
    public record Lot(
            UUID id,
            String name,
            @Nullable UUID food,
            @Nullable UUID batch,
            Amount amount,
            String level,
            Cost cost,
            String about,
            UUID place,
            String placeName,
            Storage storage,
            String state,
            LotClock clock,
            @Nullable BigDecimal unitGrams,
            KeepDates dates,
            @Nullable UUID containerId,
            @Nullable String container,
            @Nullable String code,
            @Nullable UUID group,
            @Nullable Integer partNo,
            Thaw.@Nullable Shape frozenAs) {

        /** A staple that is only had, low or out, without an amount. */
        public boolean staple() {
            return !level.equals("counted");
        }

        public OpenLot open() {
            boolean cooked = batch != null && !state.equals("raw");
            return new OpenLot(
                    id.toString(), amount, cost, dates.last().orElse(null), dates.eatBy(), clock, cooked, frozenAs);
        }
    }

    private static final String SELECT = """
            select l.*, coalesce(f.name, b.name) as name, p.name as place_name, p.kind as place_kind,
                c.name as container_name
            from lot l
            join place p on p.household_id = l.household_id and p.id = l.place
            left join food f on f.household_id = l.household_id and f.id = l.food
            left join batch b on b.household_id = l.household_id and b.id = l.batch
            left join container c on c.household_id = l.household_id and c.id = l.container
            where l.household_id = :household and\s""";
    private static final String ORDER =
            " order by coalesce(l.eat_by, l.best_before) nulls last, name, l.clock_from, l.id";

    private final JdbcClient db;
    private final Foods foods;
    private final Reference reference;

    Lots(JdbcClient db, Foods foods, Reference reference) {
        this.db = db;
        this.foods = foods;
        this.reference = reference;
    }

    /** Everything there is, first to expire first. */
    public List<Lot> open(Household household) {
        return query(household, "(l.amount > 0 or l.grade in ('have', 'low'))", Map.of());
    }

    /** Staples that are not counted, at every level; what an undone note named is not among them. */
    public List<Lot> staples(Household household) {
        return query(household, "l.grade <> 'counted' and stands(l.household_id, l.made_by)", Map.of());
    }

    /** Cooked dishes that wait on the counter to be packed. */
    public List<Lot> waiting(Household household) {
        return query(household, "l.amount > 0 and l.batch is not null and p.kind = 'COUNTER'", Map.of());
    }

    /** These lots, in the order of their ids; those of another household are not found. */
    public List<Lot> byId(Household household, Collection<UUID> ids) {
        return query(household, "l.id = any (:ids)", Map.of("ids", ids.toArray(UUID[]::new)));
    }

    public Optional<Lot> byId(Household household, UUID id) {
        return byId(household, List.of(id)).stream().findFirst();
    }

    /** The packets an act made, in the order they were filled. */
    public List<Lot> packetsOf(Household household, UUID act) {
        return db.sql(SELECT + "l.made_by = :act and l.code is not null order by (select min(m.seq) from movement m "
                        + "where m.household_id = l.household_id and m.lot = l.id and m.act = l.made_by)")
                .param("household", household.id())
                .param("act", act)
                .query((row, n) -> lot(row, household))
                .list();
    }

    /** The key a dish's stock is found by, beside the food keys. */
    public static String dishKey(UUID batch) {
        return "dish:" + batch;
    }

    /** The key a recipe goes by where another one asks for it. */
    public static String recipeKey(String recipe) {
        return "recipe:" + recipe;
    }

    /** What is there of foods and of dishes, by their keys. */
    public Map<String, List<OpenLot>> openByKey(Household household) {
        Map<String, List<OpenLot>> byKey = openByFood(household);
        query(household, "l.amount > 0 and l.batch is not null", Map.of())
                .forEach(lot -> byKey.computeIfAbsent(
                                dishKey(Objects.requireNonNull(lot.batch())), key -> new java.util.ArrayList<>())
                        .add(lot.open()));
        return byKey;
    }

    /** Which foods stand in for which, and cooked dishes that are there for the recipes they were cooked by. */
    public Forms forms(Household household) {
        return foods.forms(household)
                .with(db.sql("""
                        select distinct b.id, b.recipe, b.name from batch b
                        join lot l on l.household_id = b.household_id and l.batch = b.id
                        where b.household_id = ? and b.recipe is not null and b.style in ('COOKED', 'PLAIN_PART') and l.amount > 0
                        and l.unit = 'portion' order by b.id""")
                        .params(household.id())
                        .query((row, n) -> dishForm(
                                row.getObject("recipe", UUID.class),
                                row.getObject("id", UUID.class),
                                row.getString("name")))
                        .list());
    }

    private static Form dishForm(UUID recipe, UUID batch, String name) {
        Food dish = Food.unknown(dishKey(batch), name, Unit.PORTION);
        return new Form(recipeKey(recipe.toString()), dish, Rational.ONE, true, List.of(), "", "cooked by this recipe");
    }

    /** What is there of foods, by food key, as the core wants it. */
    public Map<String, List<OpenLot>> openByFood(Household household) {
        Map<UUID, String> keys = foods.keys(household);
        Map<String, List<OpenLot>> byFood = new HashMap<>();
        query(household, "l.amount > 0 and l.food is not null", Map.of())
                .forEach(lot -> byFood.computeIfAbsent(
                                Objects.requireNonNull(keys.get(lot.food())), key -> new java.util.ArrayList<>())
                        .add(lot.open()));
        return byFood;
    }

    private List<Lot> query(Household household, String condition, Map<String, Object> parameters) {
        return db.sql(SELECT + condition + ORDER)
                .param("household", household.id())
                .params(parameters)
                .query((row, n) -> lot(row, household))
                .list();
    }

    private Lot lot(ResultSet row, Household household) throws SQLException {
        Storage storage = Storage.valueOf(row.getString("place_kind"));
        LotClock clock = new LotClock(
                row.getString("keeping_class"),
                row.getObject("clock_from", LocalDate.class),
                row.getInt("used_days"),
                row.getObject("frozen_on", LocalDate.class),
                row.getObject("thawed_on", LocalDate.class),
                row.getString("state").equals("opened"));
        KeepDates rule = reference.keeping().dates(clock, storage);
        String container = row.getString("container_name");
        boolean dish = row.getObject("batch") != null;
        boolean tray = container != null && container.contains("tray");
        return new Lot(
                row.getObject("id", UUID.class),
                row.getString("name"),
                row.getObject("food", UUID.class),
                row.getObject("batch", UUID.class),
                Amount.of(Rational.of(row.getBigDecimal("amount")), Unit.ofSymbol(row.getString("unit"))),
                row.getString("grade"),
                new Cost(Money.of(row.getLong("cost"), household.currency()), row.getBoolean("cost_complete")),
                row.getString("about"),
                row.getObject("place", UUID.class),
                row.getString("place_name"),
                storage,
                row.getString("state"),
                clock,
                row.getBigDecimal("unit_grams"),
                new KeepDates(
                        row.getObject("use_from", LocalDate.class),
                        row.getObject("eat_by", LocalDate.class),
                        row.getObject("best_before", LocalDate.class),
                        rule.rule(),
                        rule.source()),
                row.getObject("container", UUID.class),
                container,
                row.getString("code"),
                row.getObject("packet_group", UUID.class),
                (Integer) row.getObject("part_no"),
                storage == Storage.FREEZER
                        ? reference.keeping().rule(clock.keepingClass()).frozenAs(dish, tray)
                        : null);
    }
}
