package wexilla.app.doors;

import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Visitor;
import wexilla.app.platform.Whose;

/**
 * Whether a request may come in: whoever sits at the machine itself while no pass phrase is set, else who is signed in, as far
 * as his role goes.
 */
@Component
class Doors {

    private static final Set<String> READS = Set.of("GET", "HEAD", "OPTIONS");
    private static final Pattern UNDO =
            Pattern.compile("/api/acts/([0-9a-fA-F]{8}(?:-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12})/undo");

    /** Another copy of the application may have set the phrase: it is looked up again after so long. */
    private static final Duration SEEN = Duration.ofSeconds(1);

    private static final int MOST_SEEN = 1000;

    private final JdbcClient db;
    private final Whose whose;
    private final Acts acts;
    private final Map<Optional<UUID>, Seen> seen = new ConcurrentHashMap<>();

    Doors(JdbcClient db, Whose whose, Acts acts) {
        this.db = db;
        this.whose = whose;
        this.acts = acts;
    }

    private record Seen(boolean locked, long at) {}

    /** Whether a request may come in where signing in is asked for. */
    AuthorizationDecision may(
            Supplier<? extends @Nullable Authentication> signed, RequestAuthorizationContext context) {
        HttpServletRequest request = context.getRequest();
        Visitor visitor = visitor(signed.get()).orElse(null);
        boolean may = visitor == null ? open(request) : may(visitor, request);
        return new AuthorizationDecision(may);
    }

    private boolean may(Visitor visitor, HttpServletRequest request) {
        String path = request.getServletPath();
        if (READS.contains(request.getMethod())) {
            return true;
        }
        if (!visitor.role().writes(path)) {
            return false;
        }
        Matcher undo = UNDO.matcher(path);
        return !undo.matches()
                || !visitor.role().ownActsOnly()
                || acts.did(visitor.household(), UUID.fromString(undo.group(1)), visitor.member());
    }

    private static Optional<Visitor> visitor(@Nullable Authentication signed) {
        return Optional.ofNullable(signed)
                .map(Authentication::getPrincipal)
                .filter(Visitor.class::isInstance)
                .map(Visitor.class::cast);
    }

    /** Whether nobody has to sign in here: this machine asks itself, and no phrase is set. */
    boolean open(HttpServletRequest request) {
        return here(request) && !locked(whose.asked(request::getHeader));
    }

    /** Both ends are this machine, nothing between them, on the port for it alone. */
    static boolean here(HttpServletRequest request) {
        return !request.isSecure()
                && loopback(request.getRemoteAddr())
                && loopback(request.getLocalAddr())
                && request.getHeader("Forwarded") == null
                && request.getHeader("X-Forwarded-For") == null;
    }

    private static boolean loopback(String address) {
        try {
            return InetAddress.getByName(address).isLoopbackAddress();
        } catch (UnknownHostException unknown) {
            return false;
        }
    }

    private boolean locked(Optional<UUID> household) {
        long now = System.nanoTime();
        Seen last = seen.get(household);
        if (last == null || now - last.at() > SEEN.toNanos()) {
            if (seen.size() > MOST_SEEN) {
                seen.clear();
            }
            last = new Seen(phrase(household), now);
            seen.put(household, last);
        }
        return last.locked();
    }

    private boolean phrase(Optional<UUID> household) {
        return db.sql("""
                        select coalesce((select d.household_id is not null from household h
                            left join door d on d.household_id = h.id
                            where :id::uuid is null or h.id = :id::uuid order by h.id limit 1), false)""")
                .param("id", household.orElse(null))
                .query(Boolean.class)
                .single();
    }

    /** A phrase was set. */
    void changed() {
        seen.clear();
    }
}
