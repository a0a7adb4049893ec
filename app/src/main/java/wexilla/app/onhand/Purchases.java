package wexilla.app.onhand;

import java.util.Arrays;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Problem;
import wexilla.core.money.Money;

/** What was paid at tills. A purchase whose act was undone does not count. */
@Component
public class Purchases {

    private final JdbcClient db;

    Purchases(JdbcClient db) {
        this.db = db;
    }

    /**
     * @param lines the sum of the lines with a price
     * @param till what the till said in the end, null when nobody typed it; the gap is the "rest of the till"
     * @throws Problem if the till said less than the lines sum to
     */
    public void record(Act act, Money lines, @Nullable Money till) {
        if (till != null && till.minor() < lines.minor()) {
            throw Problem.at(
                    "/till",
                    "The till says " + till.decimal() + ", the lines sum to " + lines.decimal()
                            + "; one of them is wrong.");
        }
        db.sql("insert into purchase (household_id, act, paid_on, lines, till) values (?, ?, ?, ?, ?)")
                .params(Arrays.asList(
                        act.household().id(), act.id(), act.day(), lines.minor(), till == null ? null : till.minor()))
                .update();
    }
}
