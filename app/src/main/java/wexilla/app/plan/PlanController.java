package wexilla.app.plan;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.onhand.LotView;
import wexilla.app.onhand.Lots;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.plan.PlanViews.DishView;
import wexilla.app.plan.PlanViews.EveningInput;
import wexilla.app.plan.PlanViews.InStock;
import wexilla.app.plan.PlanViews.PlanDay;
import wexilla.app.plan.PlanViews.PlanView;
import wexilla.app.plan.PlanViews.RemarkView;
import wexilla.app.plan.PlanViews.SlotView;
import wexilla.app.plan.Slots.Dish;
import wexilla.app.plan.Slots.Slot;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Acts.Said;
import wexilla.app.platform.Household;
import wexilla.core.planning.Evening;
import wexilla.core.planning.PlanCheck;
import wexilla.core.quantity.Unit;

/** Plan: two weeks of evenings, checked in words. */
@RestController
class PlanController {

    private static final int DAYS = 14;
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");
    private static final DateTimeFormatter DAY_TIME = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm");

    private final Slots slots;
    private final Evenings evenings;
    private final Planning planning;
    private final Snapshots snapshots;
    private final Acts acts;

    PlanController(Slots slots, Evenings evenings, Planning planning, Snapshots snapshots, Acts acts) {
        this.slots = slots;
        this.evenings = evenings;
        this.planning = planning;
        this.snapshots = snapshots;
        this.acts = acts;
    }

    @GetMapping("/api/plan")
    PlanView plan(Household household) {
        Snapshot now = snapshots.of(household);
        LocalDate today = now.today();
        Evenings.Looked looked = evenings.look(now, today.plusDays(DAYS - 1));
        List<Slot> all = looked.slots();
        Map<UUID, String> names = new HashMap<>();
        looked.recipes().forEach((id, stored) -> names.put(id, stored.recipe().title()));
        looked.batches().forEach((id, batch) -> names.put(id, batch.name()));
        List<PlanDay> days = new ArrayList<>();
        for (int i = 0; i < DAYS; i++) {
            LocalDate day = today.plusDays(i);
            Optional<Slot> slot = all.stream().filter(s -> s.day().equals(day)).findFirst();
            Optional<PlanCheck.Checked> checked = looked.on(day);
            days.add(new PlanDay(
                    day.toString(),
                    slot.map(s -> view(names, s, checked)).orElse(null),
                    checked.map(c -> c.remarks().stream().map(RemarkView::of).toList())
                            .orElse(List.of())));
        }
        return new PlanView(
                today.toString(), days, inStock(now), TIME.format(slots.usualTable(household)), Evening.USUAL_MINUTES);
    }

    private static SlotView view(Map<UUID, String> names, Slot slot, Optional<PlanCheck.Checked> checked) {
        return new SlotView(
                slot.id().toString(),
                slot.kind(),
                slot.state(),
                slot.locked(),
                TIME.format(slot.table()),
                checked.map(c -> DAY_TIME.format(c.evening().start())).orElse(null),
                slot.minutes(),
                checked.map(c -> c.evening().plates().plain()).orElse("0"),
                slot.note(),
                slot.version(),
                slot.people().stream().map(Object::toString).toList(),
                slot.dishes().stream().map(dish -> view(names, dish)).toList());
    }

    private static DishView view(Map<UUID, String> names, Dish dish) {
        String name = dish.of() == null ? dish.text() : names.getOrDefault(dish.of(), dish.text());
        return new DishView(dish.kind(), dish.of() == null ? null : dish.of().toString(), name, dish.portions());
    }

    /** Dishes that are there, summed over their packets, first to expire first. */
    private static List<InStock> inStock(Snapshot now) {
        Map<String, InStock> byBatch = new LinkedHashMap<>();
        now.open().stream()
                .filter(lot -> lot.batch() != null && lot.amount().unit().equals(Unit.PORTION))
                .forEach(lot -> byBatch.merge(
                        Objects.requireNonNull(lot.batch()).toString(),
                        inStock(lot),
                        (a, b) -> new InStock(a.batch(), a.name(), a.portions() + b.portions(), a.until())));
        return List.copyOf(byBatch.values());
    }

    private static InStock inStock(Lots.Lot lot) {
        LotView.UntilView until = LotView.until(lot);
        return new InStock(
                String.valueOf(lot.batch()),
                lot.name(),
                lot.wholePortions(),
                until == null ? null : until.words() + " " + until.date());
    }

    @PostMapping("/api/plan/evening")
    Said evening(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody EveningInput input) {
        return acts.say(household, key, "plan", input, act -> planning.plan(act, input));
    }
}
