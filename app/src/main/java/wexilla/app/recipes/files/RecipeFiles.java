package wexilla.app.recipes.files;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.app.recipes.Dishes;
import wexilla.app.recipes.Draft;
import wexilla.app.recipes.Marks;
import wexilla.app.recipes.RecipeInput;
import wexilla.app.recipes.Recipes;
import wexilla.core.food.book.FoodBook;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Household;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeText;

/** Recipes from pasted text and files, and into files. */
@RestController
class RecipeFiles {

    /** 20 MB of text. */
    static final int MOST_CHARACTERS = 20 * 1024 * 1024;

    private static final int MOST_AT_ONCE = 2000;

    private final Recipes recipes;
    private final Dishes dishes;
    private final Snapshots snapshots;
    private final Acts acts;
    private final JsonMapper json;

    RecipeFiles(Recipes recipes, Dishes dishes, Snapshots snapshots, Acts acts, JsonMapper json) {
        this.snapshots = snapshots;
        this.recipes = recipes;
        this.dishes = dishes;
        this.acts = acts;
        this.json = json;
    }

    /** @param unread what was not understood */
    record Found(RecipeInput recipe, List<String> unread) {}

    /** @param text pasted, or what is in a file: text, JSON-LD, a saved page, or a table of lines */
    record TextInput(String text) {}

    /** @param unread what was not understood; @param problem why it cannot be saved as it is, empty when it can */
    record FoundView(RecipeInput recipe, List<String> unread, String problem) {}

    /** @param kind text, json, page or table */
    record FoundInText(String kind, List<FoundView> recipes) {}

    /** Takes recipes out of a text; stores nothing. */
    @PostMapping("/api/recipes/read")
    FoundInText read(Household household, @RequestBody TextInput input) {
        String text = input.text().strip();
        if (text.length() > MOST_CHARACTERS) {
            throw Problem.at("/text", "This file has more than 20 MB; split it.");
        }
        Dishes.Shelf shelf = dishes.shelf(snapshots.of(household), null);
        String kind = kind(text);
        List<Found> found = Asked.at("/text", () -> found(kind, text, shelf.book()));
        if (found.isEmpty()) {
            throw Problem.at(
                    "/text",
                    "There is no recipe in this " + (kind.equals("page") ? "page" : "file")
                            + "; paste its text, or a file with schema.org recipes.");
        }
        List<FoundView> views = new ArrayList<>();
        for (Found one : found) {
            views.add(new FoundView(one.recipe(), one.unread(), problem(one.recipe(), shelf)));
        }
        return new FoundInText(kind, views);
    }

    private static String kind(String text) {
        if (text.startsWith("{") || text.startsWith("[{") || text.matches("(?s)^\\[\\s*\\{.{0,20}.*")) {
            return "json";
        }
        if (text.startsWith("<") && text.length() > 100 || text.contains("application/ld+json")) {
            return "page";
        }
        return LineCsv.isOne(text) ? "table" : "text";
    }

    private static List<Found> found(String kind, String text, FoodBook book) {
        return switch (kind) {
            case "json" -> SchemaReader.json(text);
            case "page" -> SchemaReader.page(text);
            case "table" -> LineCsv.read(text);
            default -> List.of(typed(RecipeText.read(text, book), text));
        };
    }

    private static Found typed(RecipeText read, String text) {
        return new Found(
                new RecipeInput(
                        read.title(),
                        read.portions(),
                        read.lines().stream().map(Marks::line).toList(),
                        read.steps().stream().map(Marks::step).toList(),
                        note(read.rest()),
                        List.of(),
                        text,
                        null,
                        List.of()),
                read.rest());
    }

    /** What found no place among lines and steps stays with the recipe as its note. */
    private static String note(List<String> rest) {
        String note = String.join("\n", rest);
        return note.length() <= RecipeInput.LONGEST_NOTE ? note : note.substring(0, RecipeInput.LONGEST_NOTE);
    }

    private static String problem(RecipeInput recipe, Dishes.Shelf shelf) {
        try {
            Draft.read(recipe, shelf).finished(recipe);
            recipe.about();
            return "";
        } catch (Problem problem) {
            return String.valueOf(problem.getMessage());
        }
    }

    /** Several recipes at once, all or none. */
    record ImportInput(List<RecipeInput> recipes) {}

    @PostMapping("/api/recipes/import")
    Acts.Said keep(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody ImportInput input) {
        int count = input.recipes().size();
        if (count < 1 || count > MOST_AT_ONCE) {
            throw Problem.at("/recipes", "From 1 to " + MOST_AT_ONCE + " recipes at once, not " + count + ".");
        }
        // read before the act begins: nobody waits for the household meanwhile
        Dishes.Shelf shelf = dishes.shelf(snapshots.of(household), null);
        List<Recipe> read = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            RecipeInput one = input.recipes().get(i);
            read.add(below(i, () -> Draft.read(one, shelf).finished(one)));
        }
        return acts.say(household, key, "import", input, act -> {
            for (int i = 0; i < count; i++) {
                Recipe recipe = read.get(i);
                Written.About about = input.recipes().get(i).about();
                below(i, () -> recipes.add(act, recipe, about));
            }
            return "Into the book: " + count + (count == 1 ? " recipe" : " recipes");
        });
    }

    private static <T> T below(int at, Supplier<T> work) {
        try {
            return work.get();
        } catch (Problem problem) {
            throw problem.below("/recipes/" + at);
        }
    }

    /** @param format json (schema.org JSON-LD) or csv (its lines) */
    @GetMapping("/api/recipes/{id}/file")
    ResponseEntity<byte[]> file(
            Household household, @PathVariable UUID id, @RequestParam(defaultValue = "json") String format) {
        Written stored = recipes.current(household, id);
        String name = stored.recipe().title().replaceAll("[^\\p{L}\\p{N}]+", "-");
        return format(format).equals("csv")
                ? answer("text/csv", name + ".csv", LineCsv.of(List.of(stored)))
                : answer("application/ld+json", name + ".json", json.writeValueAsString(SchemaWriter.one(stored)));
    }

    /** The whole book. */
    @GetMapping("/api/recipes/file")
    ResponseEntity<byte[]> files(Household household, @RequestParam(defaultValue = "json") String format) {
        List<Written> all = recipes.all(snapshots.of(household));
        return format(format).equals("csv")
                ? answer("text/csv", "recipes.csv", LineCsv.of(all))
                : answer("application/ld+json", "recipes.json", json.writeValueAsString(SchemaWriter.all(all)));
    }

    private static String format(String format) {
        if (!format.equals("json") && !format.equals("csv")) {
            throw Problem.at("/format", "“" + format + "” is no format; say json or csv.");
        }
        return format;
    }

    private static ResponseEntity<byte[]> answer(String type, String name, String text) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(type + ";charset=UTF-8"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(text.getBytes(StandardCharsets.UTF_8));
    }
}
