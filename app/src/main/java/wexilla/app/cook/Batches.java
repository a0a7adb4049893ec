package wexilla.app.cook;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.cook.CookViews.BatchView;
import wexilla.app.onhand.BatchRows;
import wexilla.app.onhand.Snapshot;
import wexilla.app.platform.Act;
import wexilla.app.platform.Portions;
import wexilla.app.platform.Problem;
import wexilla.app.platform.Undoable;
import wexilla.app.recipes.Recipes;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Batch.State;
import wexilla.core.kitchen.NewBatch;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Money;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Size;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;

/** Batches: what was cooked, by which version of which recipe, and what went in. */
@Component
public class Batches implements Undoable {

    private final JdbcClient db;
    private final Recipes recipes;
    private final BatchRows rows;

    Batches(JdbcClient db, Recipes recipes, BatchRows rows) {
        this.db = db;
        this.recipes = recipes;
        this.rows = rows;
    }

    /** Writes a batch of a recipe; a planned one is written anew. */
    public UUID write(
            Act act, UUID id, Written recipe, Sized sized, Style style, State state, LocalDate day, Money flat) {
        return write(act, id, recipe, sized, sized.portions(), style, state, day, flat);
    }

    /** Writes a batch of which other portions came out than the recipe says. */
    UUID write(
            Act act,
            UUID id,
            Written recipe,
            Sized sized,
            Rational portions,
            Style style,
            State state,
            LocalDate day,
            Money flat) {
        return rows.write(act, NewBatch.of(id, recipe, sized, portions, style, state, day, flat));
    }

    /** A planned batch is not cooked after all. */
    public void drop(Act act, UUID id) {
        rows.drop(act, id);
    }

    /** Writes something cooked without a recipe: just cooked, or a joint. */
    public UUID add(Act act, String name, Style style, Rational portions, Money flat) {
        return rows.write(act, NewBatch.named(act.newId(), name, style, portions, act.day(), flat));
    }

    /** What was cooked, newest first; what was undone is not among it. */
    List<BatchView> newest(Household household, int most) {
        return db.sql("""
                        select b.id, b.name, b.portions, b.style, b.cook_on,
                            coalesce(sum(m.cost) filter (where m.kind = 'MADE'), 0)::bigint as cost,
                            coalesce(bool_and(l.cost_complete), false) as complete
                        from batch b
                        join act a on a.household_id = b.household_id and a.id = b.act
                        left join lot l on l.household_id = b.household_id and l.batch = b.id and l.made_by = b.act
                        left join movement m on m.household_id = l.household_id and m.lot = l.id and m.act = b.act
                        where b.household_id = ? and b.state = 'DONE' and b.recipe is not null
                        group by b.household_id, b.id, a.seq order by b.cook_on desc, a.seq desc limit ?""")
                .params(household.id(), most)
                .query((row, n) -> new BatchView(
                        row.getString("id"),
                        row.getString("name"),
                        Portions.number(Rational.of(row.getBigDecimal("portions"))),
                        Style.valueOf(row.getString("style")),
                        Objects.requireNonNull(row.getString("cook_on")),
                        Money.of(row.getLong("cost"), household.currency()).decimal(),
                        row.getBoolean("complete")))
                .list();
    }

    /** The batches of these recipes that were cooked on this day and are not eaten up, by recipe. */
    public Map<UUID, UUID> cookedOn(Household household, Collection<UUID> recipes, LocalDate day) {
        return rows.cookedOn(household, recipes, day);
    }

    /** What a batch is called. */
    public String name(Household household, UUID id) {
        return db.sql("select name from batch where household_id = ? and id = ?")
                .params(household.id(), id)
                .query(String.class)
                .single();
    }

    /** These batches of this household, by id. */
    public Map<UUID, Batch> byId(Snapshot now, Collection<UUID> ids) {
        return ids.isEmpty()
                ? Map.of()
                : withRecipes(now, named(now, ids, now.today(), now.today().minusDays(1))).stream()
                        .collect(Collectors.toMap(Batch::id, Function.identity()));
    }

    /**
     * These batches, and those planned from this day to that, in the order they are cooked; with what really
     * went into them, without their recipes.
     */
    public List<Batch> named(Snapshot now, Collection<UUID> ids, LocalDate from, LocalDate to) {
        return db.sql("""
                        select b.*, array(select distinct array[p.food::text, p.about] from lot c
                            join lot_source s on s.household_id = c.household_id and s.child = c.id
                            join lot p on p.household_id = s.household_id and p.id = s.parent
                            where b.state <> 'PLANNED' and c.household_id = b.household_id and c.batch = b.id
                            and p.food is not null and stands(c.household_id, c.made_by)
                            union select array[x.food::text, x.text] from lot c
                            join lot_source s on s.household_id = c.household_id and s.child = c.id
                            join lot_line x on x.household_id = s.household_id and x.lot = s.parent
                            where b.state <> 'PLANNED' and c.household_id = b.household_id and c.batch = b.id
                            and stands(c.household_id, c.made_by)
                            union select array[s.food::text, s.text] from batch_line s where b.recipe is null
                            and s.household_id = b.household_id and s.batch = b.id) as went_in
                        from batch b where b.household_id = ? and (b.id = any (?)
                            or b.state = 'PLANNED' and b.cook_on between ? and ?)
                        order by b.cook_on, b.name, b.id""")
                .params(now.household().id(), ids.toArray(UUID[]::new), from, to)
                .query((row, n) -> batch(row).of(wentIn(now, row)))
                .list();
    }

    /** What was taken, with what was said of each pack. */
    private static List<Food> wentIn(Snapshot now, ResultSet row) throws SQLException {
        Object taken = row.getArray("went_in").getArray();
        return taken instanceof String[][] all
                ? Arrays.stream(all)
                        .map(one -> one[0] == null
                                ? Food.unknown(Key.food(one[1]), one[1], Unit.G)
                                : now.foods().food(UUID.fromString(one[0])).saying(one[1]))
                        .toList()
                : List.of();
    }

    /** The versions these were cooked by. */
    public static List<Written.Version> versions(List<Batch> named) {
        return named.stream()
                .filter(batch -> batch.recipeId() != null)
                .map(Batch::version)
                .distinct()
                .toList();
    }

    /** The same batches with the recipes they were cooked by. */
    public List<Batch> withRecipes(Snapshot now, List<Batch> named) {
        Map<Written.Version, Written> stored = recipes.versions(now, versions(named));
        return named.stream()
                .map(batch -> batch.recipeId() == null
                        ? batch
                        : batch.with(Objects.requireNonNull(stored.get(batch.version()))
                                .recipe()))
                .toList();
    }

    private static Batch batch(ResultSet row) throws SQLException {
        return new Batch(
                row.getObject("id", UUID.class),
                row.getString("name"),
                Rational.of(row.getBigDecimal("portions")),
                Style.valueOf(row.getString("style")),
                State.valueOf(row.getString("state")),
                Objects.requireNonNull(row.getObject("cook_on", LocalDate.class)),
                Size.of(
                        new Rational(
                                row.getBigDecimal("factor_num").toBigIntegerExact(),
                                row.getBigDecimal("factor_den").toBigIntegerExact()),
                        row.getInt("vessels")),
                row.getObject("recipe", UUID.class),
                (Integer) row.getObject("n"),
                null,
                row.getObject("food", UUID.class),
                List.of(),
                row.getBoolean("follows"));
    }

    /** The ledger knows what stands on a batch; here is nothing more. */
    @Override
    public List<Problem.Blocker> blockers(UUID household, UUID act) {
        return List.of();
    }

    @Override
    public void undo(Act undo, Undone undone) {
        rows.undo(undo, undone.act());
    }
}
