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
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.files.HouseTables.Table;
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

    /** What is there. */
    @GetMapping("/api/tables/stock.csv")
    void stock(Household household, HttpServletResponse answer) {
        write(household, Table.STOCK, answer);
    }

    /** Every price that was seen. */
    @GetMapping("/api/tables/prices.csv")
    void prices(Household household, HttpServletResponse answer) {
        write(household, Table.PRICES, answer);
    }

    /** Everything that came and went. */
    @GetMapping("/api/tables/movements.csv")
    void movements(Household household, HttpServletResponse answer) {
        write(household, Table.MOVEMENTS, answer);
    }

    private void write(Household household, Table asked, HttpServletResponse answer) {
        answer.setContentType("text/csv");
        answer.setCharacterEncoding(StandardCharsets.UTF_8);
        answer.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment()
                        .filename(asked.name().toLowerCase(Locale.ROOT) + ".csv")
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
}
