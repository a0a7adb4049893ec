package wexilla.app.preview;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.stretch.Share;
import wexilla.core.stretch.Slab;

/** A big buy cut into parts, without storing it. */
@RestController
class StretchPreview {

    private static final Set<String> METHODS = Set.of("weight", "fixed", "value");
    private static final int MOST_SHARES = 40;

    /** @param part absent or {@code meat} for meat; anything else is a by-product, such as bones */
    record ShareAsked(
            String name,
            @Nullable String part,
            @Nullable String percent,
            @Nullable String grams,
            @Nullable String portions,
            @Nullable String portionGrams,
            @Nullable String costPercent,
            @Nullable String valuePerKg) {}

    record StretchAsked(
            String food,
            String weight,
            String price,
            @Nullable String cookedYield,
            @Nullable String method,
            List<ShareAsked> shares) {}

    record ShareView(String name, String grams, String cost) {}

    record RemainderView(String grams, String cost) {}

    record Stretched(String cookedGrams, List<ShareView> shares, RemainderView remainder, List<String> warnings) {}

    @PostMapping("/api/preview/stretch")
    Stretched stretch(@RequestBody StretchAsked asked) {
        if (asked.shares().size() > MOST_SHARES) {
            throw Problem.at("/shares", asked.shares().size() + " parts; " + MOST_SHARES + " is the most.");
        }
        Amount weight = Asked.amount("/weight", asked.weight());
        if (weight.unit().dimension() != Dimension.MASS || weight.value().isZero()) {
            throw Problem.at("/weight", "“" + asked.weight() + "” is no weight; write it like 2.5 kg.");
        }
        if (asked.cookedYield() == null) {
            String fact = "cooked yield of " + asked.food();
            throw Problem.missingFact("/cookedYield", "The " + fact + " is not known; say it like 0.57.", fact);
        }
        Rational yield = Asked.number("/cookedYield", asked.cookedYield());
        Money price = Asked.money("/price", asked.price());
        String method = asked.method() == null ? "weight" : asked.method();
        if (!METHODS.contains(method)) {
            throw Problem.at("/method", "“" + method + "” is no way to share a price; say weight, fixed or value.");
        }
        List<Share> shares = new ArrayList<>();
        for (int i = 0; i < asked.shares().size(); i++) {
            shares.add(share("/shares/" + i, asked.shares().get(i)));
        }
        Rational grams = Measures.US.toBase(weight).value();
        Slab.Method how = Slab.Method.valueOf(method.toUpperCase(Locale.ROOT));
        return view(cut(grams, yield, price, how, shares));
    }

    private static Slab cut(Rational grams, Rational yield, Money price, Slab.Method how, List<Share> shares) {
        try {
            return Slab.cut(grams, yield, price, how, shares);
        } catch (Slab.TooMuch tooMuch) {
            throw Problem.shortfall(
                    "/shares", tooMuch.getMessage(), tooMuch.shortfall().plain());
        } catch (IllegalArgumentException problem) {
            throw Problem.at("/shares", String.valueOf(problem.getMessage()));
        }
    }

    private static Stretched view(Slab slab) {
        return new Stretched(
                slab.cookedGrams().plain(),
                slab.parts().stream()
                        .map(p -> new ShareView(
                                p.name(), p.grams().plain(), p.cost().decimal()))
                        .toList(),
                new RemainderView(
                        slab.remainder().grams().plain(),
                        slab.remainder().cost().decimal()),
                slab.notes());
    }

    private static Share share(String at, ShareAsked asked) {
        boolean meat = asked.part() == null || asked.part().equals("meat");
        Share.Size size = meat ? size(at, asked) : null;
        return Asked.at(
                at,
                () -> new Share(
                        asked.name(),
                        size,
                        number(at + "/costPercent", asked.costPercent()),
                        number(at + "/valuePerKg", asked.valuePerKg())));
    }

    private static Share.Size size(String at, ShareAsked asked) {
        if (asked.percent() != null) {
            Rational percent = Asked.number(at + "/percent", asked.percent());
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
        throw Problem.at(at, "“" + asked.name() + "” needs percent, grams, or portions with portionGrams.");
    }

    private static @Nullable Rational number(String field, @Nullable String text) {
        return text == null ? null : Asked.number(field, text);
    }
}
