package wexilla.app.platform;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import wexilla.core.kitchen.Change;

/** Writes down what an act changes, each kind at once, by the one class that writes such rows. */
@Component
public class Changes {

    /** The one class that writes rows of a kind. */
    public interface Writer {

        /** What it writes. */
        Class<? extends Change> kind();

        /** Writes changes of its kind, in their order. */
        void write(Act act, List<Change> changes);
    }

    /** What is asked for comes before what asks for it: a lot is of a batch, a dish of a meal too. */
    private static final List<Class<? extends Change>> ORDER = List.of(
            Change.OfPrice.class,
            Change.OfRecipe.class,
            Change.OfBatch.class,
            Change.OfLot.class,
            Change.OfMeal.class,
            Change.OfBuy.class);

    private final Map<Class<? extends Change>, Writer> writers;

    Changes(List<Writer> writers) {
        this.writers = writers.stream().collect(Collectors.toMap(Writer::kind, writer -> writer));
    }

    public void write(Act act, List<Change> changes) {
        for (Class<? extends Change> kind : ORDER) {
            List<Change> own = changes.stream().filter(kind::isInstance).toList();
            if (!own.isEmpty()) {
                Objects.requireNonNull(writers.get(kind)).write(act, own);
            }
        }
    }
}
