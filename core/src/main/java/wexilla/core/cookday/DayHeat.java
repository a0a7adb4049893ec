package wexilla.core.cookday;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.cookday.DayTasks.Inside;
import wexilla.core.food.Food;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.HeatGuide;
import wexilla.core.food.book.State;
import wexilla.core.food.book.WordLists;
import wexilla.core.food.facts.Country;
import wexilla.core.food.facts.Cut;
import wexilla.core.food.facts.Nature;
import wexilla.core.keeping.KeepingWords;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.text.Packs;
import wexilla.core.recipe.lines.Mentions;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.recipe.steps.PressureTime;
import wexilla.core.recipe.steps.StepGear;

/**
 * What a dish of the day asks for because of what is raw in it: by its foods where they are known, by the foods its words
 * name where nobody wrote them down.
 *
 * @param country whose rules hold; null for the published US tables
 * @param pressure minutes under pressure that a sourced rule knows
 */
public record DayHeat(
        HeatGuide guide, FoodBook book, @Nullable Country country, PressureTime.Table pressure) {

    /** A pot that is half full: how full it gets is not known before it is filled. */
    private static final Rational HALF_FULL = Rational.of(1, 2);

    private static final WordLists WORDS = WordLists.of("day");
    private static final Pattern STUFFS = WORDS.list("stuffs");
    private static final Pattern ROASTS = Pattern.compile("\\b(?:roast|bake)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern ROLLS = WORDS.list("rolls");

    /** Of a dish whose foods are known. */
    public Inside of(String title, Collection<String> steps, Collection<Food> foods) {
        String text = title + ", " + String.join(", ", steps);
        List<Food> inside = new ArrayList<>(foods);
        if (STUFFS.matcher(text).find() && foods.size() > 1) {
            inside = HeatGuide.as(inside, book, State.STUFFED);
        } else if (ROLLS.matcher(text).find()) {
            inside = HeatGuide.as(inside, book, State.TENDERISED);
        }
        return new Inside(
                foods.stream().anyMatch(food -> food.is(Nature.BOIL_HARD)),
                foods.stream().anyMatch(food -> food.traits().rawFlesh()),
                guide.ofDish(inside, KeepingWords.say("dish-egg", title), country));
    }

    /** A step under pressure that says no minutes, with those a sourced rule knows for what it names; else as it was. */
    public DayStep timed(DayStep step, Collection<ReadLine> lines) {
        if (untimed(step)) {
            return heated(step, lines);
        }
        if (step.time().waitMin() > 0 || StepGear.read(step.text()).kind() != StepGear.Kind.PRESSURE_COOKER) {
            return step;
        }
        String text = step.text().toLowerCase(Locale.ROOT);
        for (ReadLine line : lines) {
            Food food = line.food();
            if (food == null || !Mentions.named(food, text)) {
                continue;
            }
            PressureTime.State state =
                    line.state() == State.FROZEN ? PressureTime.State.FROZEN_BLOCK : PressureTime.State.FRESH;
            if (PressureTime.of(pressure, food, state, piece(line), HALF_FULL) instanceof PressureTime.Known known) {
                return step.withWait(known.minutes());
            }
        }
        return step;
    }

    /** Whether an oven cooks it for minutes nobody wrote: "roast the chicken until done". */
    private static boolean untimed(DayStep step) {
        return step.time().waitMin() == 0
                && step.written().about()
                && StepGear.read(step.text()).kind() == StepGear.Kind.OVEN
                && ROASTS.matcher(step.text()).find();
    }

    /** With what raw meat or fish that it names usually takes; as it was where it names none. */
    private static DayStep heated(DayStep step, Collection<ReadLine> lines) {
        String text = step.text().toLowerCase(Locale.ROOT);
        for (ReadLine line : lines) {
            Food food = line.food();
            if (food != null && food.traits().rawFlesh() && Mentions.named(food, text)) {
                return step.withWait(UsualHeat.minutes(food, weight(line)));
            }
        }
        return step;
    }

    private static Rational weight(ReadLine line) {
        Amount one = piece(line);
        return one == null ? Rational.ZERO : Measures.METRIC.toBase(one).value();
    }

    /** What one piece weighs: of several, their share of the weight; null when no weight was written. */
    private static @Nullable Amount piece(ReadLine line) {
        Packs packs = line.packs();
        Quantity quantity = line.quantity();
        Amount much = packs != null ? packs.each() : quantity == null ? null : quantity.max();
        boolean weighed = much != null && much.unit().dimension() == Dimension.MASS;
        boolean whole = line.food() != null && line.food().traits().cut() != Cut.DICED;
        return weighed && (packs != null || whole) ? much : null;
    }

    /** Of a dish nobody wrote the foods of: by what its name and steps name. */
    public Inside said(String title, Collection<String> steps) {
        List<Food> named = new ArrayList<>(HeatGuide.named(book, title));
        steps.forEach(step -> named.addAll(HeatGuide.named(book, step)));
        Inside inside = of(title, steps, named);
        return new Inside(false, inside.raw(), inside.heat());
    }
}
