package wexilla.core.pricing;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.money.Money;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.stock.Supply;

/** By how much a recipe is scaled, so that what is in hand is all of it: a food, or money. */
public record InHand(List<ReadLine> lines, Measures measures) {

    public InHand {
        lines = List.copyOf(lines);
    }

    /** The factor, or why there is none. */
    public sealed interface Answer permits Times, Missing, Nothing {}

    public record Times(Rational factor) implements Answer {}

    /** @param fact that is not known: "price of peas" */
    public record Missing(String fact) implements Answer {}

    /** No line asks for it, or for anything that costs something. */
    public record Nothing() implements Answer {}

    /** The amount in hand over all that the lines ask of this food. */
    public Answer of(Food food, Amount there) {
        Rational asked = Rational.ZERO;
        for (ReadLine line : lines) {
            Quantity quantity = line.quantity();
            if (quantity != null && food.equals(line.food())) {
                Conversion.Answer one = base(food, quantity.middle());
                if (one instanceof Conversion.Missing missing) {
                    return new Missing(missing.fact());
                }
                asked = asked.plus(((Conversion.Converted) one).amount().value());
            }
        }
        Conversion.Answer have = base(food, there);
        if (have instanceof Conversion.Missing missing) {
            return new Missing(missing.fact());
        }
        return asked.isZero()
                ? new Nothing()
                : new Times(((Conversion.Converted) have).amount().value().dividedBy(asked));
    }

    private Conversion.Answer base(Food food, Amount amount) {
        Unit base = food.base();
        return Conversion.convert(food, amount, base, measures);
    }

    /** The money in hand over what the lines cost, with nothing that is there. */
    public Answer of(Money money, Map<Key, List<Offer>> offers) {
        CostSheet sheet = CostSheet.of(
                lines.stream().map(Wanted::of).toList(),
                new CostSheet.Known(
                        Supply.none(), offers, Seasoning.OUT, Money.zero(money.currency()), measures, LocalDate.EPOCH));
        Optional<String> unpriced = IntStream.range(0, lines.size())
                .filter(i -> !sheet.lines().get(i).cost().complete())
                .mapToObj(i -> "price of " + lines.get(i).foodName())
                .findFirst();
        if (unpriced.isPresent()) {
            return new Missing(unpriced.get());
        }
        return sheet.total().known().minor() == 0
                ? new Nothing()
                : new Times(money.exact().dividedBy(sheet.total().known().exact()));
    }
}
