package wexilla.core.stations.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import wexilla.core.kitchen.Answer;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.NewBatch;
import wexilla.core.kitchen.Refused;
import wexilla.core.kitchen.Written;
import wexilla.core.recipe.Style;

/**
 * A recipe was changed while pots of it are planned: they are cooked as they were planned until they take the change along.
 *
 * @param kitchen with the planned batches, the recipe as it is now, and the pots
 */
public record Along(Kitchen kitchen) {

    /** The pots that are planned as the recipe was, the first to be cooked first. */
    public List<Batch> asItWas(UUID recipe) {
        int now = kitchen.planned().recipe(recipe).n();
        return kitchen.planned().batches().values().stream()
                .filter(batch -> batch.state() == Batch.State.PLANNED
                        && recipe.equals(batch.recipeId())
                        && batch.version().n() < now)
                .sorted(Comparator.comparing(Batch::cookOn).thenComparing(Batch::id))
                .toList();
    }

    /** They are cooked as it is now: as many portions, on their days; a stop the recipe has no more is none. */
    public Answer take(UUID recipe) {
        List<Batch> pots = asItWas(recipe);
        Written written = kitchen.planned().recipe(recipe);
        if (pots.isEmpty()) {
            throw Refused.at("/id", "What is planned of " + written.recipe().title() + " is as the recipe is.");
        }
        List<Change> changes = new ArrayList<>();
        for (Batch pot : pots) {
            Style style = written.recipe().styles().contains(pot.style()) ? pot.style() : Style.COOKED;
            NewBatch next = Following.pot(kitchen, pot.id(), written, pot.portions(), style, pot.cookOn());
            changes.add(new Change.BatchSet(pot.follows() ? next.following() : next));
        }
        String many = pots.size() == 1 ? "1 pot is" : pots.size() + " pots are";
        return new Answer(written.recipe().title() + ": " + many + " cooked as the recipe is now", changes);
    }
}
