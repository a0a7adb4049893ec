package wexilla.app.plan;

import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Acts.Said;
import wexilla.app.platform.Changes;
import wexilla.app.platform.Portions;
import wexilla.core.kitchen.Answer;
import wexilla.core.kitchen.house.Household;
import wexilla.core.recipe.Style;
import wexilla.core.stations.plan.Along;

/** What is planned of a recipe that was changed since. */
@RestController
class PotsController {

    private final PlanKitchen kitchens;
    private final Snapshots snapshots;
    private final Changes changes;
    private final Acts acts;

    PotsController(PlanKitchen kitchens, Snapshots snapshots, Changes changes, Acts acts) {
        this.kitchens = kitchens;
        this.snapshots = snapshots;
        this.changes = changes;
        this.acts = acts;
    }

    /** A pot that is cooked as the recipe was. @param cookOn ISO day */
    record AsItWasView(String batch, String cookOn, BigDecimal portions, Style style) {}

    private Along along(Household household, UUID recipe) {
        return new Along(kitchens.pots(snapshots.of(household), recipe));
    }

    @GetMapping("/api/recipes/{id}/pots")
    List<AsItWasView> pots(Household household, @PathVariable UUID id) {
        return along(household, id).asItWas(id).stream()
                .map(pot -> new AsItWasView(
                        pot.id().toString(), pot.cookOn().toString(), Portions.number(pot.portions()), pot.style()))
                .toList();
    }

    /** They are cooked as the recipe is now. */
    @PostMapping("/api/recipes/{id}/along")
    Said take(Household household, @RequestHeader("Idempotency-Key") String key, @PathVariable UUID id) {
        return acts.say(household, key, "along", id, act -> {
            Answer answer = along(act.household(), id).take(id);
            changes.write(act, answer.changes());
            return answer.words();
        });
    }
}
