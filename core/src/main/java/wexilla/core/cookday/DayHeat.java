package wexilla.core.cookday;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.cookday.DayTasks.Inside;
import wexilla.core.food.Country;
import wexilla.core.food.Food;
import wexilla.core.food.FoodBook;
import wexilla.core.food.HeatGuide;
import wexilla.core.food.Nature;
import wexilla.core.food.State;
import wexilla.core.food.WordLists;
import wexilla.core.keeping.KeepingWords;

/**
 * What a dish of the day asks for because of what is raw in it: by its foods where they are known, by the foods its words
 * name where nobody wrote them down.
 *
 * @param country whose rules hold; null for the published US tables
 */
public record DayHeat(
        HeatGuide guide, FoodBook book, @Nullable Country country) {

    private static final WordLists WORDS = WordLists.of("day");
    private static final Pattern STUFFS = WORDS.list("stuffs");
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

    /** Of a dish nobody wrote the foods of: by what its name and steps name. */
    public Inside said(String title, Collection<String> steps) {
        List<Food> named = new ArrayList<>(HeatGuide.named(book, title));
        steps.forEach(step -> named.addAll(HeatGuide.named(book, step)));
        Inside inside = of(title, steps, named);
        return new Inside(false, inside.raw(), inside.heat());
    }
}
