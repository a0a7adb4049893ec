package wexilla.core.stretch;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.quantity.Rational;

/**
 * A recipe of the book that takes a piece of a big buy.
 *
 * @param plates whole plates the piece makes of it, at least one
 * @param meat grams of the piece on a plate, as the piece is cut
 * @param plate what a plate costs, the piece at its share of the price; at least so much where something has no price
 * @param usesUp what else it uses that must go this week
 * @param liked mean rating in tenths, 0 to 20; null while nobody rated it
 * @param eaten when it was eaten last; null when it never was
 * @param hands minutes
 */
public record PieceDish(
        String recipe,
        String title,
        int plates,
        Rational meat,
        Cost plate,
        List<String> usesUp,
        @Nullable Integer liked,
        @Nullable LocalDate eaten,
        int hands) {

    /** By what dishes for a piece are ranked; where it decides nothing, by cost and then by name. */
    public enum By {
        COST,
        USES_UP,
        RATING,
        VARIETY,
        HANDS
    }

    public PieceDish {
        usesUp = List.copyOf(usesUp);
    }

    /**
     * How many whole plates a piece makes; 0 when there is not enough for one.
     *
     * @param each grams of it on a plate as the recipe is written, above zero
     */
    public static int plates(Rational piece, Rational each) {
        return piece.dividedBy(each).floor().intValueExact();
    }

    /** What a plate costs: the meat by its share of the piece, and the rest of the recipe at the same size. */
    public static Cost plate(Money piece, Cost rest, int plates) {
        Money each = Money.rounded(
                piece.exact().plus(rest.known().exact()).dividedBy(Rational.of(plates)), piece.currency());
        return new Cost(each, rest.complete());
    }

    /** Complete costs before those that are "at least", then the cheapest; or by what else was asked for. */
    public static Comparator<PieceDish> order(By by) {
        Comparator<PieceDish> cheapest = Comparator.comparing(
                        (PieceDish dish) -> !dish.plate().complete())
                .thenComparing(dish -> dish.plate().known().minor())
                .thenComparing(PieceDish::title);
        return switch (by) {
            case COST -> cheapest;
            case USES_UP ->
                Comparator.comparing((PieceDish dish) -> -dish.usesUp().size()).thenComparing(cheapest);
            case RATING ->
                Comparator.comparing((PieceDish dish) -> dish.liked() == null ? 0 : -dish.liked())
                        .thenComparing(cheapest);
            case VARIETY ->
                Comparator.comparing(PieceDish::eaten, Comparator.nullsFirst(Comparator.<LocalDate>naturalOrder()))
                        .thenComparing(cheapest);
            case HANDS -> Comparator.comparing(PieceDish::hands).thenComparing(cheapest);
        };
    }
}
