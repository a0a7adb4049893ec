package wexilla.core.stock.notes;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.book.Grammar;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.Packs;

/**
 * One amount met in a stock note.
 *
 * @param unit null when none was written
 * @param packs when it was written as packs of a size
 * @param bare whether only a number stood there
 * @param left whether it is what is left
 * @param times whether it says how many times what else is said: "x3"
 */
record NoteChunk(
        Rational value, @Nullable Unit unit, @Nullable Packs packs, boolean bare, boolean left, boolean times) {

    private static final Set<String> CONTAINERS = Grammar.words("container");
    private static final Set<String> PIECES = Grammar.words("piece");

    static NoteChunk times(int many) {
        return new NoteChunk(Rational.of(many), Unit.PIECE, null, true, false, true);
    }

    boolean pack() {
        return packs == null && unit != null && (unit.isPack() || CONTAINERS.contains(unit.symbol()));
    }

    boolean measured() {
        return packs == null && unit != null && unit.dimension() != Dimension.COUNT;
    }

    boolean portions() {
        return packs == null && Unit.PORTION.equals(unit);
    }

    boolean pieces() {
        return packs == null && unit != null && unit.dimension() == Dimension.COUNT && !pack() && !portions();
    }

    Amount amount() {
        return Amount.of(value, unit == null ? Unit.PIECE : unit);
    }

    /** A word that says what is counted, though no recipe counts by it. */
    static @Nullable Unit container(String word) {
        String one = word.replaceAll("[.,]$", "");
        String single = one.endsWith("xes") || one.endsWith("shes")
                ? one.substring(0, one.length() - 2)
                : one.replaceAll("s$", "");
        if (single.equals("bx") || single.equals("bxe")) {
            return Unit.named("box");
        }
        if (single.equals("pk")) {
            return Unit.named("packet");
        }
        if (single.equals("loave")) {
            return Unit.named("loaf");
        }
        if (PIECES.contains(one) || PIECES.contains(single)) {
            return Unit.PIECE;
        }
        return CONTAINERS.contains(single) ? Unit.named(single) : null;
    }
}
