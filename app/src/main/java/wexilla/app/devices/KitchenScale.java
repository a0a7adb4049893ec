package wexilla.app.devices;

import java.util.UUID;

/** A scale on the counter of a household. */
interface KitchenScale {

    /** The heaviest it weighs, in grams. */
    int MOST_GRAMS = 15_000;

    /**
     * What it shows now.
     *
     * @param grams less the tare, to a gram; below zero once what was tared is taken off
     * @param tared grams that are taken off
     * @param steady false while it still moves
     */
    record Reading(int grams, int tared, boolean steady) {}

    Reading read(UUID household);

    /** What lies on it now counts as nothing from now on. */
    void tare(UUID household);
}
