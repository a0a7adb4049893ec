package wexilla.app.plan;

import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.onhand.Snapshots;
import wexilla.app.plan.MenuViews.ProposalView;
import wexilla.app.plan.MenuViews.ProposeInput;
import wexilla.app.plan.MenuViews.TakeProposal;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Acts.Said;
import wexilla.app.platform.Household;

/** A proposed plan: asked for as often as one likes, taken whole or meal by meal as one act. */
@RestController
class ProposalController {

    private final Proposing proposing;
    private final Taking taking;
    private final Snapshots snapshots;
    private final Acts acts;

    ProposalController(Proposing proposing, Taking taking, Snapshots snapshots, Acts acts) {
        this.proposing = proposing;
        this.taking = taking;
        this.snapshots = snapshots;
        this.acts = acts;
    }

    @PostMapping("/api/plan/propose")
    ProposalView propose(Household household, @RequestBody ProposeInput input) {
        return proposing.propose(snapshots.of(household), input);
    }

    @PostMapping("/api/plan/take")
    Said take(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody TakeProposal input) {
        return acts.say(household, key, "plan", input, act -> taking.take(act, input));
    }
}
