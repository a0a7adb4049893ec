package wexilla.app.onhand;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.LotClock;
import wexilla.core.money.Cost;
import wexilla.core.quantity.Amount;

/**
 * A lot about to be written.
 *
 * @param food or {@code batch}, exactly one of them
 * @param amount what is in it; nothing for a staple that is only had
 * @param packet what it is packed in
 */
public record NewLot(
        UUID id,
        @Nullable UUID food,
        @Nullable UUID batch,
        Amount amount,
        Lots.Level level,
        Cost cost,
        String about,
        UUID place,
        State state,
        LotClock clock,
        KeepDates dates,
        Lots.Packet packet) {

    /** A counted lot that is no packet. */
    public static NewLot counted(
            @Nullable UUID food,
            @Nullable UUID batch,
            Amount amount,
            Cost cost,
            String about,
            UUID place,
            State state,
            LotClock clock,
            KeepDates dates) {
        return new NewLot(
                UUID.randomUUID(),
                food,
                batch,
                amount,
                Lots.Level.COUNTED,
                cost,
                about,
                place,
                state,
                clock,
                dates,
                Lots.Packet.NONE);
    }

    /** The state a lot is in; each state is a lot of its own. */
    public enum State {
        RAW,
        OPENED,
        COOKED,
        FROZEN,
        THAWED
    }
}
