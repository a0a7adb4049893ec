package wexilla.core.packing;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wexilla.core.keeping.ContainerKind;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.PacketShape;
import wexilla.core.keeping.Storage;
import wexilla.core.keeping.Thaw;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.UnitWeight;

/** What to mind before a packet is filled (design: facts, section 3). It is said, and refuses nothing. */
public final class PackMind {

    /** Up to so much a jar counts as a small one. */
    private static final int SMALL_JAR_ML = 500;

    /** Kilos of the heaviest packet, to 50 g. */
    private static Rational heaviest(UnitWeight weight, List<Rational> packets) {
        Rational grams = packets.stream()
                .map(portions -> weight.of(Amount.of(portions, Unit.PORTION)))
                .reduce(Rational.ZERO, (one, other) -> one.compareTo(other) > 0 ? one : other);
        return Rational.of(grams.dividedBy(ROUGHLY).rounded()).times(ROUGHLY).dividedBy(Rational.of(1000));
    }

    private static final Rational ROUGHLY = Rational.of(50);

    /** A bag of a litre holds about a kilo. */
    private static final Rational LITRE = Rational.ONE;

    private PackMind() {}

    /**
     * @param kind of container; null when none was chosen
     * @param millilitres it holds; 0 when nobody knows
     * @param clock of what is packed: whether it has lain in a freezer before
     * @param shape they are given; null where nobody said it
     * @param weight of a portion; null where nobody knows; {@code packets} portions of each
     */
    public static List<String> of(
            @Nullable ContainerKind kind,
            int millilitres,
            Storage storage,
            LotClock clock,
            boolean raw,
            @Nullable PacketShape shape,
            @Nullable UnitWeight weight,
            List<Rational> packets) {
        List<String> mind = new ArrayList<>();
        if (storage != Storage.FREEZER) {
            return mind;
        }
        if (kind == ContainerKind.JAR) {
            int room = millilitres > 0 && millilitres <= SMALL_JAR_ML ? 13 : 25;
            mind.add("glass: only straight-sided jars, cold before they go in, " + room
                    + " mm of room at the top (National Center for Home Food Preservation)");
        }
        Rational kilos = weight == null ? Rational.ZERO : heaviest(weight, packets);
        if (kind != ContainerKind.TRAY && shape != PacketShape.FLAT && kilos.compareTo(LITRE) > 0) {
            int whole = Thaw.hours(kilos, Thaw.Shape.BLOCK);
            mind.add(Amount.of(kilos.times(Rational.of(1000)), Unit.G) + " as a block thaws " + whole
                    + " h in the fridge; flat, no thicker than 3 cm, " + Thaw.hours(kilos, Thaw.Shape.FLAT_BAG)
                    + " h; in " + kilos.ceiling() + " flat bags of a litre "
                    + Thaw.hours(LITRE, Thaw.Shape.FLAT_BAG) + " h");
        }
        if (clock.thawedOn() != null) {
            mind.add(
                    raw
                            ? "it was frozen and thawed: only what thawed in the fridge may go back, and it loses"
                                    + " water; cook it first (USDA FSIS, Freezing and Food Safety)"
                            : "it was frozen and thawed: only what thawed in the fridge and was not reheated may go"
                                    + " back (USDA FSIS, Freezing and Food Safety)");
        }
        return mind;
    }
}
