package wexilla.app.stretch;

import java.util.Locale;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.app.stretch.Cutting.ShareAsked;
import wexilla.core.quantity.Rational;
import wexilla.core.stretch.Share;
import wexilla.core.stretch.StretchPlan.Form;
import wexilla.core.stretch.StretchPlan.Wish;

/** Reads the parts of a big buy as typed. */
final class Shares {

    private static final Rational HUNDRED = Rational.of(100);
    /** "1/3", "⅓" of it. */
    private static final Pattern FRACTION = Pattern.compile("^\\s*(?:\\d\\s*/\\s*\\d+|[½⅓⅔¼¾⅛])\\s*$");

    private Shares() {}

    static Share share(String at, ShareAsked asked) {
        Share.Size size = asked.meat() ? size(at, asked) : aside(at, asked);
        return Asked.at(
                at,
                () -> new Share(
                        asked.name(),
                        size,
                        number(at + "/costPercent", asked.costPercent()),
                        number(at + "/valuePerKg", asked.valuePerKg()),
                        Boolean.TRUE.equals(asked.locked())));
    }

    /** What a by-product weighs, where somebody weighed it. */
    private static Share.@Nullable Size aside(String at, ShareAsked asked) {
        Rational grams = number(at + "/grams", asked.grams());
        return grams == null ? null : Asked.at(at + "/grams", () -> new Share.Aside(grams));
    }

    private static Share.Size size(String at, ShareAsked asked) {
        if (asked.percent() != null) {
            Rational typed = Asked.number(at + "/percent", asked.percent());
            Rational percent = FRACTION.matcher(asked.percent()).find() ? typed.times(HUNDRED) : typed;
            return Asked.at(at + "/percent", () -> new Share.Percent(percent));
        }
        if (asked.grams() != null) {
            Rational grams = Asked.number(at + "/grams", asked.grams());
            return Asked.at(at + "/grams", () -> new Share.Grams(grams));
        }
        if (asked.portions() != null && asked.portionGrams() != null) {
            Rational portions = Asked.number(at + "/portions", asked.portions());
            Rational each = Asked.number(at + "/portionGrams", asked.portionGrams());
            return Asked.at(at + "/portions", () -> new Share.Portions(portions, each));
        }
        if (asked.pieces() != null) {
            Rational pieces = Asked.number(at + "/pieces", asked.pieces());
            if (asked.pieceGrams() == null) {
                String fact = "weight of a piece for " + asked.name();
                throw Problem.missingFact(at + "/pieceGrams", "Say what one piece weighs, like 350.", fact);
            }
            Rational each = Asked.number(at + "/pieceGrams", asked.pieceGrams());
            return Asked.at(at + "/pieces", () -> new Share.Pieces(pieces, each));
        }
        throw Problem.at(
                at,
                "“" + asked.name() + "” needs percent, grams, portions with portionGrams, or pieces with pieceGrams.");
    }

    static Wish wish(String at, ShareAsked asked, @Nullable Rational protein) {
        Rational plates = number(at + "/plates", asked.plates());
        if (plates != null && (plates.signum() < 0 || plates.compareTo(Rational.of(500)) > 0)) {
            throw Problem.at(at + "/plates", "A part makes from 0 to 500 plates, not " + plates.plain() + ".");
        }
        if (plates == null && asked.portions() != null && asked.meat()) {
            plates = Asked.number(at + "/portions", asked.portions());
        }
        return new Wish(
                plates,
                form(at, asked),
                Cutting.day(at + "/eatOn", asked.eatOn()),
                Boolean.TRUE.equals(asked.freeze()),
                protein);
    }

    static Form form(String at, ShareAsked asked) {
        if (asked.form() == null) {
            return asked.meat() ? Form.SHREDDED : Form.STOCK;
        }
        try {
            return Form.valueOf(asked.form().toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException unknown) {
            throw Problem.at(
                    at + "/form",
                    "“" + asked.form() + "” is no form; say whole, sliced, diced, shredded, minced or stock.");
        }
    }

    private static @Nullable Rational number(String field, @Nullable String text) {
        return text == null || text.isBlank() ? null : Asked.number(field, text);
    }
}
