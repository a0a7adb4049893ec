package wexilla.app.plan;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.onhand.Snapshots;
import wexilla.app.plan.PlanViews.EveningInput;
import wexilla.app.plan.PlanViews.HabitGone;
import wexilla.app.plan.PlanViews.HabitInput;
import wexilla.app.plan.PlanViews.MealAt;
import wexilla.app.plan.PlanViews.MendInput;
import wexilla.app.plan.PlanViews.MendView;
import wexilla.app.plan.PlanViews.MoveInput;
import wexilla.app.plan.PlanViews.PutInput;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Acts.Said;
import wexilla.core.kitchen.house.Household;
import wexilla.core.plan.MealOfDay;

/** What is decided of meals: planned, moved, and how they usually are. */
@RestController
class MealsController {

    private final Planning planning;
    private final HabitRows habits;
    private final Snapshots snapshots;
    private final Acts acts;

    MealsController(Planning planning, HabitRows habits, Snapshots snapshots, Acts acts) {
        this.planning = planning;
        this.habits = habits;
        this.snapshots = snapshots;
        this.acts = acts;
    }

    @PostMapping("/api/plan/evening")
    Said evening(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody EveningInput input) {
        return acts.say(household, key, "plan", input, act -> planning.plan(act, input));
    }

    @PostMapping("/api/plan/put")
    Said put(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody PutInput input) {
        return acts.say(household, key, "plan", input, act -> planning.put(act, input));
    }

    @PostMapping("/api/plan/move")
    Said move(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody MoveInput input) {
        return acts.say(household, key, "plan", input, act -> planning.move(act, input));
    }

    @PostMapping("/api/plan/habit")
    Said habit(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody HabitInput input) {
        return acts.say(household, key, "plan", input, act -> habits.say(act, input));
    }

    @PostMapping("/api/plan/habit/forget")
    Said forget(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody HabitGone input) {
        return acts.say(household, key, "plan", input, act -> habits.forget(act, input.id()));
    }

    /** How this meal can be mended, the best way first; nothing where it is over or locked. */
    @GetMapping("/api/plan/mends")
    List<MendView> mends(
            Household household,
            @RequestParam(required = false) @Nullable String day,
            @RequestParam(required = false) @Nullable MealOfDay meal) {
        return day == null
                ? List.of()
                : planning.mends(snapshots.of(household), new MealAt(day, meal == null ? MealOfDay.DINNER : meal));
    }

    @PostMapping("/api/plan/mend")
    Said mend(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody MendInput input) {
        return acts.say(household, key, "plan", input, act -> planning.mend(act, input));
    }
}
