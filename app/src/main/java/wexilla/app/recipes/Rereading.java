package wexilla.app.recipes;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.household.Households;
import wexilla.app.onhand.LotsAnew;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Act;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Acts.Done;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.stations.onhand.Anew.Otherwise;

/**
 * Heals what an older reader misread: after an upgrade every line of the book and every note of what is there is read
 * again once. A recipe that reads otherwise now gets a new version, so that what was cooked keeps what it cost; all of it
 * is one act, with undo.
 */
@Component
public class Rereading implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(Rereading.class);

    private final JdbcClient db;
    private final Households households;
    private final Recipes recipes;
    private final Dishes dishes;
    private final Snapshots snapshots;
    private final LotsAnew lots;
    private final Acts acts;
    private volatile boolean done;

    Rereading(
            JdbcClient db,
            Households households,
            Recipes recipes,
            Dishes dishes,
            Snapshots snapshots,
            LotsAnew lots,
            Acts acts) {
        this.db = db;
        this.households = households;
        this.recipes = recipes;
        this.dishes = dishes;
        this.snapshots = snapshots;
        this.lots = lots;
        this.acts = acts;
    }

    /** Before the port opens: nobody changes a recipe while it is read again. */
    @Override
    public int getPhase() {
        return 0;
    }

    @Override
    public void start() {
        done = true;
        List<UUID> older = db.sql("select id from household where reader < ?")
                .params(LineReader.VERSION)
                .query(UUID.class)
                .list();
        older.stream()
                .map(id -> households.find(Optional.of(id)))
                .flatMap(Optional::stream)
                .forEach(this::againOrLater);
    }

    /** What cannot be read again stays as it was and is tried at the next start; the kitchen opens all the same. */
    private void againOrLater(Household household) {
        try {
            again(household);
        } catch (RuntimeException problem) {
            LOG.warn("a household is not read again yet: {}", household.id(), problem);
        }
    }

    @Override
    public void stop() {
        done = false;
    }

    @Override
    public boolean isRunning() {
        return done;
    }

    /** Reads the book of a household again, and remembers that it did. */
    public void again(Household household) {
        Snapshot now = snapshots.of(household);
        List<Healed> healed = new ArrayList<>();
        for (Written stored : recipes.all(now)) {
            Recipe read = reread(stored.recipe(), dishes.shelf(now, stored.id()));
            if (read != null) {
                healed.add(new Healed(stored, read));
            }
        }
        List<Otherwise> there = lots.otherwise(household);
        if (!healed.isEmpty() || !there.isEmpty()) {
            String key = UUID.randomUUID().toString();
            acts.perform(household, key, "reread", healed.size(), String.class, act -> heal(act, healed, there));
            LOG.info("read again after the upgrade: {} recipes, {} things on hand", healed.size(), there.size());
        }
        db.sql("update household set reader = ? where id = ?")
                .params(LineReader.VERSION, household.id())
                .update();
    }

    private record Healed(Written stored, Recipe read) {

        /** "Porridge (butter → almond butter)". */
        String words() {
            List<String> before = names(stored.recipe());
            List<String> after = names(read);
            List<String> gone =
                    before.stream().filter(name -> !after.contains(name)).toList();
            List<String> come =
                    after.stream().filter(name -> !before.contains(name)).toList();
            String change = gone.isEmpty() && come.isEmpty()
                    ? "amounts"
                    : String.join(", ", gone) + " → " + String.join(", ", come);
            return read.title() + " (" + change + ")";
        }

        private static List<String> names(Recipe recipe) {
            return recipe.lines().stream().map(line -> line.read().foodName()).toList();
        }
    }

    private Done<String> heal(Act act, List<Healed> healed, List<Otherwise> there) {
        for (Healed one : healed) {
            Written stored = one.stored();
            recipes.change(act, stored.id(), stored.version(), one.read(), stored.about());
        }
        lots.heal(act, there);
        String what = Stream.concat(
                        there.stream().map(one -> (one.asks() ? "look at " : "") + one.words()),
                        healed.stream().map(Healed::words))
                .distinct()
                .collect(Collectors.joining(" · "));
        return new Done<>("Read anew after an upgrade: " + what, "");
    }

    /** The recipe as it reads now; null when it reads as it did. */
    private static @Nullable Recipe reread(Recipe recipe, Dishes.Shelf shelf) {
        List<RecipeLine> lines = new ArrayList<>();
        boolean changed = false;
        for (RecipeLine line : recipe.lines()) {
            List<ReadLine> now = line.made() != null ? List.of(line.read()) : read(line.read(), shelf);
            boolean same = now.size() == 1
                    && Objects.equals(key(line.read()), key(now.get(0)))
                    && Objects.equals(line.read().quantity(), now.get(0).quantity());
            changed |= !same;
            for (ReadLine one : now) {
                lines.add(same ? line : new RecipeLine(one, line.heldBackIn(), line.rule(), null));
            }
        }
        return changed && lines.size() <= Recipe.MOST_LINES
                ? new Recipe(recipe.title(), recipe.portions(), lines, recipe.steps())
                : null;
    }

    /** A line that cannot be read any more, or asks for a dish of the book, stays as it is stored. */
    private static List<ReadLine> read(ReadLine stored, Dishes.Shelf shelf) {
        try {
            ReadLine again = shelf.read(stored.text());
            boolean dish = again.each().stream()
                    .flatMap(line -> line.knownFood().stream())
                    .anyMatch(food -> Dishes.recipeOf(food) != null);
            return dish ? List.of(stored) : again.each();
        } catch (NotAnAmount unreadable) {
            return List.of(stored);
        }
    }

    private static @Nullable Key key(ReadLine line) {
        return line.knownFood().map(Food::key).orElse(null);
    }
}
