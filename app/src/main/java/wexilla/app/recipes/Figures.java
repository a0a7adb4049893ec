package wexilla.app.recipes;

import java.time.Clock;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.SmartLifecycle;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;
import wexilla.app.household.Households;
import wexilla.app.household.Redescribed;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Act;
import wexilla.app.platform.Problem.Blocker;
import wexilla.app.platform.Rows;
import wexilla.app.platform.Undoable;
import wexilla.core.food.Diet;
import wexilla.core.food.Food;
import wexilla.core.food.facts.Allergen;
import wexilla.core.food.facts.Known;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Household;
import wexilla.core.pricing.CostSheet;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.steps.StepGear;
import wexilla.core.recipe.steps.StepTime;

/**
 * Works out what the book is searched by and keeps it beside each version: when a version is written, when a dish that
 * goes into it changes, and at the start after an upgrade.
 */
@Component
class Figures implements SmartLifecycle, Redescribed, Undoable {

    /** What works figures out; a later one works the figures of an earlier one out again. */
    private static final int READER = 3;

    private static final int AT_ONCE = 250;

    private final JdbcClient db;
    private final Versions versions;
    private final Snapshots snapshots;
    private final Households households;
    private final Reference reference;
    /** Recipes that stand and say a food of these rows. */
    private static final String SAYS = """
            select distinct l.recipe from food f
            join recipe_line l on l.household_id = f.household_id
                and (l.food = f.id or l.food is null and strpos(lower(l.text), lower(f.name)) > 0)
            join recipe r on r.household_id = l.household_id and r.id = l.recipe and r.current_version = l.n
            where f.id = %s and f.household_id = ?""";

    private static final String KNOWN = "on conflict (household_id, recipe, n) do update set "
            + Stream.of(
                            "reader",
                            "title",
                            "words",
                            "lines",
                            "steps",
                            "hands",
                            "minutes",
                            "foods",
                            "food_keys",
                            "proteins",
                            "forms",
                            "styles",
                            "gear",
                            "diets",
                            "diets_broken",
                            "allergens",
                            "free",
                            "described",
                            "portion_cost",
                            "cost_complete",
                            "costed_at")
                    .map(column -> column + " = excluded." + column)
                    .collect(Collectors.joining(", "));

    private final Rows rows;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private boolean running;

    Figures(
            JdbcClient db,
            Versions versions,
            Snapshots snapshots,
            Households households,
            Reference reference,
            Rows rows,
            TransactionTemplate transaction,
            Clock clock) {
        this.db = db;
        this.versions = versions;
        this.snapshots = snapshots;
        this.households = households;
        this.reference = reference;
        this.rows = rows;
        this.transaction = transaction;
        this.clock = clock;
    }

    /** Before the first request: no recipe is missing in the book. */
    @Override
    public void start() {
        everywhere(this::refresh);
        running = true;
    }

    @Override
    public void stop() {
        running = false;
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    /** Prices and stock change without the recipes: what thousands are sorted by is worked out again now and then. */
    @Scheduled(initialDelayString = "${wexilla.silence-delay:PT1M}", fixedDelayString = "PT1H")
    void again() {
        everywhere(household -> {
            db.sql(
                            "update recipe_figure set reader = 0 where household_id = ? and costed_at < now() - interval '20 hours'")
                    .params(household.id())
                    .update();
            refresh(household);
        });
    }

    private void everywhere(java.util.function.Consumer<Household> work) {
        for (UUID id : db.sql("select id from household").query(UUID.class).list()) {
            households
                    .find(java.util.Optional.of(id))
                    .ifPresent(household -> transaction.executeWithoutResult(status -> work.accept(household)));
        }
    }

    /** Recipes were written or went back to an earlier version: their figures, and those of what asks for them, are new. */
    void changed(Household household, Collection<UUID> recipes) {
        mark(household, "select unnest(?::uuid[])", List.of((Object) recipes.toArray(UUID[]::new)));
        refreshAtLast(household);
    }

    /** What a food is was said: recipes that name it, or have a food of its row, are found by other figures. */
    @Override
    public void described(Act act, UUID food) {
        said(act.household(), "?", List.of(food));
    }

    @Override
    public List<Blocker> blockers(UUID household, UUID act) {
        return List.of();
    }

    /** What was said of a food is taken back. */
    @Override
    public void undo(Act undo, Undone undone) {
        UUID household = undo.household().id();
        said(
                undo.household(),
                "any (select id from change where household_id = ? and act = ? and thing = 'FOOD')",
                List.of(household, undone.act()));
    }

    /** @param foods their rows, in SQL, with its parameters */
    private void said(Household household, String foods, List<?> params) {
        List<Object> all = new ArrayList<>(params);
        all.add(household.id());
        if (mark(household, SAYS.formatted(foods), all) > 0) {
            refreshAtLast(household);
        }
    }

    /** @param recipes which, in SQL, with its parameters; what asks for them is marked too */
    private int mark(Household household, String recipes, List<?> params) {
        List<Object> all = new ArrayList<>(params);
        all.add(household.id());
        all.add(household.id());
        return db.sql("with recursive above (recipe) as (" + recipes + """

                            union
                            select l.recipe from above join recipe_line l on l.household_id = ? and l.uses = above.recipe)
                        update recipe_figure f set reader = 0 from above
                        where f.household_id = ? and f.recipe = above.recipe""")
                .params(all)
                .update();
    }

    /** Once for all that is marked. */
    private void refreshAtLast(Household household) {
        Object once = List.of(Figures.class, household.id());
        if (TransactionSynchronizationManager.hasResource(once)) {
            return;
        }
        TransactionSynchronizationManager.bindResource(once, household);
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void beforeCommit(boolean readOnly) {
                refresh(household);
            }

            @Override
            public void afterCompletion(int status) {
                TransactionSynchronizationManager.unbindResourceIfPossible(once);
            }
        });
    }

    private void refresh(Household household) {
        List<UUID> stale = stale(household);
        while (!stale.isEmpty()) {
            Snapshot now = snapshots.of(household);
            CostSheet.Known costs = now.costs();
            Collection<Written> heads = versions.heads(now, stale).values();
            rows.insert(
                    "recipe_figure",
                    heads.stream().map(stored -> row(household, stored, costs)).toList(),
                    KNOWN);
            stale = stale.size() < AT_ONCE ? List.of() : stale(household);
        }
    }

    private List<UUID> stale(Household household) {
        return db.sql("""
                        select r.id from recipe r left join recipe_figure f on f.household_id = r.household_id
                            and f.recipe = r.id and f.n = r.current_version
                        where r.household_id = ? and r.current_version is not null and coalesce(f.reader, 0) < ?
                        order by r.id limit ?""")
                .params(household.id(), READER, AT_ONCE)
                .query(UUID.class)
                .list();
    }

    private Map<String, Object> row(Household household, Written stored, CostSheet.Known costs) {
        Recipe recipe = stored.recipe();
        List<RecipeLine> all = recipe.withMade();
        List<Food> foods =
                all.stream().flatMap(line -> line.read().knownFood().stream()).toList();
        List<Food> proteins = foods.stream()
                .filter(food -> !food.traits().protein().isEmpty())
                .toList();
        Sized sized = Sized.asWritten(recipe, household.measures());
        StepTime time = sized.time(Style.COOKED);
        CostSheet sheet = CostSheet.of(CostSheet.Wanted.of(sized), costs);
        String[] names = distinct(Stream.concat(recipe.lines().stream(), all.stream())
                .map(line -> line.read().foodName()));
        Map<String, Object> row = new HashMap<>();
        row.put("household_id", household.id());
        row.put("recipe", stored.id());
        row.put("n", stored.n());
        row.put("reader", READER);
        row.put("title", recipe.title());
        row.put("words", words(stored, names));
        row.put("lines", recipe.lines().size());
        row.put("steps", recipe.steps().size());
        row.put("hands", time.handsMin());
        row.put("minutes", time.minutes());
        row.put("foods", names);
        row.put("food_keys", distinct(foods.stream().map(food -> food.key().id())));
        row.put("proteins", distinct(proteins.stream().map(food -> food.traits().protein())));
        row.put(
                "forms",
                distinct(proteins.stream()
                        .map(food ->
                                reference.keeping().rule(food.keepingClass()).name())));
        row.put("styles", distinct(recipe.styles().stream().map(Enum::name)));
        row.put(
                "gear",
                distinct(recipe.steps().stream()
                        .map(step -> StepGear.read(step.text()).kind())
                        .filter(kind -> kind != StepGear.Kind.HANDS)
                        .sorted()
                        .map(Enum::name)));
        row.put("diets", diets(recipe, Known.WITHOUT));
        row.put("diets_broken", diets(recipe, Known.HAS));
        row.put("allergens", allergens(recipe, household, Known.HAS));
        row.put("free", allergens(recipe, household, Known.WITHOUT));
        row.put("described", foods.size() == all.size() && foods.stream().allMatch(Food::described));
        row.put("portion_cost", sheet.perPortion(Rational.of(recipe.portions())).minor());
        row.put("cost_complete", sheet.total().complete() && !recipe.lines().isEmpty());
        row.put("costed_at", clock.instant().atOffset(ZoneOffset.UTC));
        return row;
    }

    private static String[] diets(Recipe recipe, Known answer) {
        return distinct(Arrays.stream(Diet.values())
                .filter(diet -> recipe.against(diet) == answer)
                .map(Enum::name));
    }

    private static String[] allergens(Recipe recipe, Household household, Known answer) {
        return distinct(Arrays.stream(Allergen.values())
                .filter(allergen -> recipe.against(allergen, household.country()) == answer)
                .map(Enum::name));
    }

    private static String words(Written stored, String[] foods) {
        return (stored.recipe().title() + "\n" + String.join("\n", foods) + "\n"
                        + String.join("\n", stored.about().tags()) + "\n"
                        + stored.about().note())
                .toLowerCase(Locale.ROOT);
    }

    private static String[] distinct(Stream<String> words) {
        Set<String> kept = words.collect(Collectors.toCollection(LinkedHashSet::new));
        return kept.toArray(String[]::new);
    }
}
