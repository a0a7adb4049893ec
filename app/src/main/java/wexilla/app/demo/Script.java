package wexilla.app.demo;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wexilla.app.eat.EatInput;
import wexilla.app.household.Equipped.Kind;
import wexilla.app.recipes.RecipeInput;
import wexilla.app.stretch.Cutting.StretchAsked;
import wexilla.core.food.Diet;
import wexilla.core.food.facts.Allergen;
import wexilla.core.food.facts.Part;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Meal;
import wexilla.core.people.Appetite;
import wexilla.core.people.Flag;
import wexilla.core.plan.MealOfDay;
import wexilla.core.recipe.Style;

/** The demo household as written in {@code demo/harbour.json}: what is there, and what happened, oldest first. */
record Script(
        String name,
        String zone,
        List<PlaceScript> places,
        List<PersonScript> people,
        List<EquipmentScript> equipment,
        List<RecipeInput> recipes,
        List<Event> events) {

    record PlaceScript(String name, Storage kind) {}

    record PersonScript(
            String name,
            Appetite appetite,
            List<Allergen> allergens,
            List<Flag> flags,
            List<String> dislikes,
            int chilli,
            List<Diet> diets) {

        PersonScript {
            diets = diets == null ? List.of() : diets;
        }
    }

    record EquipmentScript(String name, Kind kind, @Nullable String size, int count) {}

    /**
     * One evening: a note, or a cooking with its packing.
     *
     * @param daysAgo days before today
     * @param at wall time in the household's zone
     */
    record Event(
            int daysAgo,
            String at,
            @Nullable NoteScript note,
            @Nullable CookScript cook,
            @Nullable StretchScript stretch,
            @Nullable List<PlanScript> plan,
            @Nullable HandScript hand,
            @Nullable List<BatchScript> batches,
            @Nullable MealScript meal,
            @Nullable List<PriceScript> prices,
            @Nullable List<WeighingScript> weighed,
            @Nullable List<NameScript> names,
            @Nullable RunScript run,
            @Nullable List<HabitScript> habits) {}

    /** How a meal is every week. @param eats names; empty for everybody */
    record HabitScript(
            MealOfDay meal,
            int weekday,
            String table,
            @Nullable String homeFrom,
            int minutes,
            Meal.Kind kind,
            String note,
            List<String> eats) {}

    /** A cook day of today that is under way. @param minutesAgo it was begun, {@code hands} who cooks */
    record RunScript(int minutesAgo, List<String> hands) {}

    /** What a name of theirs means: the same as a food of the book, or its own and like something. */
    record NameScript(
            String name, @Nullable String same, @Nullable String like) {}

    /** What was weighed before and after, in grams. */
    record WeighingScript(String food, Part part, int before, int after) {}

    /** A price seen on the shelf. @param shop where; absent where it is the same everywhere */
    record PriceScript(
            String food,
            String pack,
            String price,
            @Nullable String shop) {}

    /** An evening that is over: planned, then eaten. @param not names of who would not eat it */
    record MealScript(
            PlanScript plan,
            EatInput.How how,
            String text,
            int left,
            @Nullable Integer liked,
            List<String> not) {}

    /** A batch for a cook day ahead. @param style how far it is taken */
    record BatchScript(String recipe, Style style, int factor, String cookOn) {}

    /** Something done with the biggest lot of this name. @param amount null for all of it */
    record HandScript(
            String lot,
            String hand,
            @Nullable String amount,
            @Nullable String place,
            String reason) {}

    /** A meal ahead, a dinner where none is said. @param dish empty for out and undecided; @param absent names of who is not there */
    record PlanScript(
            String day,
            Meal.Kind kind,
            @Nullable MealOfDay meal,
            String table,
            int minutes,
            String dish,
            List<String> sides,
            List<String> absent,
            String note) {}

    /** @param lot the name of the joint on hand; null for one that is not bought yet */
    record StretchScript(@Nullable String lot, StretchAsked asked) {}

    /**
     * @param bought a haul: its prices are what was paid that day
     * @param till what the till said in the end, with what is not counted; null when nobody typed it
     */
    record NoteScript(
            @Nullable String place,
            boolean bought,
            List<String> lines,
            @Nullable String till) {}

    /** @param packets empty when the dish still waits on the counter */
    record CookScript(
            String recipe,
            Style style,
            int portions,
            List<Integer> packets,
            @Nullable String place,
            @Nullable String container) {}
}
