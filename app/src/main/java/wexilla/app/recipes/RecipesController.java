package wexilla.app.recipes;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Foods;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Acts.Done;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Household;
import wexilla.app.platform.Problem;
import wexilla.app.recipes.RecipeViews.DraftView;
import wexilla.app.recipes.RecipeViews.LineView;
import wexilla.app.recipes.RecipeViews.RecipeCard;
import wexilla.app.recipes.RecipeViews.RecipeSaved;
import wexilla.app.recipes.RecipeViews.RecipeView;
import wexilla.app.recipes.RecipeViews.StepView;
import wexilla.core.pricing.CostSheet;
import wexilla.core.recipe.ReadLine;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.Style;

/** The book. */
@RestController
class RecipesController {

    private static final int MOST_NAMES = 60;
    /** What a dish of which only the name is known makes, until somebody says. */
    private static final int USUAL_PORTIONS = 4;

    private final Recipes recipes;
    private final Foods foods;
    private final Costing costing;
    private final Acts acts;
    private final Clock clock;

    RecipesController(Recipes recipes, Foods foods, Costing costing, Acts acts, Clock clock) {
        this.recipes = recipes;
        this.foods = foods;
        this.costing = costing;
        this.acts = acts;
        this.clock = clock;
    }

    @GetMapping("/api/recipes")
    List<RecipeCard> all(Household household) {
        CostSheet.Known known = costing.known(household, household.dayOf(clock.instant()));
        return recipes.all(household).stream()
                .map(stored -> {
                    Recipe recipe = stored.recipe();
                    return new RecipeCard(
                            stored.id().toString(),
                            recipe.title(),
                            recipe.portions(),
                            recipe.lines().size(),
                            recipe.steps().size(),
                            Recipe.time(recipe.steps()).minutes(),
                            List.copyOf(recipe.styles()),
                            RecipeViews.cost(CostSheet.of(wanted(recipe), known), recipe.portions()));
                })
                .toList();
    }

    @GetMapping("/api/recipes/{id}")
    ResponseEntity<RecipeView> one(Household household, @PathVariable UUID id) {
        Recipes.Stored stored = recipes.current(household, id);
        Recipe recipe = stored.recipe();
        CostSheet sheet = sheet(household, recipe);
        List<LineView> lines = new java.util.ArrayList<>();
        for (int i = 0; i < recipe.lines().size(); i++) {
            RecipeLine line = recipe.lines().get(i);
            lines.add(RecipeViews.line(
                    line.read(), line.heldBackIn(), sheet.lines().get(i)));
        }
        return ResponseEntity.ok()
                .eTag(String.valueOf(stored.version()))
                .body(new RecipeView(
                        id.toString(),
                        recipe.title(),
                        recipe.portions(),
                        stored.note(),
                        lines,
                        recipe.steps().stream().map(StepView::of).toList(),
                        List.copyOf(recipe.styles()),
                        RecipeViews.cost(sheet, recipe.portions())));
    }

    private CostSheet sheet(Household household, Recipe recipe) {
        return costing.sheet(household, wanted(recipe), household.dayOf(clock.instant()));
    }

    private static List<CostSheet.Wanted> wanted(Recipe recipe) {
        return recipe.lines().stream().map(line -> Costing.wanted(line.read())).toList();
    }

    /** Understands and costs a recipe while it is typed; stores nothing. */
    @PostMapping("/api/recipes/draft")
    DraftView draft(Household household, @RequestBody RecipeInput input) {
        Draft draft = Draft.read(input, foods.book(household));
        List<ReadLine> read = draft.lines().stream()
                .map(Draft.Line::read)
                .flatMap(Optional::stream)
                .toList();
        CostSheet sheet =
                costing.sheet(household, read.stream().map(Costing::wanted).toList(), household.dayOf(clock.instant()));
        List<Set<Style>> held =
                input.lines().stream().map(RecipeInput.LineInput::heldBackIn).toList();
        return new DraftView(RecipeViews.lines(draft.lines(), held, sheet), RecipeViews.cost(sheet, input.portions()));
    }

    @PostMapping("/api/recipes")
    RecipeSaved add(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody RecipeInput input) {
        return acts.perform(household, key, "recipe", input, RecipeSaved.class, act -> {
            Recipe recipe = Draft.read(input, foods.book(household)).finished(input);
            UUID id = recipes.add(act, recipe, source(input), input.note());
            String subject = "Recipe: " + recipe.title();
            return new Done<>(subject, new RecipeSaved(act.id().toString(), subject, id.toString()));
        });
    }

    /** Names of dishes, one a line: a name is enough to plan and eat. */
    record NamesInput(String text) {}

    @PostMapping("/api/recipes/names")
    Acts.Said names(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody NamesInput input) {
        return acts.say(household, key, "names", input, act -> {
            List<String> names = input.text()
                    .lines()
                    .map(String::strip)
                    .filter(n -> !n.isEmpty())
                    .distinct()
                    .toList();
            if (names.isEmpty() || names.size() > MOST_NAMES) {
                throw Problem.at(
                        "/text", "Write from 1 to " + MOST_NAMES + " names, one a line, not " + names.size() + ".");
            }
            int added = 0;
            for (String name : names) {
                String title = Asked.name("/text", name, 120);
                if (recipes.named(household, title).isEmpty()) {
                    recipes.add(act, new Recipe(title, USUAL_PORTIONS, List.of(), List.of()), "", "");
                    added++;
                }
            }
            return "In the book: " + added + (added == 1 ? " name" : " names");
        });
    }

    @PutMapping("/api/recipes/{id}")
    RecipeSaved change(
            Household household,
            @PathVariable UUID id,
            @RequestHeader("Idempotency-Key") String key,
            @RequestHeader("If-Match") String ifMatch,
            @RequestBody RecipeInput input) {
        return acts.perform(household, key, "recipe", List.of(id, input), RecipeSaved.class, act -> {
            Recipe recipe = Draft.read(input, foods.book(household)).finished(input);
            recipes.change(act, id, version(ifMatch), recipe, source(input), input.note());
            String subject = "Recipe changed: " + recipe.title();
            return new Done<>(subject, new RecipeSaved(act.id().toString(), subject, id.toString()));
        });
    }

    private static int version(String ifMatch) {
        String bare = ifMatch.replaceAll("^W/|\"", "");
        if (!bare.matches("\\d{1,9}")) {
            throw Problem.at("/If-Match", "“" + ifMatch + "” is no version; send the ETag you were given.");
        }
        return Integer.parseInt(bare);
    }

    private static String source(RecipeInput input) {
        return input.lines().stream().map(RecipeInput.LineInput::text).collect(Collectors.joining("\n"))
                + "\n\n"
                + input.steps().stream().map(RecipeInput.StepInput::text).collect(Collectors.joining("\n"));
    }
}
