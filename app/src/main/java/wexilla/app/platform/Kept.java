package wexilla.app.platform;

import java.lang.ref.SoftReference;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * What requests of a household read again and again: its foods, what is there, its recipes. Whatever a household has is
 * written by an act, so that it is kept as long as the newest act is the same; another copy of Wexilla sees that too, and
 * so does one whose database was put back. The act is asked for before anything is read: what was read meanwhile can only
 * be newer than it says.
 */
@Component
public class Kept {

    /** Households whose things are kept; the one that asked longest ago goes first. */
    private static final int HOUSEHOLDS = 16;

    private record Since(@Nullable UUID act, Map<Object, Object> known) {}

    private final JdbcClient db;
    private final Map<UUID, SoftReference<Since>> households = new LinkedHashMap<>(HOUSEHOLDS, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<UUID, SoftReference<Since>> eldest) {
            return size() > HOUSEHOLDS;
        }
    };

    Kept(JdbcClient db) {
        this.db = db;
    }

    /** Where a request keeps what it reads. */
    public static final class Shelf {

        private final Map<Object, Object> known;

        private Shelf(Map<Object, Object> known) {
            this.known = known;
        }

        /** @param key of whoever asks; what is read is shared by threads, so that nobody changes it */
        @SuppressWarnings("unchecked")
        public <T> T read(Object key, Supplier<T> read) {
            Object value = known.get(key);
            if (value == null) {
                T fresh = read.get();
                Object other = known.putIfAbsent(key, fresh);
                value = other == null ? fresh : other;
            }
            return (T) value;
        }
    }

    /** The things of a household; an act reads them anew, since it is about to change them. */
    public Shelf of(UUID household) {
        if (TransactionSynchronizationManager.isSynchronizationActive()) {
            return new Shelf(new ConcurrentHashMap<>());
        }
        UUID newest = db.sql("select id from act where household_id = ? order by seq desc limit 1")
                .params(household)
                .query(UUID.class)
                .optional()
                .orElse(null);
        synchronized (households) {
            Since kept = kept(household);
            if (kept != null && Objects.equals(kept.act(), newest)) {
                return new Shelf(kept.known());
            }
            Since fresh = new Since(newest, new ConcurrentHashMap<>());
            households.put(household, new SoftReference<>(fresh));
            return new Shelf(fresh.known());
        }
    }

    private @Nullable Since kept(UUID household) {
        SoftReference<Since> kept = households.get(household);
        return kept == null ? null : kept.get();
    }
}
