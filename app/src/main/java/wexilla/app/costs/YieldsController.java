package wexilla.app.costs;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Foods;
import wexilla.app.household.Weighings;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Acts.Said;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.Weighing;
import wexilla.core.food.facts.Part;
import wexilla.core.food.facts.Yield;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Money;
import wexilla.core.pricing.Offer;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/** What is left of foods once they are peeled, cooked or drained, and what the kilo of that costs. */
@RestController
class YieldsController {

    private static final int LONGEST_NAME = 80;
    private static final Rational LEAST = Rational.of(1, 100);
    private static final Rational KILO = Rational.of(1000);

    private final Foods foods;
    private final Weighings weighings;
    private final Snapshots snapshots;
    private final Acts acts;

    YieldsController(Foods foods, Weighings weighings, Snapshots snapshots, Acts acts) {
        this.foods = foods;
        this.weighings = weighings;
        this.snapshots = snapshots;
        this.acts = acts;
    }

    /**
     * @param ofOne grams left of one gram as bought, two decimals
     * @param source where that comes from: "your 4 weighings: 0.57; …"
     * @param own whether own weighings are in it
     * @param kilo decimal money for a kilo as bought; absent without a price by weight
     * @param usable decimal money for a kilo of what is left
     */
    record YieldView(
            String food,
            Part part,
            String ofOne,
            String source,
            boolean own,
            @Nullable String kilo,
            @Nullable String usable) {}

    /** Of the foods this household weighed or knows a price of; own weighings first. */
    @GetMapping("/api/yields")
    List<YieldView> yields(Household household) {
        Snapshot now = snapshots.of(household);
        Map<Key, List<Offer>> prices = now.offers();
        Map<Key, Map<Part, List<Weighing>>> own = weighings.of(household);
        Set<Key> known = new HashSet<>(prices.keySet());
        known.addAll(own.keySet());
        List<YieldView> views = new ArrayList<>();
        for (Key key : known) {
            Food food = now.book().get(key).orElseThrow();
            food.traits().yields().forEach((part, yield) -> {
                if (part != Part.WATER) {
                    boolean weighed = own.getOrDefault(key, Map.of()).containsKey(part);
                    views.add(view(food, part, yield, weighed, kilo(prices.getOrDefault(key, List.of()))));
                }
            });
        }
        views.sort(Comparator.comparing((YieldView view) -> !view.own())
                .thenComparing(YieldView::food)
                .thenComparing(YieldView::part));
        return views;
    }

    private static Optional<Money> kilo(List<Offer> newestFirst) {
        return newestFirst.stream()
                .filter(offer -> offer.pack().unit().equals(Unit.G))
                .findFirst()
                .map(offer -> offer.unitPrice().of(KILO));
    }

    private static YieldView view(Food food, Part part, Yield yield, boolean own, Optional<Money> kilo) {
        return new YieldView(
                food.name(),
                part,
                yield.ofOne().toDecimal(2).toPlainString(),
                yield.source(),
                own,
                kilo.map(Money::decimal).orElse(null),
                kilo.map(yield::usable).map(Money::decimal).orElse(null));
    }

    /**
     * @param part what was done to it: ready (peeled, trimmed), cooked or drained
     * @param before as bought: "2.5 kg"; expected portions or pieces where it was counted: "8"
     * @param after what was left: "1.4 kg"; what it made: "7"
     */
    record WeighingInput(String food, Part part, String before, String after, Weighing.Grade grade) {}

    @PostMapping("/api/yields")
    Said weigh(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody WeighingInput input) {
        return acts.say(household, key, "weighing", input, act -> {
            String name = Asked.name("/food", input.food(), LONGEST_NAME);
            if (input.part() == Part.WATER) {
                throw Problem.at("/part", "Say ready, cooked or drained: water is not weighed so.");
            }
            Food food = foods.known(household).book().find(name).orElseGet(() -> foods.own(household, name, Unit.G));
            Amount before = Asked.amount("/before", input.before());
            Amount after = Asked.amount("/after", input.after());
            Rational ofOne = ofOne(food, input, before, after);
            Yield left = Asked.at("/after", () -> new Yield(ofOne, ""));
            // what was counted has no weight: its ratio is kept as that of a kilogram
            BigDecimal grams = before.unit().dimension() == Dimension.MASS
                    ? Measures.US.toBase(before).value().toDecimal(6)
                    : KILO.toDecimal(6);
            weighings.add(
                    act,
                    foods.row(household, food),
                    input.part(),
                    grams,
                    left.ofOne().times(Rational.of(grams)).toDecimal(6),
                    input.grade());
            return "Weighed: " + food.name() + ", " + before + " gave " + after;
        });
    }

    /** "Made 7, expected 8" tells of the yield that was expected. */
    private static Rational ofOne(Food food, WeighingInput input, Amount before, Amount after) {
        boolean counted = input.grade() == Weighing.Grade.COUNTED;
        Dimension wanted = counted ? Dimension.COUNT : Dimension.MASS;
        String right = counted ? "a number like 8" : "a weight like 2.5 kg";
        if (before.unit().dimension() != wanted || before.value().isZero()) {
            throw Problem.at("/before", "“" + input.before() + "” should be " + right + ".");
        }
        if (after.unit().dimension() != wanted || after.value().isZero()) {
            throw Problem.at("/after", "“" + input.after() + "” should be " + right + ".");
        }
        Rational was = Asked.at("/before", () -> Measures.US.toBase(before)).value();
        Rational ratio =
                Asked.at("/after", () -> Measures.US.toBase(after)).value().dividedBy(was);
        if (ratio.compareTo(LEAST) < 0) {
            throw Problem.at("/after", "Less than a hundredth is left; look at both weights again.");
        }
        if (!counted) {
            return ratio;
        }
        Yield expected = food.traits().yield(input.part());
        if (expected == null) {
            throw Problem.at(
                    "/grade",
                    "Nobody knows yet how much " + input.part().word() + " " + food.name()
                            + " to expect; weigh it once before counting.");
        }
        return Weighing.counted(expected, ratio).ofOne();
    }
}
