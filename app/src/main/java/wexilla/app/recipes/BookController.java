package wexilla.app.recipes;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.app.recipes.RecipeViews.BookView;
import wexilla.core.food.Diet;
import wexilla.core.food.facts.Allergen;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Money;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.steps.StepGear;

/** Finding in the book. */
@RestController
class BookController {

    private static final int MOST_PAGES = 1000;
    private static final int MOST_TITLES = 6;
    private static final int LONGEST_SEARCH = 120;

    private final Cards cards;
    private final Book book;
    private final Snapshots snapshots;

    BookController(Cards cards, Book book, Snapshots snapshots) {
        this.cards = cards;
        this.book = book;
        this.snapshots = snapshots;
    }

    /**
     * The book, or what of it fits.
     *
     * @param text words, each of which must be in the name, a food, a tag or the note
     * @param hands minutes of hands at most; {@code cost} of a portion at most, decimal money
     * @param without allergens, by a comma
     * @param page from 0
     */
    @GetMapping("/api/recipes")
    BookView book(
            Household household,
            @RequestParam(defaultValue = "") String text,
            @RequestParam(defaultValue = "ALL") Book.OnHand onHand,
            @RequestParam(required = false) @Nullable String form,
            @RequestParam(required = false) @Nullable Style style,
            @RequestParam(required = false) StepGear.@Nullable Kind gear,
            @RequestParam(required = false) @Nullable Diet diet,
            @RequestParam(required = false) @Nullable Integer hands,
            @RequestParam(required = false) @Nullable String cost,
            @RequestParam(defaultValue = "ALL") Book.Liked liked,
            @RequestParam(defaultValue = "") List<Allergen> without,
            @RequestParam(defaultValue = "TITLE") Book.Sort sort,
            @RequestParam(defaultValue = "0") int page) {
        if (text.length() > LONGEST_SEARCH) {
            throw Problem.at("/text", "Search for at most " + LONGEST_SEARCH + " characters.");
        }
        if (page < 0 || page > MOST_PAGES) {
            throw Problem.at("/page", "Pages are counted from 0 to " + MOST_PAGES + ", not " + page + ".");
        }
        if (without.stream().anyMatch(Objects::isNull)) {
            throw Problem.at("/without", "Say which allergen, like MILK; several by a comma.");
        }
        Money most = cost == null || cost.isBlank() ? null : Asked.money("/cost", cost, household.currency());
        Book.Filter filter = new Book.Filter(text, onHand, form, style, gear, diet, hands, most, liked, without);
        return cards.of(snapshots.of(household), filter, sort, page);
    }

    /** What the book can be narrowed down to. */
    @GetMapping("/api/recipes/choices")
    Book.Choices choices(Household household) {
        return book.choices(household);
    }

    /** Recipes whose title holds this, a few to choose from. */
    @GetMapping("/api/recipes/titles")
    List<Book.Title> titles(Household household, @RequestParam(defaultValue = "") String text) {
        if (text.length() > LONGEST_SEARCH) {
            throw Problem.at("/text", "Search for at most " + LONGEST_SEARCH + " characters.");
        }
        return book.titled(household, text, MOST_TITLES);
    }
}
