package wexilla.app.doors;

import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;

/**
 * Sessions that are written when something changed. Kept as they come, every single read would write when it was made, and
 * a page that asks five things at once would wait for five writes of one row.
 */
final class QuietSessions implements FindByIndexNameSessionRepository<QuietSessions.Kept> {

    /** How exactly it is known when a device was seen last. */
    private static final Duration SEEN_WITHIN = Duration.ofMinutes(5);

    private final FindByIndexNameSessionRepository<Session> all;

    QuietSessions(FindByIndexNameSessionRepository<Session> all) {
        this.all = all;
    }

    @Override
    public Kept createSession() {
        return new Kept(all.createSession(), true);
    }

    @Override
    public void save(Kept session) {
        if (session.changed) {
            all.save(session.real);
            session.changed = false;
        }
    }

    @Override
    public @Nullable Kept findById(String id) {
        Session found = all.findById(id);
        return found == null ? null : new Kept(found, false);
    }

    @Override
    public void deleteById(String id) {
        all.deleteById(id);
    }

    @Override
    public Map<String, Kept> findByIndexNameAndIndexValue(String name, String value) {
        return all.findByIndexNameAndIndexValue(name, value).entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, found -> new Kept(found.getValue(), false)));
    }

    /** One of them. */
    static final class Kept implements Session {
        private final Session real;
        private boolean changed;

        private Kept(Session real, boolean changed) {
            this.real = real;
            this.changed = changed;
        }

        @Override
        public String getId() {
            return real.getId();
        }

        @Override
        public String changeSessionId() {
            changed = true;
            return real.changeSessionId();
        }

        @Override
        public <T> @Nullable T getAttribute(String name) {
            return real.getAttribute(name);
        }

        @Override
        public Set<String> getAttributeNames() {
            return real.getAttributeNames();
        }

        @Override
        public void setAttribute(String name, Object value) {
            changed = true;
            real.setAttribute(name, value);
        }

        @Override
        public void removeAttribute(String name) {
            changed = true;
            real.removeAttribute(name);
        }

        @Override
        public Instant getCreationTime() {
            return real.getCreationTime();
        }

        @Override
        public void setLastAccessedTime(Instant now) {
            if (changed || Duration.between(real.getLastAccessedTime(), now).compareTo(SEEN_WITHIN) > 0) {
                changed = true;
                real.setLastAccessedTime(now);
            }
        }

        @Override
        public Instant getLastAccessedTime() {
            return real.getLastAccessedTime();
        }

        @Override
        public void setMaxInactiveInterval(Duration interval) {
            if (!interval.equals(real.getMaxInactiveInterval())) {
                changed = true;
                real.setMaxInactiveInterval(interval);
            }
        }

        @Override
        public Duration getMaxInactiveInterval() {
            return real.getMaxInactiveInterval();
        }

        @Override
        public boolean isExpired() {
            return real.isExpired();
        }
    }
}
