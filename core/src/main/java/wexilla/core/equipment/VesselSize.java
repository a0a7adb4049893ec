package wexilla.core.equipment;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unfit;
import wexilla.core.quantity.text.AmountReader;
import wexilla.core.quantity.text.AmountReader.Reading;

/**
 * How large a vessel is: a capacity ("6 qt", "4.7 l"), or a length and a width or a diameter ("9x13 in", "23 cm round").
 *
 * @param text as written
 * @param ml to the brim; null while the depth is not known
 * @param areaCm2 of the bottom; null for what is known by its capacity only
 * @param widthCm the shorter side or the diameter; null for what is known by its capacity only
 */
public record VesselSize(
        String text,
        @Nullable Rational ml,
        @Nullable Rational areaCm2,
        @Nullable Rational widthCm) {

    /** NIST Handbook 44: exactly 2.54 cm. */
    private static final Rational INCH = Rational.of(254, 100);

    private static final Rational PI = Rational.of(355, 113);
    private static final Rational MOST_CM = Rational.of(200);
    private static final String NUMBER = "(\\d{1,3}(?:[.,]\\d{1,2})?)";
    private static final Pattern SIDES = Pattern.compile(
            NUMBER + "\\s*(?:in|cm|\")?\\s*[x×*]\\s*" + NUMBER + "\\s*(in|inch|inches|cm|\")?\\b.*",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern ROUND = Pattern.compile(
            NUMBER + "\\s*-?\\s*(in|inch|inches|cm|\")\\s*(round|springform|diameter|pie|square)?.*",
            Pattern.CASE_INSENSITIVE);

    /** @throws Unfit if it is no size of a vessel */
    public static VesselSize parse(String text) {
        String plain = text.strip();
        Matcher sides = SIDES.matcher(plain);
        if (sides.matches()) {
            Rational unit = unit(sides.group(3));
            Rational a = number(sides.group(1)).times(unit);
            Rational b = number(sides.group(2)).times(unit);
            return flat(plain, a.times(b), Rational.min(a, b));
        }
        Matcher round = ROUND.matcher(plain);
        if (round.matches()) {
            Rational side = number(round.group(1)).times(unit(round.group(2)));
            boolean square = "square".equalsIgnoreCase(round.group(3));
            Rational area = side.times(side);
            return flat(plain, square ? area : area.times(PI).dividedBy(Rational.of(4)), side);
        }
        Optional<Reading> read = AmountReader.read(plain);
        if (read.isEmpty()
                || !read.get().rest().isEmpty()
                || read.get().quantity().unit().dimension() != Dimension.VOLUME) {
            throw new Unfit(
                    "“" + text + "” is no size; write what it holds, like 6 qt or 5 l, or its sides, like 9x13 in");
        }
        Amount ml = Measures.US.toBase(read.get().quantity().max());
        if (ml.value().isZero()) {
            throw new Unfit("a vessel holds more than nothing: “" + text + "”");
        }
        return new VesselSize(plain, ml.value(), null, null);
    }

    private static VesselSize flat(String text, Rational area, Rational width) {
        if (width.signum() <= 0 || width.compareTo(MOST_CM) > 0) {
            throw new Unfit("“" + text + "” is no pan; its sides lie above 0 and up to 200 cm");
        }
        return new VesselSize(text, null, area, width);
    }

    private static Rational number(String written) {
        return Rational.of(new java.math.BigDecimal(written.replace(',', '.')));
    }

    private static Rational unit(@Nullable String written) {
        return written == null || !written.equalsIgnoreCase("cm") ? INCH : Rational.ONE;
    }

    /** The same with this depth, where its capacity was not given. */
    VesselSize deep(Rational depthCm) {
        return ml != null || areaCm2 == null ? this : new VesselSize(text, areaCm2.times(depthCm), areaCm2, widthCm);
    }

    /** Whether more goes into this one. */
    boolean largerThan(Rational wantedMl) {
        return ml != null && ml.compareTo(wantedMl) >= 0;
    }
}
