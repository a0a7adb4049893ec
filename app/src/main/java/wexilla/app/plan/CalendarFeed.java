package wexilla.app.plan;

import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Problem.Blocker;
import wexilla.app.platform.Undoable;
import wexilla.core.kitchen.house.Household;

/** The private address of a household's plan as a calendar: a long secret, replaced by a new one when somebody asks. */
@Component
class CalendarFeed implements Undoable {

    /** The act of asking for a new address. */
    static final String KIND = "feed";

    private static final int BYTES = 24;

    private final JdbcClient db;
    private final SecureRandom random = new SecureRandom();

    CalendarFeed(JdbcClient db) {
        this.db = db;
    }

    /** Its secret; null while nobody asked for one. */
    @Nullable
    String secret(Household household) {
        return db.sql("select feed from household where id = ? and feed is not null")
                .params(household.id())
                .query(String.class)
                .optional()
                .orElse(null);
    }

    /** The household of this secret. */
    Optional<UUID> household(String secret) {
        return db.sql("select id from household where feed = ?")
                .params(secret)
                .query(UUID.class)
                .optional();
    }

    /** A new address; the one before ends. */
    String renew(Act act) {
        byte[] bytes = new byte[BYTES];
        random.nextBytes(bytes);
        db.sql("update household set feed = ? where id = ?")
                .params(HexFormat.of().formatHex(bytes), act.household().id())
                .update();
        return "A new address for the calendar of the plan";
    }

    @Override
    public List<Blocker> blockers(UUID household, UUID act) {
        return List.of();
    }

    /** An address that was given out and replaced never answers again: taken back, there is none. */
    @Override
    public void undo(Act undo, Undone undone) {
        if (undone.kind().equals(KIND)) {
            db.sql("update household set feed = null where id = ?")
                    .params(undo.household().id())
                    .update();
        }
    }
}
