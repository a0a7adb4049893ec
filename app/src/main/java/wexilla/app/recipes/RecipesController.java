package wexilla.app.recipes;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.People;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Acts.Done;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.app.recipes.LineViews.LineView;
import wexilla.app.recipes.RecipeViews.DraftView;
import wexilla.app.recipes.RecipeViews.FlagView;
import wexilla.app.recipes.RecipeViews.NextTimeView;
import wexilla.app.recipes.RecipeViews.RecipeSaved;
import wexilla.app.recipes.RecipeViews.RecipeView;
import wexilla.app.recipes.RecipeViews.StepView;
import wexilla.core.food.Scaling;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Household;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.pricing.Work;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.check.RecipeCheck;

/** The book. */
@RestController
class RecipesController {

    private static final int MOST_NAMES = 60;

    private static final int LONGEST_NEXT_TIME = 300;
    /** What a dish of which only the name is known makes, until somebody says. */
    private static final int USUAL_PORTIONS = 4;

    private final Recipes recipes;
    private final Dishes dishes;
    private final Snapshots snapshots;
    private final NextTimes nextTimes;
    private final Acts acts;
    private final People people;
    private final Clock clock;

    RecipesController(
            Recipes recipes,
            Dishes dishes,
            Snapshots snapshots,
            Cards cards,
            NextTimes nextTimes,
            Acts acts,
            People people,
            Clock clock) {
        this.recipes = recipes;
        this.dishes = dishes;
        this.snapshots = snapshots;
        this.nextTimes = nextTimes;
        this.acts = acts;
        this.people = people;
        this.clock = clock;
    }

    /** @param n which version; the current one when absent */
    @GetMapping("/api/recipes/{id}")
    ResponseEntity<RecipeView> one(
            Household household, @PathVariable UUID id, @RequestParam(required = false) @Nullable Integer n) {
        Snapshot now = snapshots.of(household);
        Written current = recipes.current(now, id);
        Written stored = recipes.version(now, id, n);
        Recipe recipe = stored.recipe();
        Sized sized = Sized.asWritten(recipe, household.measures());
        CostSheet sheet = CostSheet.of(Wanted.of(sized), now.costs());
        List<LineView> lines = new ArrayList<>();
        for (int i = 0; i < recipe.lines().size(); i++) {
            lines.add(LineViews.line(recipe.lines().get(i), sheet.lines().get(i), household));
        }
        // the tag is that of the text, for If-Match; what it costs and what was said of it changes without it
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .eTag(String.valueOf(current.version()))
                .body(new RecipeView(
                        id.toString(),
                        recipe.title(),
                        recipe.portions(),
                        stored.n(),
                        stored.n() == current.n(),
                        stored.about().note(),
                        stored.about().tags(),
                        stored.about().alsoMakes(),
                        stored.about().source(),
                        lines,
                        StepView.of(recipe, household),
                        List.copyOf(recipe.styles()),
                        flags(recipe, household),
                        RecipeViews.LookView.of(recipe, people.avoided(household), household.country()),
                        RecipeViews.WorkView.of(Work.of(sized, sheet.lines())),
                        recipes.history(household, id),
                        nextTimes.open(household, id).stream()
                                .map(next -> new NextTimeView(next.id().toString(), next.text(), next.saidOn()))
                                .toList(),
                        RecipeViews.cost(sheet, recipe.portions())));
    }

    private static List<FlagView> flags(Recipe recipe, Household household) {
        return RecipeCheck.of(recipe, household.measures()).stream()
                .map(FlagView::of)
                .toList();
    }

    /** @param text what to do better, in the cook's words */
    record NextTimeInput(String text) {}

    @PostMapping("/api/recipes/{id}/next-time")
    Acts.Said nextTime(
            Household household,
            @PathVariable UUID id,
            @RequestHeader("Idempotency-Key") String key,
            @RequestBody NextTimeInput input) {
        return acts.say(household, key, "next-time", List.of(id, input), act -> {
            String title = recipes.current(household, id).recipe().title();
            String text = input.text().strip();
            if (text.isEmpty() || text.length() > LONGEST_NEXT_TIME) {
                throw Problem.at(
                        "/text",
                        "Say what to do better in 1 to " + LONGEST_NEXT_TIME + " characters, not " + text.length()
                                + ".");
            }
            nextTimes.say(act, id, text, household.dayOf(clock.instant()));
            return "Next time, " + title + ": " + text;
        });
    }

    /**
     * Understands and costs a recipe while it is typed; stores nothing.
     *
     * @param of the recipe that is changed, absent for a new one: it cannot go into itself
     */
    @PostMapping("/api/recipes/draft")
    DraftView draft(
            Household household, @RequestParam(required = false) @Nullable UUID of, @RequestBody RecipeInput input) {
        Snapshot now = snapshots.of(household);
        Draft draft = Draft.read(input, dishes.shelf(now, of));
        Recipe typed = new Recipe("draft", 1, draft.lines(input), List.of());
        CostSheet sheet = CostSheet.of(Wanted.of(Sized.asWritten(typed, household.measures())), now.costs());
        List<Set<Style>> held =
                input.lines().stream().map(RecipeInput.LineInput::heldBackIn).toList();
        List<@Nullable Scaling> rules = new ArrayList<>();
        input.lines().forEach(line -> rules.add(line.rule()));
        Optional<Recipe> whole = draft.understood(input);
        return new DraftView(
                LineViews.lines(draft.lines(), held, rules, sheet, household),
                whole.map(recipe -> StepView.of(recipe, household)).orElse(List.of()),
                whole.map(recipe -> flags(recipe, household)).orElse(List.of()),
                RecipeViews.cost(sheet, input.portions()));
    }

    @PostMapping("/api/recipes")
    RecipeSaved add(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody RecipeInput input) {
        Recipe recipe = read(household, input, null);
        return acts.perform(household, key, "recipe", input, RecipeSaved.class, act -> {
            UUID id = recipes.add(act, recipe, input.about());
            String subject = "Recipe: " + recipe.title();
            return new Done<>(subject, new RecipeSaved(act.id().toString(), subject, id.toString()));
        });
    }

    /** Read before the act begins: nobody waits for the household meanwhile. @param of the recipe that is changed */
    private Recipe read(Household household, RecipeInput input, @Nullable UUID of) {
        return Draft.read(input, dishes.shelf(snapshots.of(household), of)).finished(input);
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
                if (recipes.named(household, List.of(title)).isEmpty()) {
                    recipes.add(act, new Recipe(title, USUAL_PORTIONS, List.of(), List.of()), Written.About.NOTHING);
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
        Recipe recipe = read(household, input, id);
        return acts.perform(household, key, "recipe", List.of(id, input), RecipeSaved.class, act -> {
            int n = recipes.change(act, id, version(ifMatch), recipe, input.about());
            nextTimes.takeUp(act, id, n, input.taken() == null ? List.of() : input.taken());
            String subject = "Recipe changed: " + recipe.title();
            return new Done<>(subject, new RecipeSaved(act.id().toString(), subject, id.toString()));
        });
    }

    /** Takes a recipe out of the book, while nothing stands on it. */
    @PostMapping("/api/recipes/{id}/remove")
    Acts.Said remove(Household household, @PathVariable UUID id, @RequestHeader("Idempotency-Key") String key) {
        return acts.say(household, key, "recipe-out", id, act -> "Out of the book: " + recipes.remove(act, id));
    }

    private static int version(String ifMatch) {
        String bare = ifMatch.replaceAll("^W/|\"", "");
        if (!bare.matches("\\d{1,9}")) {
            throw Problem.at("/If-Match", "“" + ifMatch + "” is no version; send the ETag you were given.");
        }
        return Integer.parseInt(bare);
    }
}
