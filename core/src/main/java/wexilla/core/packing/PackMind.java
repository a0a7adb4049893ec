package wexilla.core.packing;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wexilla.core.keeping.ContainerKind;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;

/** What to mind before a packet is filled (design: facts, section 3). It is said, and refuses nothing. */
public final class PackMind {

    /** Up to so much a jar counts as a small one. */
    private static final int SMALL_JAR_ML = 500;

    private PackMind() {}

    /**
     * @param kind of container; null when none was chosen
     * @param millilitres it holds; 0 when nobody knows
     * @param clock of what is packed: whether it has lain in a freezer before
     */
    public static List<String> of(
            @Nullable ContainerKind kind, int millilitres, Storage storage, LotClock clock, boolean raw) {
        List<String> mind = new ArrayList<>();
        if (storage != Storage.FREEZER) {
            return mind;
        }
        if (kind == ContainerKind.JAR) {
            int room = millilitres > 0 && millilitres <= SMALL_JAR_ML ? 13 : 25;
            mind.add("glass: only straight-sided jars, cold before they go in, " + room
                    + " mm of room at the top (National Center for Home Food Preservation, from memory)");
        }
        if (clock.thawedOn() != null) {
            mind.add(
                    raw
                            ? "it was frozen and thawed: only what thawed in the fridge may go back, and it loses"
                                    + " water; cook it first (USDA FSIS, Freezing and Food Safety, from memory)"
                            : "it was frozen and thawed: only what thawed in the fridge and was not reheated may go"
                                    + " back (USDA FSIS, Freezing and Food Safety, from memory)");
        }
        return mind;
    }
}
