package wexilla.core.stations.propose;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import wexilla.core.kitchen.Habits;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Planned;
import wexilla.core.kitchen.Written;
import wexilla.core.menu.MenuTill;
import wexilla.core.shopping.Trips;
import wexilla.core.stations.plan.Looked;

/**
 * What a proposal comes to at the till: taken, looked at as any plan is, and shopped for. So the proposal, the plan and the
 * list say the same money.
 */
public final class Till {

    private Till() {}

    /** @param now the kitchen it was proposed for; @param ids of what is made, asked for and thrown away */
    public static Trips of(Proposal proposal, Kitchen now, Habits habits, Supplier<UUID> ids) {
        Menu menu = proposal.menu();
        Planned plan = now.planned();
        Map<UUID, Written> recipes = new HashMap<>(plan.recipes());
        menu.dishes().forEach(one -> recipes.putIfAbsent(one.id(), one));
        Kitchen kitchen =
                now.with(new Planned(plan.meals(), plan.batches(), Map.copyOf(recipes), plan.done(), plan.buys()));
        Kitchen taken = kitchen.after(new Taking(kitchen, now.today(), habits, ids)
                .take(proposal.picks())
                .changes());
        LocalDate last = menu.start().plusDays(menu.problem().days() - 1L);
        return of(taken, menu.start(), last);
    }

    /** These trips as a proposal tells them. */
    public static MenuTill told(Trips trips) {
        return new MenuTill(
                trips.trips().stream().map(trip -> trip.cost().known().minor()).toList(),
                trips.left().stream()
                        .map(left -> new MenuTill.Left(left.food().name(), left.amount(), left.until(), left.wasted()))
                        .toList());
    }

    /** What the meals of these days are bought in as they stand. */
    public static Trips of(Kitchen kitchen, LocalDate from, LocalDate last) {
        return Trips.of(Looked.of(kitchen, last).check().needs(), from, last, kitchen.packs());
    }
}
