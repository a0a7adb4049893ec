package wexilla.app.files;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import javax.sql.DataSource;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Money;

/**
 * What a household has written down, as tables for a spreadsheet: row by row as the database gives them, however many
 * years there are. Their columns stand in docs/tables.md.
 */
@Component
class HouseTables {

    /** Rows the database hands over at a time. */
    private static final int AT_A_TIME = 1_000;

    /** What is told: its columns, the question, and how a row of the answer is told. */
    enum Table {
        STOCK(
                List.of(
                        "lot",
                        "name",
                        "dish",
                        "about",
                        "amount",
                        "unit",
                        "level",
                        "cost",
                        "currency",
                        "cost known",
                        "place",
                        "kept in",
                        "state",
                        "eat by",
                        "best before",
                        "frozen on",
                        "packet"),
                """
                select l.id, coalesce(f.name, b.name) as name, l.batch is not null as dish, l.about, l.amount, l.unit,
                    l.grade, l.cost, l.cost_complete, p.name as place, p.kind, l.state, l.eat_by, l.best_before,
                    l.frozen_on, l.code
                from lot l join place p on p.household_id = l.household_id and p.id = l.place
                left join food f on f.household_id = l.household_id and f.id = l.food
                left join batch b on b.household_id = l.household_id and b.id = l.batch
                where l.household_id = ? and (l.amount > 0 or l.grade in ('HAVE', 'LOW'))
                order by p.name, name, l.id"""),
        PRICES(
                List.of(
                        "food",
                        "shop",
                        "pack",
                        "amount",
                        "unit",
                        "price",
                        "currency",
                        "kind",
                        "packs together",
                        "price together",
                        "seen on",
                        "taken back"),
                """
                select f.name, s.name as shop, o.pack, o.base_amount, o.base_unit, o.price, o.kind, o.multi_n,
                    o.multi_price, o.seen_on, not stands(o.household_id, o.act) as undone
                from offer o join food f on f.household_id = o.household_id and f.id = o.food
                left join shop s on s.household_id = o.household_id and s.id = o.shop
                where o.household_id = ? order by o.seen_on, f.name, o.id"""),
        MOVEMENTS(
                List.of(
                        "at",
                        "act",
                        "what was done",
                        "who",
                        "device",
                        "lot",
                        "name",
                        "movement",
                        "amount",
                        "unit",
                        "cost",
                        "currency",
                        "reason"),
                """
                select a.happened_at, a.id as act, a.subject, who.name as who, a.device, m.lot,
                    coalesce(f.name, b.name) as name, m.kind, m.amount, l.unit, m.cost, m.reason
                from movement m join act a on a.household_id = m.household_id and a.id = m.act
                join lot l on l.household_id = m.household_id and l.id = m.lot
                left join food f on f.household_id = l.household_id and f.id = l.food
                left join batch b on b.household_id = l.household_id and b.id = l.batch
                left join member who on who.household_id = a.household_id and who.id = a.person
                where m.household_id = ? order by a.seq, m.seq""");

        final List<String> columns;
        private final String question;

        Table(List<String> columns, String question) {
            this.columns = columns;
            this.question = question;
        }
    }

    private final JdbcTemplate db;

    HouseTables(DataSource source) {
        db = new JdbcTemplate(source);
        db.setFetchSize(AT_A_TIME);
    }

    /** Writes it with its headings, within a transaction of its own: the rows are of one moment. */
    void write(Household household, Table table, Appendable to) {
        try (CSVPrinter printer = new CSVPrinter(to, Cells.format(table.columns.toArray(String[]::new)))) {
            db.query(
                    table.question,
                    row -> {
                        try {
                            printer.printRecord(cells(household, table, row));
                        } catch (IOException gone) {
                            throw new UncheckedIOException(gone);
                        }
                    },
                    household.id());
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    private static List<Object> cells(Household household, Table table, ResultSet row) throws SQLException {
        String currency = household.currency().getCurrencyCode();
        return switch (table) {
            case STOCK ->
                List.of(
                        row.getString("id"),
                        text(row, "name"),
                        row.getBoolean("dish"),
                        text(row, "about"),
                        number(row, "amount"),
                        row.getString("unit"),
                        row.getString("grade"),
                        money(household, row, "cost"),
                        currency,
                        row.getBoolean("cost_complete"),
                        text(row, "place"),
                        row.getString("kind"),
                        row.getString("state"),
                        text(row, "eat_by"),
                        text(row, "best_before"),
                        text(row, "frozen_on"),
                        text(row, "code"));
            case PRICES ->
                List.of(
                        text(row, "name"),
                        text(row, "shop"),
                        text(row, "pack"),
                        number(row, "base_amount"),
                        text(row, "base_unit"),
                        money(household, row, "price"),
                        currency,
                        row.getString("kind"),
                        number(row, "multi_n"),
                        money(household, row, "multi_price"),
                        text(row, "seen_on"),
                        row.getBoolean("undone"));
            case MOVEMENTS ->
                List.of(
                        instant(row),
                        row.getString("act"),
                        text(row, "subject"),
                        text(row, "who"),
                        text(row, "device"),
                        row.getString("lot"),
                        text(row, "name"),
                        row.getString("kind"),
                        number(row, "amount"),
                        row.getString("unit"),
                        money(household, row, "cost"),
                        currency,
                        text(row, "reason"));
        };
    }

    private static Instant instant(ResultSet row) throws SQLException {
        return row.getTimestamp("happened_at").toInstant();
    }

    /** Empty where nothing is said. */
    private static String text(ResultSet row, String column) throws SQLException {
        String said = row.getString(column);
        return said == null ? "" : Cells.harmless(said);
    }

    private static String number(ResultSet row, String column) throws SQLException {
        BigDecimal number = row.getBigDecimal(column);
        if (number == null) {
            return "";
        }
        return number.signum() == 0 ? "0" : number.stripTrailingZeros().toPlainString();
    }

    private static String money(Household household, ResultSet row, String column) throws SQLException {
        @Nullable BigDecimal minor = row.getBigDecimal(column);
        return minor == null
                ? ""
                : Money.of(minor.longValueExact(), household.currency()).decimal();
    }
}
