package wexilla.app.platform;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import wexilla.core.kitchen.house.Household;

/** The history, and undo. */
@RestController
class ActsController {

    private static final int SHOWN = 60;

    private final Acts acts;

    ActsController(Acts acts) {
        this.acts = acts;
    }

    /** @param when ISO date and time in the household's zone, to the minute; @param who did it, on which device: "Alma, a phone" */
    record ActView(
            String id,
            String kind,
            String subject,
            String when,
            boolean undone,
            @Nullable String who) {}

    @GetMapping("/api/acts")
    List<ActView> newest(Household household) {
        return acts.newest(household, SHOWN).stream()
                .map(entry -> new ActView(
                        entry.id().toString(),
                        entry.kind(),
                        entry.subject(),
                        household.timeOf(entry.happenedAt()),
                        entry.undoneBy() != null,
                        entry.who() == null ? null : entry.who() + ", " + entry.device()))
                .toList();
    }

    @PostMapping("/api/acts/{act}/undo")
    Acts.Undone undo(Household household, @PathVariable UUID act, @RequestHeader("Idempotency-Key") String key) {
        return acts.undo(household, key, act);
    }
}
