package wexilla.app.stretch;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.Rational;
import wexilla.core.stretch.DishKind;
import wexilla.core.stretch.StretchPlan;
import wexilla.core.stretch.Ways;
import wexilla.core.stretch.Ways.Way;

/** Why a way to use a big buy looks as it does, in the cook's words. */
final class WayWords {

    private WayWords() {}

    static List<String> reasons(Way way, Ways.Buy buy, boolean boned) {
        List<String> reasons = new ArrayList<>();
        List<Ways.Part> meals =
                way.parts().stream().filter(part -> part.kind() != null).toList();
        long fresh = meals.stream().filter(part -> !part.freeze()).count();
        List<Integer> days =
                meals.stream().map(Ways.Part::day).distinct().sorted().toList();
        if (days.contains(2)) {
            reasons.add("on following days, since there is no room to freeze what would be left");
        } else if (days.size() > 1) {
            reasons.add("not on following days: the same meat is eaten every second day");
        }
        reasons.add(fresh + (fresh == 1 ? " meal" : " meals") + " from the fridge: cooked it keeps " + buy.fridgeDays()
                + " days after the cook day");
        Rational frozen = way.parts().stream()
                .filter(Ways.Part::freeze)
                .map(Ways.Part::plates)
                .reduce(Rational.ZERO, Rational::plus);
        if (frozen.signum() > 0) {
            Rational litres = frozen.times(Ways.portionMl()).dividedBy(Rational.of(1000));
            reasons.add(shown(frozen) + " plates into the freezer, about " + shown(litres) + " l of the "
                    + shown(buy.freezerMl().dividedBy(Rational.of(1000))) + " l there are");
        }
        meals.stream().map(WayWords::plate).min(Rational::compareTo).ifPresent(least -> {
            Rational most =
                    meals.stream().map(WayWords::plate).max(Rational::compareTo).orElse(least);
            String grams = least.equals(most) ? shown(least) : shown(least) + " to " + shown(most);
            reasons.add(
                    grams + " g of it on a plate, " + StretchPlan.PLAIN_GRAMS.plain() + " g if it were served plain");
        });
        if (boned && meals.stream().map(Ways.Part::kind).anyMatch(WayWords::bones)) {
            reasons.add("the bones become broth, and what is left on them a soup");
        } else if (boned) {
            reasons.add("the bones go to a pot of stock or into the scraps bag");
        }
        if (way.undecided().signum() > 0) {
            reasons.add(shown(way.undecided()) + " g have neither a meal nor room in the freezer");
        }
        return reasons;
    }

    private static boolean bones(@Nullable DishKind kind) {
        return kind != null && kind.bones();
    }

    private static Rational plate(Ways.Part part) {
        return part.grams().dividedBy(part.plates());
    }

    private static String shown(Rational value) {
        return Rational.of(value.toDecimal(1)).plain();
    }
}
