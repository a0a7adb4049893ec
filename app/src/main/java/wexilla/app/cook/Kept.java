package wexilla.app.cook;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wexilla.app.cook.CookViews.PlainInput;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Style;
import wexilla.core.stations.cook.GoesIn;
import wexilla.core.stations.cook.PlainPart;

/** What was cooked along and is kept back plain, as typed. */
final class Kept {

    private Kept() {}

    /** @param style how far the dish goes */
    static List<PlainPart> of(@Nullable List<PlainInput> typed, List<GoesIn> goesIn, Style style) {
        if (typed != null && !typed.isEmpty() && !PlainPart.cooked(style)) {
            throw Problem.at("/plain", "Nothing is cooked yet that could be kept back plain; cook it to the end.");
        }
        List<PlainPart> all = new ArrayList<>();
        Set<Integer> seen = new HashSet<>();
        for (PlainInput one : typed == null ? List.<PlainInput>of() : typed) {
            String at = "/plain/" + one.pos();
            GoesIn line = goesIn.stream()
                    .filter(in -> in.pos() == one.pos() && seen.add(one.pos()))
                    .findFirst()
                    .orElseThrow(() -> Problem.at(at, "Line " + one.pos() + " does not go in, or is kept back twice."));
            all.add(new PlainPart(at, line, line.wanted().with(grams(at, one.amount())), weighed(at, one.weighed())));
        }
        return List.copyOf(all);
    }

    private static @Nullable Rational weighed(String at, @Nullable String typed) {
        return typed == null || typed.isBlank() ? null : grams(at, typed).value();
    }

    private static Amount grams(String at, String typed) {
        Amount amount = Asked.amount(at, typed);
        Amount grams = Measures.US.toBase(amount);
        if (amount.unit().dimension() != Dimension.MASS || grams.value().compareTo(Rational.ONE) < 0) {
            throw Problem.at(at, "“" + typed + "” is no weight to keep back; write it like 700 g.");
        }
        return grams;
    }
}
