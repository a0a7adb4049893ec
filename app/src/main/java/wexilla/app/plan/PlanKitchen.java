package wexilla.app.plan;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.onhand.FreezerRoom;
import wexilla.app.onhand.Snapshot;
import wexilla.app.platform.Household;
import wexilla.app.recipes.Sizes;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.plan.Countdown;
import wexilla.core.plan.Evening;
import wexilla.core.plan.PlanCheck;
import wexilla.core.quantity.Rational;
import wexilla.core.stock.Supply;

/** What a household cooks and freezes with, as far as its plan asks for it. */
@Component
class PlanKitchen {

    private final Sizes sizes;
    private final FreezerRoom freezer;

    PlanKitchen(Sizes sizes, FreezerRoom freezer) {
        this.sizes = sizes;
        this.freezer = freezer;
    }

    /** @param eaten lately; @param freezes whether something of the plan is to be frozen: only then the room is asked for */
    PlanCheck.Kitchen of(
            Snapshot now, List<Supply.Ahead> willBe, List<Evening> evenings, List<Evening> eaten, boolean freezes) {
        return new PlanCheck.Kitchen(
                now.supply(willBe),
                now.household().measures(),
                now.now(),
                severalHot(evenings) ? gear(now.household()) : List.of(),
                freezes ? room(now) : null,
                eaten);
    }

    private static boolean severalHot(List<Evening> evenings) {
        return evenings.stream().anyMatch(evening -> Countdown.hot(evening) > 1);
    }

    /** Millilitres the freezers take beside what lies there; null where nobody said how large they are. */
    @Nullable
    Rational room(Snapshot now) {
        return freezer.said(now).orElse(null);
    }

    List<Gear> gear(Household household) {
        return sizes.gear(household);
    }

    Sizes.Kitchen pots(Household household) {
        return sizes.kitchen(household);
    }
}
