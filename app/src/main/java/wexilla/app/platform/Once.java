package wexilla.app.platform;

import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * What an act reads again and again and nearly never changes: its foods, its places. It holds the household, so that what
 * it read stays true until it writes such a row itself, and then says {@link #forget}; what is journalled is written later,
 * so that nothing is kept any more from then on ({@link #stop}).
 */
@Component
public class Once {

    private static final Object STOPPED = new Object();

    /** @param key of what is read, with the household; outside an act it is read each time */
    @SuppressWarnings("unchecked")
    public <T> T read(Object key, Supplier<T> read) {
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            return read.get();
        }
        Map<Object, Object> known = known();
        if (known.containsKey(STOPPED)) {
            return read.get();
        }
        Object value = known.get(key);
        if (value == null) {
            value = Objects.requireNonNull(read.get());
            known.put(key, value);
        }
        return (T) value;
    }

    /** Something of it was written: it is read anew. */
    public void forget() {
        if (TransactionSynchronizationManager.hasResource(this)) {
            known().keySet().removeIf(key -> !key.equals(STOPPED));
        }
    }

    /** Something of it is about to be written: from now on it is read each time. */
    void stop() {
        if (TransactionSynchronizationManager.isSynchronizationActive()) {
            known().clear();
            known().put(STOPPED, STOPPED);
        }
    }

    @SuppressWarnings("unchecked")
    private Map<Object, Object> known() {
        Map<Object, Object> known = (Map<Object, Object>) TransactionSynchronizationManager.getResource(this);
        if (known == null) {
            known = new HashMap<>();
            TransactionSynchronizationManager.bindResource(this, known);
            TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
                @Override
                public void afterCompletion(int status) {
                    TransactionSynchronizationManager.unbindResourceIfPossible(Once.this);
                }
            });
        }
        return known;
    }
}
