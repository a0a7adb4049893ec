package wexilla.app.plan;

import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.plan.PlanViews.EveningInput;
import wexilla.app.plan.PlanViews.HabitGone;
import wexilla.app.plan.PlanViews.HabitInput;
import wexilla.app.plan.PlanViews.MoveInput;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Acts.Said;
import wexilla.app.platform.Household;

/** What is decided of meals: planned, moved, and how they usually are. */
@RestController
class MealsController {

    private final Planning planning;
    private final MealMoves moves;
    private final Habits habits;
    private final Acts acts;

    MealsController(Planning planning, MealMoves moves, Habits habits, Acts acts) {
        this.planning = planning;
        this.moves = moves;
        this.habits = habits;
        this.acts = acts;
    }

    @PostMapping("/api/plan/evening")
    Said evening(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody EveningInput input) {
        return acts.say(household, key, "plan", input, act -> planning.plan(act, input));
    }

    @PostMapping("/api/plan/move")
    Said move(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody MoveInput input) {
        return acts.say(household, key, "plan", input, act -> moves.move(act, input));
    }

    @PostMapping("/api/plan/habit")
    Said habit(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody HabitInput input) {
        return acts.say(household, key, "plan", input, act -> habits.say(act, input));
    }

    @PostMapping("/api/plan/habit/forget")
    Said forget(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody HabitGone input) {
        return acts.say(household, key, "plan", input, act -> habits.forget(act, input.id()));
    }
}
