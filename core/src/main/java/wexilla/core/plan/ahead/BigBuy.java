package wexilla.core.plan.ahead;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wexilla.core.cookday.DayStep;
import wexilla.core.cookday.DayTasks;
import wexilla.core.cookday.UsualHeat;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.Form;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Thaw;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.PlanCheck;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.AmountReader;
import wexilla.core.quantity.text.CookWords;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.lines.LineList;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.recipe.steps.StepTime;
import wexilla.core.stock.CookedForms;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.Supply;
import wexilla.core.stretch.Ways;

/**
 * A joint to be stretched on a day ahead: it is spoken for from then on, what its parts are stretched with is wanted
 * like anything else, and its parts are there for their dishes.
 *
 * @param weight as typed, "3.2 kg"
 * @param pots it is cooked in, at least one
 * @param raw whether it is cut before it is cooked
 * @param limit the last day a part may be eaten from the fridge; null when nobody knows
 */
public record BigBuy(
        String id,
        String food,
        String weight,
        LocalDate cookOn,
        int pots,
        boolean raw,
        String keepingClass,
        @Nullable LocalDate limit,
        List<Part> parts) {

    /**
     * A part with what goes to it.
     *
     * @param extender as typed, "1.5 kg potatoes, 2 onions"; only what has an amount and is known can be wanted
     * @param eatOn null for a part that is made on the cook day; {@code meal} of that day
     * @param grams of meat as it is cut, {@code cost} of them; null for a by-product, and where that is not known yet
     * @param freeze whether it lies in the freezer until it is eaten
     */
    public record Part(
            String name,
            String extender,
            @Nullable LocalDate eatOn,
            MealOfDay meal,
            @Nullable Rational grams,
            @Nullable Money cost,
            boolean freeze) {

        Part at(LocalDate day, MealOfDay other) {
            return new Part(name, extender, day, other, grams, cost, freeze);
        }

        /** Whether it is eaten at this meal. */
        public boolean eaten(LocalDate day, MealOfDay which) {
            return day.equals(eatOn) && meal == which;
        }
    }

    public BigBuy {
        parts = List.copyOf(parts);
    }

    /** The same with a part that is eaten at another meal. */
    public BigBuy with(int part, LocalDate day, MealOfDay meal) {
        List<Part> moved = new ArrayList<>(parts);
        moved.set(part, parts.get(part).at(day, meal));
        return new BigBuy(id, food, weight, cookOn, pots, raw, keepingClass, limit, moved);
    }

    /**
     * What it wants from the kitchen, day by day.
     *
     * @param begin when hands begin on a cook day
     * @param planned names of dishes whose own lines are wanted already: a part of that name wants nothing more
     */
    public List<PlanCheck.Batch> wants(LineReader reader, LocalTime begin, Collection<String> planned) {
        List<PlanCheck.Batch> wants = new ArrayList<>();
        add(wants, id, food, List.of(reader.readStored(weight + " " + food)), cookOn, begin);
        for (int i = 0; i < parts.size(); i++) {
            Part part = parts.get(i);
            if (planned.stream().noneMatch(part.name().strip()::equalsIgnoreCase)) {
                LocalDate day = part.eatOn() == null ? cookOn : part.eatOn();
                add(
                        wants,
                        id + "/" + i,
                        part.name(),
                        LineList.ofStored(part.extender(), reader).lines(),
                        day,
                        begin);
            }
        }
        return wants;
    }

    /** The parts as they will be there once it is cut, each for the dish of its name. */
    public List<Supply.Ahead> ahead(FoodBook book) {
        List<Supply.Ahead> ahead = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            Part part = parts.get(i);
            Optional<Food> whole = book.find(food);
            if (part.grams() == null || part.cost() == null || raw && whole.isEmpty()) {
                continue;
            }
            String called = whole.map(Food::name).orElse(food) + ", cooked";
            Key key = raw ? whole.orElseThrow().key() : Key.batch(id + "/" + i);
            List<Form> forms = raw || whole.isEmpty() ? List.of() : CookedForms.cut(key, called, whole.get(), book);
            LocalDate until = part.freeze() ? null : limit;
            OpenLot lot = new OpenLot(
                    id + "/" + i,
                    Amount.of(part.grams(), Unit.G),
                    Cost.of(part.cost()),
                    until,
                    until,
                    until,
                    LotClock.start(keepingClass, cookOn),
                    !raw,
                    part.freeze() ? Thaw.Shape.BAG : null,
                    part.name().strip());
            ahead.add(new Supply.Ahead(key, lot, forms));
        }
        return ahead;
    }

    /**
     * Its work on the cook day: into the pot, what it takes to cook, and taking apart what is not served whole. How long it
     * cooks nobody has said: what a bird or a joint of its weight takes, or a meal of its kind.
     */
    public DayTasks.Dish dish(FoodBook book) {
        Optional<Food> known = book.find(food);
        Rational grams =
                parts.stream().map(Part::grams).filter(Objects::nonNull).reduce(Rational.ZERO, Rational::plus);
        int apart =
                Ways.SHRED.times(grams).dividedBy(Rational.of(1000)).rounded().intValueExact();
        List<DayStep> steps = new ArrayList<>();
        if (!raw) {
            int heat = known.map(whole -> UsualHeat.minutes(whole, onePiece())).orElse(Trade.whole("once.unknown"));
            steps.add(new DayStep(
                    "Put the " + food + " on", new StepTime(Ways.COOK.rounded().intValueExact(), 0, true)));
            steps.add(new DayStep(
                    "Roast it until it is done: about " + CookWords.minutes(heat)
                            + ", as usual for its kind and weight",
                    new StepTime(0, heat, true)));
        }
        steps.add(new DayStep("Cut it into " + parts.size() + " parts", new StepTime(Math.max(5, apart), 0, true)));
        return new DayTasks.Dish(
                weight + " " + food,
                Rational.of(Math.max(1, parts.size())),
                steps,
                true,
                List.of(),
                DayTasks.Inside.NOTHING,
                id);
    }

    /** Grams that cook in one piece: as many as there are in one of its pots. */
    private Rational onePiece() {
        return AmountReader.read(weight)
                .map(read -> Measures.METRIC.toBase(read.quantity().max()))
                .filter(amount -> amount.unit().equals(Unit.G))
                .map(amount -> amount.value().dividedBy(Rational.of(pots)))
                .orElse(Rational.ZERO);
    }

    private static void add(
            List<PlanCheck.Batch> wants, String id, String name, List<ReadLine> read, LocalDate day, LocalTime begin) {
        List<Sized.Line> lines = read.stream()
                .filter(line -> line.quantity() != null && line.food() != null)
                .map(Sized.Line::asTyped)
                .toList();
        if (!lines.isEmpty()) {
            wants.add(new PlanCheck.Batch(id, "big buy: " + name, lines, day.atTime(begin)));
        }
    }
}
