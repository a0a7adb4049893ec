package wexilla.core.stations.cook;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.NewBatch;
import wexilla.core.kitchen.Written;
import wexilla.core.money.Cost;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.pricing.LineCost;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;
import wexilla.core.stock.StockUse.Take;

/** A recipe becomes a batch: what went in leaves its lots, what came out is a lot that waits to be packed. */
public record Cooking(Stove stove) {

    /**
     * What is cooked.
     *
     * @param batch the planned one it was, or a new one's id
     * @param portions that came out
     * @param goesIn its lines up to the stop, {@code instead} what went in for some of them
     * @param plain what was cooked along and kept back
     * @param also what else was taken
     * @param keepsAs the class of the keeping table the cook chose; null for the one its lines say
     * @param keepBack portions that go into the fridge as they are
     */
    public record Order(
            Written written,
            UUID batch,
            Sized sized,
            Style style,
            Rational portions,
            List<GoesIn> goesIn,
            List<Wanted> instead,
            List<PlainPart> plain,
            List<Take> also,
            @Nullable String keepsAs,
            Rational keepBack) {

        /** As written at its size. */
        public static Order simply(
                Kitchen kitchen, Written written, UUID batch, Sized sized, Style style, Rational portions) {
            return new Order(
                    written,
                    batch,
                    sized,
                    style,
                    portions,
                    GoesIn.of(kitchen.household(), sized, style, Map.of()),
                    List.of(),
                    List.of(),
                    List.of(),
                    null,
                    Rational.ZERO);
        }
    }

    /** @param dish its lot, {@code cost} of all of it; @param weighed what was weighed of it */
    public record Cooked(UUID dish, Cost cost, List<PlainPart.Weighed> weighed) {}

    /** Cooks it. */
    public Cooked cook(Order order) {
        Kitchen kitchen = stove.kitchen();
        List<Wanted> wanted =
                new ArrayList<>(order.goesIn().stream().map(GoesIn::wanted).toList());
        wanted.addAll(order.instead());
        int inDish = wanted.size();
        order.plain().forEach(part -> wanted.add(part.wanted()));
        CostSheet sheet = CostSheet.of(wanted, kitchen.costs(stove.day()));
        Recipe recipe = order.written().recipe();
        stove.does(new Change.BatchSet(NewBatch.of(
                order.batch(),
                order.written(),
                order.sized(),
                order.portions(),
                order.style(),
                Batch.State.DONE,
                stove.day(),
                sheet.flat())));
        List<Take> takes = new ArrayList<>();
        List<Change.Line> wentIn = new ArrayList<>();
        for (int i = 0; i < inDish; i++) {
            Food food = wanted.get(i).food();
            LineCost cost = sheet.lines().get(i);
            if (i < order.goesIn().size()) {
                GoesIn line = order.goesIn().get(i);
                UUID row = food == null ? null : stove.rowOrNone(food);
                wentIn.add(new Change.Line(line.pos(), line.text(), row, cost.need(), cost.why()));
            }
            takes.addAll(stove.taken(food, cost));
        }
        stove.does(new Change.WentIn(order.batch(), wentIn));
        takes.addAll(order.also());
        Cost total = Stream.concat(
                        sheet.lines().subList(0, inDish).stream().map(LineCost::cost),
                        order.also().stream().map(Take::cost))
                .reduce(Cost.zero(sheet.flat().currency()).with(sheet.flat()), Cost::plus);
        UUID dish = stove.made(
                new Stove.Made(
                        recipe.title(),
                        order.batch(),
                        order.style(),
                        order.sized(),
                        Amount.of(order.portions(), Unit.PORTION),
                        total,
                        order.keepsAs()),
                takes);
        if (!order.keepBack().isZero()) {
            stove.keepBack(dish, order.keepBack());
        }
        List<PlainPart.Weighed> weighed = new ArrayList<>();
        for (int i = 0; i < order.plain().size(); i++) {
            PlainPart part = order.plain().get(i);
            int of = order.goesIn().indexOf(part.line());
            part.keep(stove, sheet.lines().get(of), sheet.lines().get(inDish + i))
                    .ifPresent(weighed::add);
        }
        return new Cooked(dish, total, weighed);
    }
}
