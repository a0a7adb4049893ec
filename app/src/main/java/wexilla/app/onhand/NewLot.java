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
 * @param amount what is in it; nothing for a staple that is only "have"
 * @param have a staple without a counted amount
 * @param code the packet's code, null for what is no packet
 * @param group the meal it belongs to when that is several packets, {@code partNo} which of them
 */
public record NewLot(
        UUID id,
        @Nullable UUID food,
        @Nullable UUID batch,
        Amount amount,
        boolean have,
        Cost cost,
        String about,
        UUID place,
        State state,
        LotClock clock,
        KeepDates dates,
        @Nullable UUID container,
        @Nullable String code,
        @Nullable UUID group,
        @Nullable Integer partNo) {

    /** A lot that is no part of a meal of several packets. */
    public NewLot(
            UUID id,
            @Nullable UUID food,
            @Nullable UUID batch,
            Amount amount,
            boolean have,
            Cost cost,
            String about,
            UUID place,
            State state,
            LotClock clock,
            KeepDates dates,
            @Nullable UUID container,
            @Nullable String code) {
        this(id, food, batch, amount, have, cost, about, place, state, clock, dates, container, code, null, null);
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
