package wexilla.core.quantity.text;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Unit;

/** Reads the unit behind a number, perhaps with a word of manner before it: "heaped tablespoons", "small tin". */
final class UnitReader {

    private static final Pattern WORD = Pattern.compile("(?:\\s*-\\s*|\\s*)(\\p{L}+\\.?)");
    private static final Pattern TWO_WORDS = Pattern.compile(
            "\\s*(fl\\.? ?oz\\.?|fluid ounces?|imperial pints?|imperial pt|thumb-sized pieces?)(?![\\p{L}])",
            Pattern.CASE_INSENSITIVE);
    /** A pot is no unit in the name of a dish. */
    private static final Pattern POT_OF_FOOD =
            Pattern.compile("\\s*pot\\s+(?:roast|barley|noodle|pie|sticker)", Pattern.CASE_INSENSITIVE);

    private static final Set<String> MANNER = Set.of(
            "heaped",
            "heaping",
            "rounded",
            "level",
            "scant",
            "generous",
            "good",
            "large",
            "small",
            "big",
            "little",
            "medium",
            "full",
            "whole",
            "fat",
            "lg",
            "lge",
            "sm",
            "med",
            "thick",
            "thin");

    private UnitReader() {}

    /** The unit at the cursor, which moves behind it; null when there is none. */
    static @Nullable Unit read(Cursor cursor) {
        int at = cursor.at();
        cursor.skipSpace();
        char next = Character.toLowerCase(cursor.next());
        cursor.moveTo(at);
        if (next == 'f' || next == 'i' || next == 't') {
            Matcher two = cursor.matcher(TWO_WORDS);
            if (two.lookingAt()) {
                cursor.moveTo(two.end());
                return next == 'i' ? Unit.IMPERIAL_PINT : next == 't' ? Unit.named("thumb") : Unit.FL_OZ;
            }
        }
        Matcher word = cursor.matcher(WORD);
        if (!word.lookingAt() || cursor.matcher(POT_OF_FOOD).lookingAt()) {
            return null;
        }
        Optional<Unit> unit = Unit.parse(word.group(1));
        unit.ifPresent(found -> cursor.moveTo(word.end()));
        return unit.orElse(null);
    }

    /** A unit that is counted, such as tins; the cursor stays when there is none. */
    static @Nullable Unit container(Cursor cursor) {
        int before = cursor.at();
        Unit container = read(cursor);
        if (container == null || container.dimension() != Dimension.COUNT) {
            cursor.moveTo(before);
            return null;
        }
        return container;
    }

    /** A word of manner at the cursor is added to what was said, and the cursor moves behind it. */
    static boolean manner(Cursor cursor, List<String> said) {
        int before = cursor.at();
        cursor.skipSpace();
        String word = cursor.word();
        if (!MANNER.contains(word)) {
            cursor.moveTo(before);
            return false;
        }
        if (cursor.next() == '.') {
            cursor.take();
        }
        said.add(word);
        return true;
    }

    /** A unit, perhaps behind a word of manner, which is added to what was said. */
    static @Nullable Unit mannered(Cursor cursor, List<String> said) {
        Unit unit = read(cursor);
        if (unit != null) {
            return unit;
        }
        int before = cursor.at();
        if (manner(cursor, said)) {
            unit = read(cursor);
            if (unit != null && !unit.equals(Unit.PIECE)) {
                return unit;
            }
            said.remove(said.size() - 1);
        }
        cursor.moveTo(before);
        return null;
    }
}
