package wexilla.app.recipes;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import wexilla.app.recipes.LineViews.LineView;
import wexilla.core.food.Food;
import wexilla.core.food.facts.Allergen;
import wexilla.core.food.facts.Contents;
import wexilla.core.food.facts.Country;
import wexilla.core.food.facts.Known;
import wexilla.core.kitchen.house.Household;
import wexilla.core.plan.Eater;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.LineCost;
import wexilla.core.pricing.Work;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.check.RecipeFlag;
import wexilla.core.recipe.steps.StepGear;
import wexilla.core.recipe.steps.StepTime;

/** What the Recipes station is answered with. */
final class RecipeViews {

    private RecipeViews() {}

    /** @param why "browned mince is there: no need to brown"; @param whole whether nothing of the step is left */
    record SparedView(int step, boolean whole, String why) {}

    /** @param line from 0; @param minutes of hands and waiting together */
    record AfreshView(int line, String dish, int hands, int minutes) {}

    /** The work with what is there. */
    record WorkView(int hands, int minutes, List<SparedView> spared, List<AfreshView> afresh) {

        static WorkView of(Work work) {
            return new WorkView(
                    work.left().handsMin(),
                    work.left().minutes(),
                    work.spared().stream()
                            .map(one -> new SparedView(one.step(), one.whole(), one.why()))
                            .toList(),
                    work.afresh().stream()
                            .map(one -> new AfreshView(
                                    one.line(),
                                    one.dish(),
                                    one.time().handsMin(),
                                    one.time().minutes()))
                            .toList());
        }
    }

    /**
     * What a batch as written costs, basis "used".
     *
     * @param flat the flat sum for seasoning and oil in it
     * @param perPortion null while the portions are not known
     * @param missing how many prices, where what is known says too little to be told as money
     * @param unknown what is missing, line by line
     */
    record CostView(
            String total,
            String flat,
            @Nullable String perPortion,
            boolean complete,
            @Nullable String missing,
            List<String> unknown) {}

    /** @param step from 0, {@code line} from 0; null when it is about none */
    record FlagView(
            RecipeFlag.Kind kind,
            @Nullable Integer line,
            @Nullable Integer step,
            String what,
            String why,
            String source) {

        static FlagView of(RecipeFlag flag) {
            return new FlagView(flag.kind(), flag.line(), flag.step(), flag.what(), flag.why(), flag.source());
        }
    }

    /** @param flags what to look at, for the lines that are understood; empty until the recipe makes sense as a whole */
    record DraftView(List<LineView> lines, List<StepView> steps, List<FlagView> flags, CostView cost) {}

    /** @param act the act to undo it by */
    record RecipeSaved(String act, String subject, String id) {}

    /** @param clock what it needs of the clock beside its minutes, as typed; empty for nothing
     * @param handsMin minutes hands are at it, {@code waitMin} minutes it goes on alone; {@code typed} when written
     *     beside, {@code about} when it says none
     * @param heat in the scale of the household, {@code heatToo} in the other one
     */
    record StepView(
            String text,
            @Nullable Style stop,
            int handsMin,
            int waitMin,
            boolean typed,
            boolean about,
            String clock,
            StepGear.Kind gear,
            @Nullable String heat,
            @Nullable String heatToo) {

        /** The steps of a recipe, each read beside its lines and the steps before it. */
        static List<StepView> of(Recipe recipe, Household household) {
            List<StepTime> times = recipe.times();
            List<StepGear> gears = recipe.gears();
            List<StepView> views = new ArrayList<>();
            for (int i = 0; i < times.size(); i++) {
                views.add(of(recipe.steps().get(i), times.get(i), gears.get(i).kind(), household));
            }
            return views;
        }

        private static StepView of(RecipeStep step, StepTime time, StepGear.Kind gear, Household household) {
            boolean fahrenheit = household.system() == KitchenMeasure.System.US;
            return new StepView(
                    step.text(),
                    step.stop(),
                    time.handsMin(),
                    time.waitMin(),
                    step.typed() != null,
                    time.about(),
                    step.clock().words(),
                    gear,
                    StepGear.heatOf(step.text(), fahrenheit),
                    StepGear.heatOf(step.text(), !fahrenheit));
        }
    }

    /** @param cooked how many batches were cooked by it */
    record VersionView(int n, LocalDate day, int cooked) {}

    record NextTimeView(String id, String text, LocalDate saidOn) {}

    /**
     * A pack to look at, since somebody who eats here must not eat something.
     *
     * @param food its key, {@code name} as shown
     * @param allergens of those who eat here which may be in it and which a pack names, {@code ask} those it need not name
     *     here: only its maker knows; {@code often} those its makers often put in
     */
    record LookView(String food, String name, List<Allergen> allergens, List<Allergen> ask, List<Allergen> often) {

        /** One for each food of a recipe whose pack must be looked at for these people. */
        static List<LookView> of(Recipe recipe, Collection<Allergen> avoided, @Nullable Country country) {
            return Eater.foods(recipe).stream()
                    .map(food -> of(food, avoided, country))
                    .filter(look -> !look.allergens().isEmpty() || !look.ask().isEmpty())
                    .distinct()
                    .toList();
        }

        private static LookView of(Food food, Collection<Allergen> avoided, @Nullable Country country) {
            Contents contents = food.traits().contents();
            List<Allergen> may = avoided.stream()
                    .filter(allergen -> contents.of(allergen, country) == Known.LOOK)
                    .distinct()
                    .sorted()
                    .toList();
            List<Allergen> often = may.stream()
                    .filter(allergen -> contents.isOften(allergen, country))
                    .toList();
            Map<Boolean, List<Allergen>> named =
                    may.stream().collect(Collectors.partitioningBy(allergen -> allergen.isNamedIn(country)));
            return new LookView(
                    food.key().id(),
                    food.name(),
                    named.getOrDefault(true, List.of()),
                    named.getOrDefault(false, List.of()),
                    often);
        }
    }

    /**
     * @param n the version shown, {@code current} whether it is the one in the book
     * @param work the work with what is there
     * @param nextTimes what was said for the next time and nobody has taken up
     */
    record RecipeView(
            String id,
            String title,
            int portions,
            int n,
            boolean current,
            String note,
            List<String> tags,
            List<String> alsoMakes,
            String source,
            List<LineView> lines,
            List<StepView> steps,
            List<Style> styles,
            List<FlagView> flags,
            List<LookView> look,
            WorkView work,
            List<VersionView> versions,
            List<NextTimeView> nextTimes,
            CostView cost) {}

    /**
     * What the book shows of a recipe.
     *
     * @param hands minutes of hands with what is there; @param minutes all together
     * @param liked mean rating in tenths, 0 to 20; null while nobody rated it; @param refused who would not eat it, counted
     * @param nextTimes how much was said for the next time and waits
     * @param inStock how many of its foods are there; @param usesUp what of them must be used this week
     */
    record RecipeCard(
            String id,
            String title,
            int portions,
            int lines,
            int steps,
            int hands,
            int minutes,
            List<Style> styles,
            List<String> tags,
            @Nullable Integer liked,
            int refused,
            int nextTimes,
            int inStock,
            List<String> usesUp,
            List<String> look,
            CostView cost) {}

    /**
     * One page of the book.
     *
     * @param total how many recipes are in it; @param found how many fit, on all pages of {@code page} cards
     * @param proven of those, how many are proven to be without what is asked; they come first
     */
    record BookView(int total, int found, int proven, int page, List<RecipeCard> cards) {}

    static CostView cost(CostSheet sheet, @Nullable Integer portions) {
        return new CostView(
                sheet.total().known().decimal(),
                sheet.flat().decimal(),
                portions != null && portions > 0
                        ? sheet.perPortion(Rational.of(portions)).decimal()
                        : null,
                sheet.total().complete(),
                sheet.total().missing().orElse(null),
                sheet.lines().stream()
                        .map(LineCost::why)
                        .filter(why -> !why.isEmpty())
                        .toList());
    }
}
