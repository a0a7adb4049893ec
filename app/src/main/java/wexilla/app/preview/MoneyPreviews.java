package wexilla.app.preview;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Reference;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.FoodBook;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.CostSheet.Known;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.pricing.PackMix;
import wexilla.core.pricing.Seasoning;
import wexilla.core.pricing.WholePacks;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.CookWords;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.stock.Supply;

/** Splitting money, and the cost of typed lines from typed offers. */
@RestController
class MoneyPreviews {

    private static final int MOST = 1000;
    private static final Money FLAT = Money.of(15, Asked.CURRENCY);

    private final FoodBook foods;

    MoneyPreviews(Reference reference) {
        this.foods = reference.book();
    }

    record SplitAsked(String total, List<String> weights) {}

    record Split(List<String> parts) {}

    @PostMapping("/api/preview/split")
    Split split(@RequestBody SplitAsked asked) {
        if (asked.weights().size() > MOST) {
            throw Problem.at("/weights", asked.weights().size() + " parts; " + MOST + " is the most.");
        }
        List<Rational> weights = new ArrayList<>();
        for (int i = 0; i < asked.weights().size(); i++) {
            weights.add(Asked.number("/weights/" + i, asked.weights().get(i)));
        }
        Money total = Asked.money("/total", asked.total());
        List<Money> parts = Asked.at("/weights", () -> total.split(weights));
        return new Split(parts.stream().map(Money::decimal).toList());
    }

    /** @param basis {@code used} or {@code bought}; @param seasoning {@code exact}, {@code flat} or {@code out} */
    record CostAsked(
            String portions,
            List<String> lines,
            List<Stall.OfferAsked> offers,
            @Nullable String basis,
            @Nullable String seasoning,
            @Nullable String cup,
            @Nullable BigDecimal tbsp) {}

    /** @param packs whole packs of it, basis "bought" only */
    record LineCosted(
            String text,
            String food,
            String cost,
            boolean complete,
            @Nullable Long packs) {}

    record Costed(String total, boolean complete, List<String> unknown, String perPortion, List<LineCosted> lines) {}

    @PostMapping("/api/preview/cost")
    Costed cost(@RequestBody CostAsked asked) {
        Measures measures = Asked.measures(asked.cup(), asked.tbsp());
        int portions = portions(asked.portions());
        Seasoning seasoning =
                choice("/seasoning", asked.seasoning(), "flat", Set.of("exact", "flat", "out"), Seasoning::valueOf);
        boolean bought = choice("/basis", asked.basis(), "used", Set.of("used", "bought"), "BOUGHT"::equals);
        if (asked.lines().size() > Recipe.MOST_LINES) {
            throw Problem.at("/lines", asked.lines().size() + " lines; " + Recipe.MOST_LINES + " is the most.");
        }
        Stall stall = Stall.of(foods, asked.offers(), measures);
        List<ReadLine> lines = new ArrayList<>();
        for (int i = 0; i < asked.lines().size(); i++) {
            String text = asked.lines().get(i);
            lines.add(Asked.at("/lines/" + i, () -> new LineReader(stall.book()).read(text)));
        }
        List<Wanted> wanted = lines.stream().map(line -> wanted(line, bought)).toList();
        CostSheet sheet = CostSheet.of(
                wanted, new Known(Supply.none(), stall.offers(), seasoning, FLAT, measures, LocalDate.EPOCH));
        List<LineCosted> costed = bought ? bought(lines, sheet, stall) : used(lines, sheet);
        Cost total = Cost.of(sheet.flat());
        for (LineCosted line : costed) {
            total = total.plus(new Cost(Money.parse(line.cost(), Asked.CURRENCY), line.complete()));
        }
        Money perPortion = Money.rounded(total.known().exact().dividedBy(Rational.of(portions)), Asked.CURRENCY);
        List<String> unknown = costed.stream()
                .filter(line -> !line.complete())
                .map(LineCosted::food)
                .distinct()
                .toList();
        return new Costed(total.known().decimal(), total.complete(), unknown, perPortion.decimal(), costed);
    }

    /** Cost uses the middle of a range, shopping its upper end. */
    private static Wanted wanted(ReadLine line, boolean bought) {
        return bought && line.quantity() != null
                ? Wanted.of(line).with(line.quantity().max())
                : Wanted.of(line);
    }

    private static List<LineCosted> used(List<ReadLine> lines, CostSheet sheet) {
        List<LineCosted> costed = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            Cost cost = sheet.lines().get(i).cost();
            costed.add(new LineCosted(
                    lines.get(i).text(), lines.get(i).foodName(), cost.known().decimal(), cost.complete(), null));
        }
        return costed;
    }

    /** Whole packs for the sum of a food's lines; they stand at its first line, its others cost nothing more. */
    private static List<LineCosted> bought(List<ReadLine> lines, CostSheet sheet, Stall stall) {
        record Sum(Key food, Unit unit) {}
        Map<Sum, Amount> needs = new LinkedHashMap<>();
        for (int i = 0; i < lines.size(); i++) {
            Food food = lines.get(i).food();
            Amount need = sheet.lines().get(i).need();
            if (food != null && need != null) {
                needs.merge(new Sum(food.key(), need.unit()), need, Amount::plus);
            }
        }
        List<LineCosted> costed = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            ReadLine line = lines.get(i);
            Food food = line.food();
            Amount need = sheet.lines().get(i).need();
            Amount all = food == null || need == null ? null : needs.remove(new Sum(food.key(), need.unit()));
            boolean complete = sheet.lines().get(i).cost().complete();
            if (food == null || all == null || !complete) {
                costed.add(new LineCosted(line.text(), line.foodName(), "0.00", complete, null));
            } else {
                PackMix mix = PackMix.cheapest(stall.packs().getOrDefault(food.key(), List.of()), all)
                        .orElseThrow();
                costed.add(new LineCosted(line.text(), food.name(), mix.cost().decimal(), true, mix.packs()));
            }
        }
        return costed;
    }

    /** @param pack as "1 kg"; @param multiBuy what several cost together, absent for none */
    record PackAsked(String pack, String price, Stall.@Nullable MultiBuyAsked multiBuy) {}

    /**
     * @param keeps whether what is left can be used later
     * @param laterUse what later trips will need of it: bought together where that is cheaper; only of what keeps
     */
    record PacksAsked(
            String need, @Nullable Boolean keeps, @Nullable String laterUse, List<PackAsked> packs) {}

    record Chosen(String pack, long count) {}

    /** @param left what is over after this need; @param shortBy what nobody buys another pack for, absent for nothing */
    record Mixed(
            List<Chosen> choose,
            String cost,
            String left,
            @Nullable String shortBy,
            String why) {}

    private static final int MOST_PACKS = 50;

    @PostMapping("/api/preview/packs")
    Mixed packs(@RequestBody PacksAsked asked) {
        Amount need = Measures.METRIC.toBase(Asked.amount("/need", asked.need()));
        if (asked.packs().isEmpty() || asked.packs().size() > MOST_PACKS) {
            throw Problem.at(
                    "/packs",
                    "From 1 to " + MOST_PACKS + " packs, not " + asked.packs().size() + ".");
        }
        List<WholePacks> kinds = new ArrayList<>();
        Map<WholePacks, String> words = new LinkedHashMap<>();
        for (int i = 0; i < asked.packs().size(); i++) {
            PackAsked pack = asked.packs().get(i);
            String at = "/packs/" + i;
            Amount each = Measures.METRIC.toBase(Asked.amount(at + "/pack", pack.pack()));
            if (each.value().isZero() || !each.unit().equals(need.unit())) {
                throw Problem.at(
                        at + "/pack", "A pack is some of what is needed, in its unit; not “" + pack.pack() + "”.");
            }
            WholePacks kind = new WholePacks(
                    each, Asked.money(at + "/price", pack.price()), Stall.multi(at + "/multiBuy", pack.multiBuy()));
            kinds.add(kind);
            words.putIfAbsent(kind, pack.pack().strip());
        }
        boolean later = Boolean.TRUE.equals(asked.keeps()) && asked.laterUse() != null;
        PackMix alone = PackMix.cheapest(kinds, need).orElseThrow();
        PackMix mix = later
                ? PackMix.cheapest(kinds, need, laterUse(need, asked.laterUse()))
                        .orElseThrow()
                : alone;
        boolean together = !mix.equals(alone);
        return new Mixed(
                mix.buys().stream()
                        .map(buy -> new Chosen(Objects.requireNonNull(words.get(buy.kind())), buy.packs()))
                        .toList(),
                mix.cost().decimal(),
                CookWords.amount(mix.left()),
                mix.shortBy().value().isZero() ? null : CookWords.amount(mix.shortBy()),
                why(mix, together));
    }

    private static Amount laterUse(Amount need, @Nullable String text) {
        Amount later = Measures.METRIC.toBase(Asked.amount("/laterUse", Objects.requireNonNull(text)));
        if (!later.unit().equals(need.unit())) {
            throw Problem.at("/laterUse", "What is needed later is of the same kind as the need, not “" + text + "”.");
        }
        return later;
    }

    private static String why(PackMix mix, boolean together) {
        if (mix.buys().isEmpty()) {
            return "nothing is needed";
        }
        String cheapest =
                mix.buys().size() > 1 ? "these sizes together are the cheapest" : "the cheapest that covers it";
        return together
                ? "with what is needed later it is cheaper bought together"
                : mix.shortBy().value().isZero()
                        ? cheapest
                        : CookWords.amount(mix.shortBy()) + " short: no pack of its own";
    }

    static int portions(String text) {
        Rational portions = Asked.number("/portions", text);
        if (!portions.isWhole()
                || portions.signum() <= 0
                || portions.compareTo(Rational.of(Recipe.MOST_PORTIONS)) > 0) {
            throw Problem.at(
                    "/portions",
                    "Portions are a whole number from 1 to " + Recipe.MOST_PORTIONS + ", not " + text + ".");
        }
        return portions.numerator().intValueExact();
    }

    private static <T> T choice(
            String field,
            @Nullable String asked,
            String usual,
            Set<String> allowed,
            java.util.function.Function<String, T> chosen) {
        String said = asked == null ? usual : asked;
        if (!allowed.contains(said)) {
            throw Problem.at(
                    field, "“" + said + "” is none of " + String.join(", ", new java.util.TreeSet<>(allowed)) + ".");
        }
        return chosen.apply(said.toUpperCase(java.util.Locale.ROOT));
    }
}
