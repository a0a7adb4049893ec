package wexilla.app.propose;

import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Problem;
import wexilla.app.platform.Runaway;
import wexilla.core.kitchen.house.Household;
import wexilla.core.menu.search.MenuSearch;

/** Searches under way, so that whoever waits for one sees how far it is and can end it with the best found so far. */
@Component
class Searches {

    private static final Duration RUNAWAY = Duration.ofSeconds(60);
    private static final int LONGEST_ID = 64;

    private final Map<Key, Search> under = new ConcurrentHashMap<>();

    private record Key(UUID household, String id) {}

    /** One search: watched by the engine, and asked from another request. */
    final class Search implements MenuSearch.Watch, AutoCloseable {
        private final @Nullable Key key;
        private final long effort;
        private final Runaway runaway = Runaway.after(RUNAWAY);
        private volatile long spent;
        private volatile boolean stopped;

        private Search(@Nullable Key key, long effort) {
            this.key = key;
            this.effort = effort;
        }

        @Override
        public boolean ends(long spent, long total) {
            this.spent = spent;
            return stopped || runaway.getAsBoolean();
        }

        boolean stopped() {
            return stopped;
        }

        void stop() {
            stopped = true;
        }

        /** Hundredths of its effort that are spent. */
        int percent() {
            return effort == 0 ? 100 : (int) Math.min(100, 100 * spent / effort);
        }

        @Override
        public void close() {
            if (key != null) {
                under.remove(key, this);
            }
        }
    }

    /** @param id as the asker calls it; null where nobody will ask */
    Search begin(Household household, @Nullable String id, long effort) {
        if (id == null) {
            return new Search(null, effort);
        }
        if (id.isBlank() || id.length() > LONGEST_ID) {
            throw Problem.at("/search", "A search is called by 1 to " + LONGEST_ID + " characters.");
        }
        Key key = new Key(household.id(), id);
        Search search = new Search(key, effort);
        under.put(key, search);
        return search;
    }

    /** Empty where it has ended, or has not begun. */
    Optional<Search> of(Household household, String id) {
        return Optional.ofNullable(under.get(new Key(household.id(), id)));
    }
}
