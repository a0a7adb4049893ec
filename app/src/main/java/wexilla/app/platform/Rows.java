package wexilla.app.platform;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Writes many rows of a table with one statement. */
@Component
public class Rows {

    private final JdbcClient db;
    private final JsonMapper json;

    Rows(JdbcClient db, JsonMapper json) {
        this.db = db;
        this.json = json;
    }

    /** Rows as a statement reads them: {@code jsonb_populate_recordset(null::table, ?::jsonb)}. */
    public String json(List<? extends Map<String, ?>> rows) {
        return json.writeValueAsString(rows);
    }

    /** @param rows by column, all with the same columns; nothing is written for none */
    public void insert(String table, List<? extends Map<String, ?>> rows) {
        insert(table, rows, "");
    }

    /** @param conflict "on conflict …": what becomes of rows that are there already */
    public void insert(String table, List<? extends Map<String, ?>> rows, String conflict) {
        if (rows.isEmpty()) {
            return;
        }
        String columns = rows.get(0).keySet().stream().sorted().collect(Collectors.joining(", "));
        db.sql("insert into " + table + " (" + columns + ") select " + columns + " from jsonb_populate_recordset(null::"
                        + table + ", ?::jsonb) " + conflict)
                .param(json(rows))
                .update();
    }

    /** @param rows by column, all with the same columns, each with its {@code id}; nothing is written for none */
    public void update(String table, UUID household, List<? extends Map<String, ?>> rows) {
        if (rows.isEmpty()) {
            return;
        }
        String columns = rows.get(0).keySet().stream()
                .filter(column -> !column.equals("id"))
                .sorted()
                .map(column -> column + " = now." + column)
                .collect(Collectors.joining(", "));
        db.sql("update " + table + " t set " + columns + " from jsonb_populate_recordset(null::" + table
                        + ", ?::jsonb) now where t.household_id = ? and t.id = now.id")
                .params(json(rows), household)
                .update();
    }
}
