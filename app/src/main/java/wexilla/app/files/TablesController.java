package wexilla.app.files;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.files.HouseTables.Table;
import wexilla.app.platform.Problem;
import wexilla.core.kitchen.house.Household;

/** Stock, prices and movements to take along, as tables. */
@RestController
class TablesController {

    private final HouseTables tables;
    private final TransactionTemplate look;

    TablesController(HouseTables tables, PlatformTransactionManager transactions) {
        this.tables = tables;
        this.look = new TransactionTemplate(transactions);
        look.setReadOnly(true);
        look.setIsolationLevel(TransactionDefinition.ISOLATION_REPEATABLE_READ);
    }

    /** @param table stock, prices or movements */
    @GetMapping("/api/tables/{table}.csv")
    void table(Household household, @PathVariable String table, HttpServletResponse answer) {
        Table asked = of(table);
        answer.setContentType("text/csv");
        answer.setCharacterEncoding(StandardCharsets.UTF_8);
        answer.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment()
                        .filename(table + ".csv", StandardCharsets.UTF_8)
                        .build()
                        .toString());
        look.executeWithoutResult(status -> {
            try {
                tables.write(household, asked, answer.getWriter());
            } catch (IOException gone) {
                throw new UncheckedIOException(gone);
            }
        });
    }

    private static Table of(String name) {
        for (Table table : Table.values()) {
            if (table.name().toLowerCase(Locale.ROOT).equals(name)) {
                return table;
            }
        }
        throw Problem.at("/table", "“" + name + "” is no table; say stock, prices or movements.");
    }
}
