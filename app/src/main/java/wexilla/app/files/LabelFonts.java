package wexilla.app.files;

import java.io.IOException;
import java.io.InputStream;
import java.util.Objects;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The faces on a label, embedded from files: a marker hand for the name, a plain face for what has to be read. */
record LabelFonts(PDFont hand, PDFont plain, PDFont bold) {

    static LabelFonts load(PDDocument document) throws IOException {
        return new LabelFonts(
                font(document, "patrick-hand.ttf"),
                font(document, "DejaVuSansCondensed.ttf"),
                font(document, "DejaVuSansCondensed-Bold.ttf"));
    }

    private static PDFont font(PDDocument document, String file) throws IOException {
        try (InputStream stream =
                Objects.requireNonNull(LabelFonts.class.getResourceAsStream("/fonts/" + file), file)) {
            return PDType0Font.load(document, stream);
        }
    }

    /** The marker hand where it has every letter of this name, else the bold face. */
    PDFont forName(String name) {
        return writes(hand, name) ? hand : bold;
    }

    /** The text with what the face cannot write replaced, so that a strange letter never costs the label. */
    static String writable(PDFont font, String text) {
        StringBuilder known = new StringBuilder();
        text.codePoints()
                .map(point -> Character.isWhitespace(point) ? ' ' : point)
                .mapToObj(Character::toString)
                .forEach(letter -> known.append(writes(font, letter) ? letter : "?"));
        return known.toString();
    }

    private static boolean writes(PDFont font, String text) {
        try {
            font.encode(text);
            return true;
        } catch (IllegalArgumentException | IOException missing) {
            return false;
        }
    }
}
