package wexilla.core.quantity.text;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.Unit;

/** Reads a length behind a number: "2 cm piece of ginger" is an amount, "1 inch cubes" only says how large pieces are. */
final class LengthReader {

    private static final Pattern LENGTH =
            Pattern.compile("\\s*-?\\s*(?:inch(?:es)?|in\\.|cm|mm|\"|″)(?![\\p{L}])", Pattern.CASE_INSENSITIVE);
    private static final Pattern PIECE = Pattern.compile(
            "\\s*-?\\s*(cm|inch(?:es)?)(?:[- ]?(?:piece|knob|chunk|length|thumb)(?: of)?(?=\\s|$)"
                    + "|\\s+(?!thick|cube|piece|slice|dice|chunk|strip|square|long|wide|round|of\\b|by\\b|x\\b)|$)",
            Pattern.CASE_INSENSITIVE);

    private LengthReader() {}

    /** Whether a length stands at the cursor, which stays. */
    static boolean at(Cursor cursor) {
        return cursor.matcher(LENGTH).lookingAt();
    }

    /** The unit of a piece that long, with the cursor behind it; null when the length is only said of pieces. */
    static @Nullable Unit piece(Cursor cursor) {
        Matcher piece = cursor.matcher(PIECE);
        if (!piece.lookingAt()) {
            return null;
        }
        cursor.moveTo(piece.end());
        return Unit.named(piece.group(1).equalsIgnoreCase("cm") ? "cm" : "inch");
    }
}
