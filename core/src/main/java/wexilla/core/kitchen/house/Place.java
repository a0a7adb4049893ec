package wexilla.core.kitchen.house;

import java.math.BigDecimal;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wexilla.core.keeping.Storage;

/**
 * A cupboard shelf, the fridge, a drawer of a freezer.
 *
 * @param litres what fits in, as learned from "it's full"; null until then
 */
public record Place(
        UUID id, String name, Storage kind, @Nullable BigDecimal litres, int version) {

    public Place(UUID id, String name, Storage kind) {
        this(id, name, kind, null, 1);
    }
}
