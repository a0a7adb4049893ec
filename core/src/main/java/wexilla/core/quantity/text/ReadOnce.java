package wexilla.core.quantity.text;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/**
 * What words say, read once: the same line or step is asked for every meal of a plan and every eater, and what a text says
 * does not change. Forgets everything when it is full.
 *
 * @param <T> what is read; never null
 */
public final class ReadOnce<T> {

    private static final int MOST = 5_000;

    private final Map<String, T> read = new ConcurrentHashMap<>();
    private final Function<String, T> reader;

    /** @param reader answers the same for the same text, and asks nothing of what it is kept in */
    public ReadOnce(Function<String, T> reader) {
        this.reader = reader;
    }

    public T of(String text) {
        T known = read.get(text);
        if (known != null) {
            return known;
        }
        if (read.size() >= MOST) {
            read.clear();
        }
        T found = reader.apply(text);
        read.put(text, found);
        return found;
    }
}
