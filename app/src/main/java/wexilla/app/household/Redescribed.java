package wexilla.app.household;

import java.util.UUID;
import wexilla.app.platform.Act;
import wexilla.core.kitchen.house.Household;

/** A part of the house that keeps something worked out from what foods are. */
public interface Redescribed {

    /** Somebody said, as part of this act, what a food is: what is kept of it is worked out again. @param food its row */
    void described(Act act, UUID food);

    /**
     * The household chose, as part of this act, how long things keep.
     *
     * @param now with what it chose; the act's household still as it was
     */
    default void rules(Act act, Household now) {}
}
