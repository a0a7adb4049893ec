package wexilla.core.stretch;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/**
 * A part of a big buy once it is cooked and cut, about to be kept.
 *
 * @param amount grams of meat to a millionth, or grams of a by-product, one piece where nobody weighed it
 * @param raw what it takes of the raw weight, in grams to a millionth: meat in proportion to its cooked weight, a
 *     by-product nothing, and the last meat whatever is left, so that the raw weight closes
 * @param cost its share of the price
 */
public record Piece(String name, Amount amount, Rational raw, Money cost, boolean freeze, boolean meat) {

    private static final int DIGITS = 6;

    /**
     * The pieces of a slab in the order of its parts, what is not decided last when there is any.
     *
     * @param slab cut by these shares, and planned
     * @param raw grams as bought
     */
    public static List<Piece> of(Slab slab, List<Share> shares, StretchPlan plan, Rational raw) {
        List<Slab.Part> parts = new ArrayList<>(slab.parts());
        if (slab.remainder().grams().toDecimal(DIGITS).signum() > 0) {
            parts.add(slab.remainder());
        }
        if (parts.isEmpty()) {
            return List.of();
        }
        int last = lastMeat(parts.size(), shares);
        BigDecimal left = raw.toDecimal(DIGITS);
        List<BigDecimal> taken = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            BigDecimal own = i == last || !meat(i, shares)
                    ? BigDecimal.ZERO
                    : raw.times(parts.get(i).grams())
                            .dividedBy(slab.cookedGrams())
                            .toDecimal(DIGITS)
                            .min(left);
            left = left.subtract(own);
            taken.add(own);
        }
        taken.set(last, left);
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            Slab.Part part = parts.get(i);
            Amount amount = meat(i, shares)
                    ? Amount.of(Rational.of(part.grams().toDecimal(DIGITS)), Unit.G)
                    : shares.get(i).size() instanceof Share.Aside weighed
                            ? Amount.of(Rational.of(weighed.grams().toDecimal(DIGITS)), Unit.G)
                            : Amount.of(1, Unit.PIECE);
            boolean freeze = i < shares.size() && plan.dishes().get(i).freeze();
            pieces.add(new Piece(part.name(), amount, Rational.of(taken.get(i)), part.cost(), freeze, meat(i, shares)));
        }
        return List.copyOf(pieces);
    }

    /** What is not decided is meat. */
    private static boolean meat(int i, List<Share> shares) {
        return i >= shares.size() || !shares.get(i).byProduct();
    }

    private static int lastMeat(int parts, List<Share> shares) {
        for (int i = parts - 1; i >= 0; i--) {
            if (meat(i, shares)) {
                return i;
            }
        }
        return parts - 1;
    }
}
