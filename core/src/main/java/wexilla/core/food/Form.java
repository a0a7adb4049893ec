package wexilla.core.food;

import java.util.List;
import wexilla.core.quantity.Rational;

/**
 * One food standing in for another: browned mince for raw, a tin for cooked beans, a member of a group for the group.
 *
 * @param need key of the food a line asks for
 * @param by the food that stands in
 * @param gives base units of the food asked for that one base unit of {@code by} stands for, above zero
 * @param silent whether it is taken without asking; dried never silently replaces tinned
 * @param done what is done already, so that these steps fall away: "brown", "soak"
 * @param todo what must be done first; empty when nothing must
 * @param source of the ratio
 */
public record Form(
        String need, Food by, Rational gives, boolean silent, List<String> done, String todo, String source) {

    /** @throws IllegalArgumentException if it gives nothing or stands in for itself */
    public Form {
        done = List.copyOf(done);
        if (gives.signum() <= 0 || need.equals(by.key())) {
            throw new IllegalArgumentException("a form of " + need + " gives something, and is another food");
        }
    }
}
