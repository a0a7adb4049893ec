package wexilla.app.propose;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Acts.Said;
import wexilla.app.platform.Problem;
import wexilla.app.propose.MenuViews.ProposalView;
import wexilla.app.propose.MenuViews.ProposeInput;
import wexilla.app.propose.MenuViews.SearchView;
import wexilla.app.propose.MenuViews.TakeProposal;
import wexilla.core.kitchen.house.Household;

/** A proposed plan: asked for as often as one likes, taken whole or meal by meal as one act. */
@RestController
class ProposalController {

    private final Proposing proposing;
    private final Searches searches;
    private final Picked picked;
    private final Snapshots snapshots;
    private final Acts acts;

    ProposalController(Proposing proposing, Searches searches, Picked picked, Snapshots snapshots, Acts acts) {
        this.proposing = proposing;
        this.searches = searches;
        this.picked = picked;
        this.snapshots = snapshots;
        this.acts = acts;
    }

    @PostMapping("/api/plan/propose")
    ProposalView propose(Household household, @RequestBody ProposeInput input) {
        return proposing.propose(snapshots.of(household), input);
    }

    /** How far a search is that was asked for with this name. */
    @GetMapping("/api/plan/search/{id}")
    SearchView search(Household household, @PathVariable String id) {
        return new SearchView(under(household, id).percent());
    }

    /** Ends it: who waits for it gets the best plan so far. */
    @PostMapping("/api/plan/search/{id}/stop")
    SearchView stop(Household household, @PathVariable String id) {
        Searches.Search search = under(household, id);
        search.stop();
        return new SearchView(search.percent());
    }

    private Searches.Search under(Household household, String id) {
        return searches.of(household, id).orElseThrow(() -> Problem.missing("No such search is under way."));
    }

    @PostMapping("/api/plan/take")
    Said take(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody TakeProposal input) {
        return acts.say(household, key, "plan", input, act -> picked.take(act, input));
    }
}
