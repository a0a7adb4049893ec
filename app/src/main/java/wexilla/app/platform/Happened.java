package wexilla.app.platform;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * When an act happened: now, or the time its sender names in {@code Happened-At} (ISO 8601) when it had to wait for an
 * answer, at most thirty days ago.
 */
final class Happened {

    static final String HEADER = "Happened-At";
    private static final Duration LONGEST = Duration.ofDays(30);

    private Happened() {}

    /** @throws Problem if the header is no time, or too long ago; a clock that runs fast means now */
    static Instant at(Clock clock) {
        Instant now = clock.instant();
        String said = RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request
                ? request.getRequest().getHeader(HEADER)
                : null;
        if (said == null) {
            return now;
        }
        try {
            Instant then = Instant.parse(said);
            if (then.isBefore(now.minus(LONGEST))) {
                throw Problem.at(
                        "/" + HEADER, "“" + said + "” is more than 30 days ago; write down anew what still counts.");
            }
            return then.isAfter(now) ? now : then;
        } catch (DateTimeParseException notOne) {
            throw Problem.at("/" + HEADER, "“" + said + "” is no time; write it like 2026-11-28T17:30:00Z.");
        }
    }
}
