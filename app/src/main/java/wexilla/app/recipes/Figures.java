package wexilla.app.recipes;

import java.time.Clock;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
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
    private final TransactionTemplate transaction;
    private final Clock clock;
    private boolean running;

    Figures(
            JdbcClient db,
            Versions versions,
            Snapshots snapshots,
            Households households,
            Reference reference,
            TransactionTemplate transaction,
            Clock clock) {
        this.db = db;
        this.versions = versions;
        this.snapshots = snapshots;
        this.households = households;
        this.reference = reference;
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

    /** A recipe was written or went back to an earlier version: its figures, and those of what asks for it, are new. */
    void changed(Household household, UUID recipe) {
        db.sql("""
                        with recursive above (recipe) as (
                            select ?::uuid
                            union
                            select l.recipe from above join recipe_line l on l.household_id = ? and l.uses = above.recipe)
                        update recipe_figure f set reader = 0 from above
                        where f.household_id = ? and f.recipe = above.recipe""").params(recipe, household.id(), household.id()).update();
        Object once = List.of(Figures.class, household.id());
        if (!TransactionSynchronizationManager.hasResource(once)) {
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
    }

    /** What a food is was said: recipes that name it, or have a food of its row, are found by other figures. */
    @Override
    public void described(Act act, UUID food) {
        db.sql("""
                        select distinct l.recipe from food f
                        join recipe_line l on l.household_id = f.household_id
                            and (l.food = f.id or l.food is null and strpos(lower(l.text), lower(f.name)) > 0)
                        join recipe r on r.household_id = l.household_id and r.id = l.recipe and r.current_version = l.n
                        where f.household_id = ? and f.id = ?""")
                .params(act.household().id(), food)
                .query(UUID.class)
                .list()
                .forEach(recipe -> changed(act.household(), recipe));
    }

    @Override
    public List<Blocker> blockers(UUID household, UUID act) {
        return List.of();
    }

    /** What was said of a food is taken back. */
    @Override
    public void undo(Act undo, UUID undone) {
        db.sql("select id from change where household_id = ? and act = ? and thing = 'FOOD'")
                .params(undo.household().id(), undone)
                .query(UUID.class)
                .list()
                .forEach(food -> described(undo, food));
    }

    private void refresh(Household household) {
        List<UUID> stale = stale(household);
        while (!stale.isEmpty()) {
            Snapshot now = snapshots.of(household);
            CostSheet.Known costs = now.costs();
            Collection<Written> heads = versions.heads(now, stale).values();
            heads.forEach(stored -> write(household, stored, costs));
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

    private void write(Household household, Written stored, CostSheet.Known costs) {
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
        db.sql("""
                        insert into recipe_figure (household_id, recipe, n, reader, title, words, lines, steps, hands,
                            minutes, foods, food_keys, proteins, forms, styles, gear, diets, diets_broken, allergens, free, described,
                            portion_cost, cost_complete, costed_at)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
                        on conflict (household_id, recipe, n) do update set reader = excluded.reader,
                            title = excluded.title, words = excluded.words, lines = excluded.lines,
                            steps = excluded.steps, hands = excluded.hands, minutes = excluded.minutes,
                            foods = excluded.foods, food_keys = excluded.food_keys, proteins = excluded.proteins,
                            forms = excluded.forms, styles = excluded.styles, gear = excluded.gear,
                            diets = excluded.diets, diets_broken = excluded.diets_broken,
                            allergens = excluded.allergens, free = excluded.free,
                            described = excluded.described,
                            portion_cost = excluded.portion_cost, cost_complete = excluded.cost_complete,
                            costed_at = excluded.costed_at""")
                .params(Arrays.asList(
                        household.id(),
                        stored.id(),
                        stored.n(),
                        READER,
                        recipe.title(),
                        words(stored, names),
                        recipe.lines().size(),
                        recipe.steps().size(),
                        time.handsMin(),
                        time.minutes(),
                        names,
                        distinct(foods.stream().map(food -> food.key().id())),
                        distinct(proteins.stream().map(food -> food.traits().protein())),
                        distinct(proteins.stream()
                                .map(food -> reference
                                        .keeping()
                                        .rule(food.keepingClass())
                                        .name())),
                        distinct(recipe.styles().stream().map(Enum::name)),
                        distinct(recipe.steps().stream()
                                .map(step -> StepGear.read(step.text()).kind())
                                .filter(kind -> kind != StepGear.Kind.HANDS)
                                .sorted()
                                .map(Enum::name)),
                        diets(recipe, Known.WITHOUT),
                        diets(recipe, Known.HAS),
                        allergens(recipe, household, Known.HAS),
                        allergens(recipe, household, Known.WITHOUT),
                        foods.size() == all.size() && foods.stream().allMatch(Food::described),
                        sheet.perPortion(Rational.of(recipe.portions())).minor(),
                        sheet.total().complete() && !recipe.lines().isEmpty(),
                        clock.instant().atOffset(ZoneOffset.UTC)))
                .update();
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
        Set<String> kept = words.collect(java.util.stream.Collectors.toCollection(LinkedHashSet::new));
        return kept.toArray(String[]::new);
    }
}
