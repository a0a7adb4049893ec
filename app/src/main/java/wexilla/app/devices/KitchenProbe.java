package wexilla.app.devices;

import java.util.UUID;

/** A thermometer that stands in the food of a household. */
public interface KitchenProbe {

    /** The coldest and the hottest it reads, in tenths of a degree Celsius. */
    int COLDEST = -300;

    int HOTTEST = 3000;

    /** What it reads now, in tenths of a degree Celsius. */
    int tenths(UUID household);
}
