package wexilla.app.platform;

import java.util.List;
import org.springframework.stereotype.Component;
import wexilla.core.kitchen.Change;

/** Writes down what an act changes, in the order it says, each kind by the one class that writes such rows. */
@Component
public class Changes {

    /** The one class that writes rows of a kind. */
    public interface Writer {

        /** What it writes. */
        Class<? extends Change> kind();

        /** Writes changes of its kind, in their order. */
        void write(Act act, List<Change> changes);
    }

    private final List<Writer> writers;

    Changes(List<Writer> writers) {
        this.writers = writers;
    }

    public void write(Act act, List<Change> changes) {
        int from = 0;
        while (from < changes.size()) {
            Writer writer = of(changes.get(from));
            int to = from + 1;
            while (to < changes.size() && writer.kind().isInstance(changes.get(to))) {
                to++;
            }
            writer.write(act, changes.subList(from, to));
            from = to;
        }
    }

    private Writer of(Change change) {
        return writers.stream()
                .filter(writer -> writer.kind().isInstance(change))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("nothing writes " + change.getClass()));
    }
}
