package wexilla.app.cook;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.cook.CookViews.BatchView;
import wexilla.app.platform.Act;
import wexilla.app.platform.Household;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Journal.Thing;
import wexilla.app.platform.Problem;
import wexilla.app.platform.Undoable;
import wexilla.app.recipes.Recipes;
import wexilla.core.money.Money;
import wexilla.core.pricing.LineCost;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.Style;

/** Batches: what was cooked, by which version of which recipe, and what went in. */
@Component
public class Batches implements Undoable {

    private final JdbcClient db;
    private final Recipes recipes;
    private final Journal journal;

    Batches(JdbcClient db, Recipes recipes, Journal journal) {
        this.db = db;
        this.journal = journal;
        this.recipes = recipes;
    }

    /** Writes a batch that is done. */
    UUID add(
            Act act,
            @Nullable UUID planned,
            Recipes.Stored recipe,
            Style style,
            Rational factor,
            int portions,
            Money flat) {
        UUID id = planned == null ? UUID.randomUUID() : planned;
        if (planned != null) {
            journal.before(act, Thing.BATCH, id);
        }
        write(act, id, recipe, style, factor, portions, act.day(), "done", flat);
        return id;
    }

    /** Writes a batch to be cooked on a day ahead. */
    public UUID plan(Act act, Recipes.Stored recipe, Style style, Rational factor, int portions, LocalDate cookOn) {
        UUID id = UUID.randomUUID();
        Money none = Money.zero(act.household().currency());
        journal.before(act, Thing.BATCH, id);
        write(act, id, recipe, style, factor, portions, cookOn, "planned", none);
        return id;
    }

    private void write(
            Act act,
            UUID id,
            Recipes.Stored recipe,
            Style style,
            Rational factor,
            int portions,
            LocalDate cookOn,
            String state,
            Money flat) {
        db.sql("""
                        insert into batch (household_id, id, recipe, n, name, factor_num, factor_den, portions, style,
                            state, cook_on, done_at, flat_cost, act)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
                        on conflict (household_id, id) do update set n = excluded.n, name = excluded.name,
                            factor_num = excluded.factor_num, factor_den = excluded.factor_den,
                            portions = excluded.portions, style = excluded.style, state = excluded.state,
                            cook_on = excluded.cook_on, done_at = excluded.done_at,
                            flat_cost = excluded.flat_cost, act = excluded.act""")
                .params(Arrays.asList(
                        act.household().id(),
                        id,
                        recipe.id(),
                        recipe.n(),
                        recipe.recipe().title(),
                        new BigDecimal(factor.numerator()),
                        new BigDecimal(factor.denominator()),
                        portions,
                        style.name(),
                        state,
                        cookOn,
                        state.equals("done") ? act.happenedAt().atOffset(ZoneOffset.UTC) : null,
                        flat.minor(),
                        act.id()))
                .update();
    }

    /** Batches to be cooked from this day to that, both included. */
    public List<Batch> planned(Household household, LocalDate from, LocalDate to) {
        List<UUID> ids = db.sql("select id from batch where household_id = ? and state = 'planned' "
                        + "and cook_on between ? and ? order by cook_on, name")
                .params(household.id(), from, to)
                .query(UUID.class)
                .list();
        Map<UUID, Batch> batches = byId(household, ids);
        return ids.stream().map(id -> Objects.requireNonNull(batches.get(id))).toList();
    }

    /** A planned batch is not cooked after all. */
    void drop(Act act, UUID id) {
        journal.before(act, Thing.BATCH, id);
        db.sql("update batch set state = 'dropped' where household_id = ? and id = ? and state = 'planned'")
                .params(act.household().id(), id)
                .update();
    }

    /** Writes something cooked without a recipe: just cooked, or a joint. */
    public UUID add(Act act, String name, Style style, int portions, Money flat) {
        UUID id = UUID.randomUUID();
        db.sql("""
                        insert into batch (household_id, id, name, portions, style, state, cook_on, done_at, flat_cost, act)
                        values (?, ?, ?, ?, ?, 'done', ?, ?, ?, ?)""")
                .params(
                        act.household().id(),
                        id,
                        name,
                        portions,
                        style.name(),
                        act.day(),
                        act.happenedAt().atOffset(ZoneOffset.UTC),
                        flat.minor(),
                        act.id())
                .update();
        return id;
    }

    /** Writes what went in of one line. */
    void addLine(Act act, UUID batch, GoesIn line, LineCost cost, @Nullable UUID row) {
        db.sql("""
                        insert into batch_line (household_id, batch, act, pos, text, food, amount, unit, used, why)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)""")
                .params(Arrays.asList(
                        act.household().id(),
                        batch,
                        act.id(),
                        line.pos(),
                        line.text(),
                        row,
                        cost.need() == null ? null : cost.need().value().toDecimal(6),
                        cost.need() == null ? null : cost.need().unit().symbol(),
                        cost.need() == null ? null : cost.need().value().toDecimal(6),
                        cost.why()))
                .update();
    }

    /** What was cooked, newest first; what was undone is not among it. */
    List<BatchView> newest(Household household, int most) {
        return db.sql("""
                        select b.id, b.name, b.portions, b.style, b.cook_on,
                            coalesce(sum(m.cost), 0)::bigint as cost, coalesce(bool_and(l.cost_complete), false) as complete
                        from batch b
                        join act a on a.household_id = b.household_id and a.id = b.act
                        left join lot l on l.household_id = b.household_id and l.batch = b.id and l.made_by = b.act
                        left join movement m on m.household_id = l.household_id and m.lot = l.id and m.act = b.act
                        where b.household_id = ? and b.state = 'done' and b.recipe is not null
                        group by b.household_id, b.id, a.seq order by b.cook_on desc, a.seq desc limit ?""")
                .params(household.id(), most)
                .query((row, n) -> new BatchView(
                        row.getString("id"),
                        row.getString("name"),
                        row.getInt("portions"),
                        Style.valueOf(row.getString("style")),
                        Objects.requireNonNull(row.getString("cook_on")),
                        Money.of(row.getLong("cost"), household.currency()).decimal(),
                        row.getBoolean("complete")))
                .list();
    }

    /** A batch of this recipe that was cooked on this day and is not eaten up. */
    public Optional<UUID> cookedOn(Household household, UUID recipe, LocalDate day) {
        return db.sql("""
                        select b.id from batch b join lot l on l.household_id = b.household_id and l.batch = b.id
                        where b.household_id = ? and b.recipe = ? and b.state = 'done' and b.cook_on = ?
                        and l.amount > 0 limit 1""").params(household.id(), recipe, day).query(UUID.class).optional();
    }

    /** What a batch is called. */
    public String name(Household household, UUID id) {
        return db.sql("select name from batch where household_id = ? and id = ?")
                .params(household.id(), id)
                .query(String.class)
                .single();
    }

    /** A batch with what it takes to write its labels; {@code factor} of the recipe as written, {@code n} its version. */
    public record Batch(
            UUID id,
            String name,
            int portions,
            Style style,
            String state,
            LocalDate cookOn,
            Rational factor,
            @Nullable UUID recipeId,
            @Nullable Integer n,
            @Nullable Recipe recipe) {

        private Recipes.Version version() {
            return new Recipes.Version(Objects.requireNonNull(recipeId), Objects.requireNonNull(n));
        }

        private Batch with(Recipe read) {
            return new Batch(id, name, portions, style, state, cookOn, factor, recipeId, n, read);
        }
    }

    /** These batches of this household, by id. */
    public Map<UUID, Batch> byId(Household household, Collection<UUID> ids) {
        List<Batch> named = db.sql("select * from batch where household_id = ? and id = any (?)")
                .params(household.id(), ids.toArray(UUID[]::new))
                .query((row, n) -> new Batch(
                        row.getObject("id", UUID.class),
                        row.getString("name"),
                        row.getInt("portions"),
                        Style.valueOf(row.getString("style")),
                        row.getString("state"),
                        Objects.requireNonNull(row.getObject("cook_on", LocalDate.class)),
                        new Rational(
                                row.getBigDecimal("factor_num").toBigIntegerExact(),
                                row.getBigDecimal("factor_den").toBigIntegerExact()),
                        row.getObject("recipe", UUID.class),
                        (Integer) row.getObject("n"),
                        null))
                .list();
        Map<Recipes.Version, Recipes.Stored> stored = recipes.versions(
                household,
                named.stream()
                        .filter(batch -> batch.recipeId() != null)
                        .map(Batch::version)
                        .distinct()
                        .toList());
        return named.stream()
                .map(batch -> batch.recipeId() == null
                        ? batch
                        : batch.with(Objects.requireNonNull(stored.get(batch.version()))
                                .recipe()))
                .collect(Collectors.toMap(Batch::id, Function.identity()));
    }

    /** The ledger knows what stands on a batch; here is nothing more. */
    @Override
    public List<Problem.Blocker> blockers(UUID household, UUID act) {
        return List.of();
    }

    @Override
    public void undo(Act undo, UUID undone) {
        db.sql("update batch set state = 'dropped' where household_id = ? and act = ? and state = 'done'")
                .params(undo.household().id(), undone)
                .update();
    }
}
