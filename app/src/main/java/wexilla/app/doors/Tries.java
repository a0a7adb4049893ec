package wexilla.app.doors;

import java.time.Clock;
import java.time.ZoneOffset;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Problem;

/** How often somebody may try to come in; counted in the database, so that several copies of the application share it. */
@Component
class Tries {

    /** At once from one address, and how long until one more (OWASP ASVS 4.0.3, 2.2.1: at most 100 an hour; ours is stricter). */
    private static final int AT_ONCE = 8;

    private static final int SECONDS_EACH = 60;

    private final JdbcClient db;
    private final Clock clock;

    Tries(JdbcClient db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    /** One try is taken. @throws Problem when there is none left */
    void take(String what, String address) {
        boolean may = db.sql("select may_try(?, ?, make_interval(secs => ?), ?)")
                .params(
                        what + " " + address,
                        AT_ONCE,
                        SECONDS_EACH,
                        clock.instant().atOffset(ZoneOffset.UTC))
                .query(Boolean.class)
                .single();
        if (!may) {
            throw Problem.refused(
                    HttpStatus.TOO_MANY_REQUESTS, "Too many tries from here; wait a minute, then try once more.");
        }
    }

    /** It was right: what was tried before does not count any more. */
    void right(String what, String address) {
        db.sql("delete from door_try where what = ?")
                .params(what + " " + address)
                .update();
    }

    /** What nobody tried for a day is full again anyway. */
    @Scheduled(initialDelayString = "${wexilla.silence-delay:PT1M}", fixedDelayString = "PT6H")
    void forget() {
        db.sql("delete from door_try where at < ?")
                .params(clock.instant().atOffset(ZoneOffset.UTC).minusDays(1))
                .update();
    }
}
