package wexilla.core.cookday;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import wexilla.core.cookday.CookDay.Pot;
import wexilla.core.cookday.CookDay.Preparation;
import wexilla.core.cookday.DayTasks.At;
import wexilla.core.cookday.DayTasks.Dish;
import wexilla.core.cookday.DayTasks.Once;
import wexilla.core.food.Food;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.ScaledLine;
import wexilla.core.recipe.ScaledStep;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Wording;
import wexilla.core.recipe.lines.Mentions;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.recipe.steps.StepGear;
import wexilla.core.recipe.steps.StepLoads;
import wexilla.core.recipe.steps.StepTime;

/**
 * The dishes of a cook day from its batches: the steps up to the stop of each, what goes into another one first, and what
 * is cut for several of them taken out and done once.
 *
 * @param once what is cut once for several dishes, with its minutes
 */
public record DayDishes(List<Dish> dishes, List<Once> once) {

    /** The part of a step's hands that is setting up, at most so many minutes: saved where it is done once. */
    private static final int MOST_SET_UP = Trade.whole("day.set-up-most");

    private static final Pattern CUTS = Pattern.compile(
            "^(?:peel and |wash and )?(?:finely |roughly )?(?:dice|chop|slice|grate|peel|crush|mince|cut|trim|shred)\\b",
            Pattern.CASE_INSENSITIVE);

    public DayDishes {
        dishes = List.copyOf(dishes);
        once = List.copyOf(once);
    }

    /**
     * @param more dishes that are no batches: a joint that is cooked to be stretched
     * @param pace of the household
     * @param heat what its raw foods ask for
     */
    public static DayDishes of(
            List<Pot> pots,
            List<Preparation> preparations,
            List<Dish> more,
            Wording wording,
            OwnPace pace,
            DayHeat heat) {
        List<List<DayStep>> steps = new ArrayList<>();
        for (Pot pot : pots) {
            List<DayStep> own = new ArrayList<>();
            List<ReadLine> lines = pot.sized().goesIn(pot.style()).stream()
                    .map(Sized.Line::read)
                    .toList();
            pot.sized().stepsUntil(pot.style()).stream()
                    .map(step -> heat.timed(step(step, pot.sized(), wording, pace), lines))
                    .forEach(own::add);
            steps.add(own);
        }
        List<Once> once = new ArrayList<>();
        for (Preparation preparation : preparations) {
            if (preparation.parts().size() > 1) {
                once(pots, steps, preparation, once);
            }
        }
        List<Dish> dishes = new ArrayList<>();
        for (int i = 0; i < pots.size(); i++) {
            Pot pot = pots.get(i);
            List<Food> foods = pot.sized().goesIn(pot.style()).stream()
                    .flatMap(line -> line.read().saidFood().stream())
                    .toList();
            List<String> texts = pot.sized().stepsUntil(pot.style()).stream()
                    .map(ScaledStep::text)
                    .toList();
            dishes.add(new Dish(
                            name(pots, i),
                            pot.sized().portions(),
                            steps.get(i),
                            true,
                            after(pots, i),
                            heat.of(pot.title(), texts, foods),
                            pot.id())
                    .needing(
                            pot.sized().recipe().needs().subList(0, steps.get(i).size())));
        }
        dishes.addAll(more);
        return new DayDishes(dishes, once);
    }

    /** A step with what it needs of the clock and what goes in; what is done in loads with the time of one. */
    private static DayStep step(ScaledStep scaled, Sized sized, Wording wording, OwnPace pace) {
        int vessels = sized.loads(scaled.step());
        StepTime time = scaled.time();
        boolean loads = vessels > 1
                && time.waitMin() >= vessels
                && StepGear.read(scaled.text()).kind() != StepGear.Kind.COLD;
        int hands = time.handsMin() == 0 ? 0 : Math.max(1, time.handsMin() / vessels);
        int said = vessels == 1 && scaled.time().waitMin() > 0 ? StepLoads.of(scaled.text()) : 1;
        if (said > 1) {
            StepTime load = time.load(said);
            return new DayStep(
                    scaled.text(),
                    pace.of(sized.recipe().title(), scaled.text(), load),
                    said,
                    scaled.step().clock(),
                    amounts(scaled, sized, wording),
                    load);
        }
        StepTime one = loads ? new StepTime(hands, time.waitMin() / vessels, time.about()) : time;
        return new DayStep(
                scaled.text(),
                paced(scaled.text(), one, sized.recipe().title(), pace),
                loads ? vessels : 1,
                scaled.step().clock(),
                amounts(scaled, sized, wording),
                one);
    }

    /** At the household's own pace: of a step that is done in several places, part by part, as it timed them. */
    private static StepTime paced(String text, StepTime written, String title, OwnPace pace) {
        return DayParts.of(new DayStep(text, written), StepGear.read(text)).stream()
                .map(part -> pace.of(title, part.text(), part.written()))
                .reduce(StepTime::plus)
                .orElse(written);
    }

    /** The lines a step speaks of, in kitchen measures; of several vessels all together, then each. */
    private static List<String> amounts(ScaledStep scaled, Sized sized, Wording wording) {
        String text = scaled.text().toLowerCase(Locale.ROOT);
        int vessels = sized.size().vessels();
        List<ScaledLine> all = sized.words(wording);
        List<ScaledLine> each =
                vessels == 1 ? all : sized.share(Rational.of(1, vessels)).words(wording);
        List<String> amounts = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            Food food = all.get(i).line().food();
            boolean named = food != null && Mentions.named(food, text);
            if (named) {
                String together = all.get(i).text();
                amounts.add(
                        vessels == 1
                                ? together
                                : together + " · each " + amount(each.get(i).text(), together));
            }
        }
        return amounts;
    }

    /** A line without the words it ends in like the other one: "930 g" of "930 g thighs" beside "2.8 kg thighs". */
    private static String amount(String text, String other) {
        String[] own = text.split(" ");
        String[] like = other.split(" ");
        int same = 0;
        while (same < Math.min(own.length, like.length) - 1
                && own[own.length - 1 - same].equals(like[like.length - 1 - same])) {
            same++;
        }
        return String.join(" ", Arrays.copyOf(own, own.length - same));
    }

    /** A recipe that is cooked in two batches of a day is two dishes, each with a name of its own. */
    private static String name(List<Pot> pots, int at) {
        String title = pots.get(at).title();
        long same = pots.stream().filter(pot -> pot.title().equals(title)).count();
        long before =
                pots.stream().limit(at).filter(pot -> pot.title().equals(title)).count();
        return same == 1 ? title : title + ", pot " + (before + 1);
    }

    /** Dishes of the same day that go into this one. */
    private static List<Integer> after(List<Pot> pots, int dish) {
        List<Integer> before = new ArrayList<>();
        for (int other = 0; other < pots.size(); other++) {
            Pot one = pots.get(other);
            boolean goesIn = other != dish
                    && pots.get(dish).sized().recipe().lines().stream().anyMatch(line -> asksFor(line, one));
            if (goesIn) {
                before.add(other);
            }
        }
        return before;
    }

    private static boolean asksFor(RecipeLine line, Pot pot) {
        Food food = line.read().food();
        return line.made() != null
                && (pot.dish() == null
                        ? line.made().title().equals(pot.title())
                        : food != null && food.key().equals(pot.dish()));
    }

    /** Takes a food out of the cutting steps of the dishes that have it, where at least two have one. */
    private static void once(List<Pot> pots, List<List<DayStep>> steps, Preparation preparation, List<Once> once) {
        List<Integer> dishes = new ArrayList<>();
        List<Integer> places = new ArrayList<>();
        for (int dish = 0; dish < pots.size(); dish++) {
            String pot = pots.get(dish).id();
            boolean has =
                    preparation.parts().stream().anyMatch(part -> part.pot().equals(pot));
            int place = has ? cutting(steps.get(dish), preparation.what()) : -1;
            if (place >= 0) {
                dishes.add(dish);
                places.add(place);
            }
        }
        if (dishes.size() < 2) {
            return;
        }
        int minutes = 0;
        List<At> at = new ArrayList<>();
        for (int i = 0; i < dishes.size(); i++) {
            List<DayStep> own = steps.get(dishes.get(i));
            DayStep step = own.get(places.get(i));
            int share = Math.max(1, step.time().handsMin() / foods(step.text()));
            int setUp = Math.min(MOST_SET_UP, share / 4);
            minutes += i == 0 ? share : Math.max(1, share - setUp);
            // what is left of it, if only its place among the others
            own.set(places.get(i), step.withHands(Math.max(0, step.time().handsMin() - share)));
            at.add(new At(dishes.get(i), places.get(i)));
        }
        String parts = String.join(
                " · ",
                preparation.parts().stream()
                        .map(part -> part.amount() + " " + part.dish())
                        .toList());
        String text = preparation.how() + ": " + preparation.all() + " " + preparation.what() + " (" + parts + ")";
        once.add(new Once(text, minutes, at));
    }

    /** The step that cuts this food and does nothing else; -1 for none. */
    private static int cutting(List<DayStep> steps, String food) {
        String word = food.toLowerCase(Locale.ROOT);
        for (int i = 0; i < steps.size(); i++) {
            DayStep step = steps.get(i);
            boolean only = CUTS.matcher(step.text()).find()
                    && StepGear.read(step.text()).kind() == StepGear.Kind.HANDS
                    && step.time().waitMin() == 0
                    && step.time().handsMin() > 0;
            if (only && step.text().toLowerCase(Locale.ROOT).contains(word)) {
                return i;
            }
        }
        return -1;
    }

    /** How many foods a cutting step names: "Dice onions, garlic and ginger." three. */
    private static int foods(String text) {
        return text.split(",| and ").length;
    }
}
