package wexilla.app.onhand;

import java.util.HashSet;
import java.util.Set;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Problem;
import wexilla.core.kitchen.house.Household;
import wexilla.core.packing.PacketCode;

/** Hands out packet codes that no packet of the household ever had. */
@Component
public class Codes {

    private final JdbcClient db;

    Codes(JdbcClient db) {
        this.db = db;
    }

    /** Every code in use; {@link #fresh} adds to it. */
    public Set<String> used(Household household) {
        return new HashSet<>(db.sql("select code from lot where household_id = ? and code is not null")
                .params(household.id())
                .query(String.class)
                .list());
    }

    /**
     * A code of what an act makes, by the act's key.
     *
     * @throws Problem if every code is taken
     */
    public String fresh(Act act, Set<String> used) {
        if (used.size() >= PacketCode.COUNT) {
            throw Problem.at("/packets", "Every packet code of this household is taken.");
        }
        while (true) {
            int number = (int) Long.remainderUnsigned(act.newId().getLeastSignificantBits(), PacketCode.COUNT);
            String code = PacketCode.ofNumber(number).text();
            if (used.add(code)) {
                return code;
            }
        }
    }
}
