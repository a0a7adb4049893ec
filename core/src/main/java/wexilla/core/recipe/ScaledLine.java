package wexilla.core.recipe;

import java.util.StringJoiner;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Scaling;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.AmountReader.Reading;
import wexilla.core.quantity.text.Packs;
import wexilla.core.recipe.lines.LineAmount;
import wexilla.core.recipe.lines.ReadLine;

/**
 * A line of a {@link Sized} recipe in kitchen measures.
 *
 * @param text the line as a cook would write it
 * @param exact the exact amount, the upper end of a range; null when the line has none
 * @param whole whole pieces to use, for what cannot be divided; null otherwise
 * @param remains what is left of the last whole piece; null when nothing is
 * @param startWith what to begin with in one pot before tasting; null when it does not matter
 * @param errorPercent how far the kitchen measure is from the exact amount, zero or more
 * @param why why it does not simply grow with the batch; empty when it does
 */
public record ScaledLine(
        Sized.Line sized,
        String text,
        @Nullable Amount exact,
        @Nullable Rational whole,
        @Nullable Amount remains,
        @Nullable KitchenMeasure startWith,
        Rational errorPercent,
        String why) {

    /** More than this is shown: handbook, section 1. */
    public static final Rational SHOWN_ERROR = Rational.of(3);

    private static final Rational HALF = Rational.of(1, 2);
    private static final Rational QUARTER = Rational.of(1, 4);
    private static final Rational THREE_QUARTERS = Rational.of(3, 4);
    private static final Pattern NAME = Pattern.compile("\\s*\\p{L}+");

    private static final Pattern SPACES = Pattern.compile("\\s+");
    /** Below this spoons are handier than a scale. */
    private static final Rational SPOONS_ML = Rational.of(45);

    public ReadLine line() {
        return sized.read();
    }

    public Scaling rule() {
        return sized.rule();
    }

    /** @param size of the recipe it belongs to */
    static ScaledLine of(Sized.Line sized, Size size, Wording wording) {
        ReadLine line = sized.read();
        Quantity quantity = line.quantity();
        if (quantity == null) {
            String unknown = "no amount is written, so it does not grow with the rest";
            return new ScaledLine(sized, line.text(), null, null, null, null, Rational.ZERO, unknown);
        }
        Amount exact = quantity.max().times(sized.by());
        if (sized.whole()) {
            return whole(sized, exact);
        }
        KitchenMeasure start = sized.rule() == Scaling.SEASONING
                        && size.vessels() == 1
                        && size.factor().compareTo(Rational.ONE) > 0
                ? startWith(quantity.max(), size, wording)
                : null;
        String reason = start == null
                ? sized.why()
                : "in one pot start with " + start.text() + ", taste, then up to the amount";
        Written written = written(line, quantity, sized.by(), wording);
        return new ScaledLine(sized, written.text, exact, null, null, start, written.error, reason);
    }

    private static ScaledLine whole(Sized.Line sized, Amount exact) {
        Rational whole = Rational.of(exact.value().ceiling());
        Rational left = whole.minus(exact.value());
        Amount remains = left.isZero() ? null : Amount.of(left, exact.unit());
        String reason = remains == null
                ? sized.why()
                : "exactly " + exact.value().plain() + ", so one is not used up: " + remains + " remains";
        String text = put(sized.read(), Amount.of(whole, exact.unit()).toString());
        return new ScaledLine(sized, text, exact, whole, remains, null, Rational.ZERO, reason);
    }

    private record Written(String text, Rational error) {}

    private static Written written(ReadLine line, Quantity quantity, Rational by, Wording wording) {
        Packs packs = line.packs();
        Rational count = packs == null ? null : packs.count().times(by);
        if (packs != null && count != null && count.isWhole()) {
            String container =
                    packs.container() == null ? "" : " " + packs.container().after(count);
            if (packs.total()) {
                KitchenMeasure all = measure(line, quantity.max().times(by), wording);
                return new Written(put(line, count.plain() + container) + " (" + all.text() + ")", Rational.ZERO);
            }
            return new Written(put(line, count.plain() + " x " + packs.each() + container), Rational.ZERO);
        }
        KitchenMeasure max = measure(line, quantity.max().times(by), wording);
        if (quantity.min().equals(quantity.max())) {
            return new Written(put(line, max.text()), max.errorPercent());
        }
        KitchenMeasure min = measure(line, quantity.min().times(by), wording);
        Rational error = min.errorPercent().compareTo(max.errorPercent()) > 0 ? min.errorPercent() : max.errorPercent();
        return new Written(put(line, min.text() + " to " + max.text()), error);
    }

    private static KitchenMeasure measure(ReadLine line, Amount amount, Wording wording) {
        Food food = line.food();
        boolean cups = amount.unit().dimension() == Dimension.VOLUME
                && wording.measures().toBase(amount).value().compareTo(SPOONS_ML) > 0;
        if (wording.weighed() && cups && food != null && food.base().equals(Unit.G)) {
            if (Conversion.convert(food, amount, Unit.G, wording.measures()) instanceof Conversion.Converted weighed) {
                return KitchenMeasure.of(weighed.amount(), wording.system(), wording.measures());
            }
        }
        return KitchenMeasure.of(amount, wording.system(), wording.measures());
    }

    /** The line with this amount in place of its own; what said the old amount again is left out. */
    private static String put(ReadLine line, String amount) {
        LineAmount written = line.written() == null ? LineAmount.of(line.text()) : line.written();
        Reading reading = written.reading();
        boolean unitInWords = reading != null
                && reading.bare()
                && line.quantity() != null
                && !line.quantity().unit().equals(Unit.PIECE);
        StringJoiner text = new StringJoiner(" ");
        if (!written.part().isEmpty()) {
            text.add(written.part() + " of");
        }
        text.add(unitInWords ? NAME.matcher(amount).replaceAll("").strip() : amount);
        if (reading != null) {
            reading.said().forEach(text::add);
        }
        String words = written.words();
        if (!words.isEmpty()) {
            text.add(words.indexOf("  ") < 0 ? words : SPACES.matcher(words).replaceAll(" "));
        }
        for (String note : written.notes()) {
            if (!LineAmount.saysAmount(note)) {
                text.add("(" + note + ")");
            }
        }
        return text.toString().replace(" ,", ",");
    }

    /** 1 + 0.75 (k − 1) of it, to the nearest half teaspoon; only when that is a quarter teaspoon or more below k. */
    private static @Nullable KitchenMeasure startWith(Amount written, Size size, Wording wording) {
        if (written.unit().dimension() != Dimension.VOLUME) {
            return null;
        }
        Measures measures = wording.measures();
        Rational teaspoons = measures.toBase(written).value().dividedBy(measures.factor(Unit.TSP));
        Rational less = Rational.ONE.plus(THREE_QUARTERS.times(size.factor().minus(Rational.ONE)));
        Rational halves = Rational.of(teaspoons.times(less).dividedBy(HALF).rounded());
        Rational start = halves.times(HALF);
        boolean below = teaspoons.times(size.factor()).minus(start).compareTo(QUARTER) >= 0;
        return below && !start.isZero()
                ? KitchenMeasure.of(Amount.of(start, Unit.TSP), wording.system(), measures)
                : null;
    }
}
