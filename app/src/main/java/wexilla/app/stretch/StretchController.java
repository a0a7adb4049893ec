package wexilla.app.stretch;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Reference;
import wexilla.app.onhand.LotView;
import wexilla.app.onhand.Lots;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Acts.Said;
import wexilla.app.stretch.Cutting.StretchAsked;
import wexilla.core.food.book.FoodBook;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Unit;
import wexilla.core.stretch.StretchPlan;

/** Stretch: big buys, cut into parts. */
@RestController
class StretchController {

    private final Stretches stretches;
    private final StretchSaving saving;
    private final JointCooking cooking;
    private final Lots lots;
    private final Reference reference;
    private final Acts acts;
    private final Snapshots snapshots;

    StretchController(
            Stretches stretches,
            StretchSaving saving,
            JointCooking cooking,
            Lots lots,
            Reference reference,
            Acts acts,
            Snapshots snapshots) {
        this.stretches = stretches;
        this.saving = saving;
        this.cooking = cooking;
        this.lots = lots;
        this.reference = reference;
        this.acts = acts;
        this.snapshots = snapshots;
    }

    /**
     * A big buy that is on hand raw and not cut yet.
     *
     * @param moreLots further packs of it that are cut with the first
     * @param food its name, {@code weight} and {@code price} as the preview call wants them, of all packs
     * @param rawEatBy its limit, absent when it is frozen
     */
    record BigBuy(
            String lot,
            List<String> moreLots,
            String food,
            String weight,
            String price,
            String placeName,
            @Nullable String rawEatBy) {}

    /** @param lots what each part became, once the joint is cooked */
    record StretchView(
            String id,
            int version,
            Stretches.State state,
            @Nullable String lot,
            @Nullable String rawEatBy,
            StretchAsked asked,
            List<@Nullable LotView> lots) {}

    record StretchesView(List<BigBuy> onHand, List<StretchView> stretches) {}

    @GetMapping("/api/stretch")
    StretchesView all(Household household) {
        Snapshot now = snapshots.of(household);
        List<Stretches.Stretch> stored = stretches.all(household);
        List<UUID> taken = stored.stream()
                .flatMap(one -> Stream.concat(Stream.ofNullable(one.lot()), one.asked().more().stream()))
                .toList();
        Map<List<Object>, List<Lot>> packs = now.open().stream()
                .filter(lot -> lot.food() != null && lot.amount().unit().equals(Unit.G))
                .filter(lot -> !taken.contains(lot.id()))
                .collect(Collectors.groupingBy(
                        lot -> List.of(lot.name(), lot.storage()), LinkedHashMap::new, Collectors.toList()));
        List<BigBuy> onHand = packs.values().stream()
                .flatMap(same -> bigBuys(now.book(), same).stream())
                .toList();
        return new StretchesView(
                onHand,
                stored.stream().map(s -> view(household, s, now.today())).toList());
    }

    /** Packs of one food that lie together: all of them as one buy, and each that is big by itself. */
    private static List<BigBuy> bigBuys(FoodBook book, List<Lot> same) {
        List<BigBuy> found = new ArrayList<>();
        if (same.size() > 1 && big(book, same)) {
            found.add(bigBuy(same));
        }
        same.stream().filter(lot -> big(book, List.of(lot))).forEach(lot -> found.add(bigBuy(List.of(lot))));
        return found;
    }

    private static boolean big(FoodBook book, List<Lot> packs) {
        Amount together = packs.stream().map(Lot::amount).reduce(Amount::plus).orElseThrow();
        return book.named(packs.get(0).name())
                .map(food -> StretchPlan.isBigBuy(food, together))
                .orElse(false);
    }

    private static BigBuy bigBuy(List<Lot> packs) {
        Lot first = packs.get(0);
        return new BigBuy(
                first.id().toString(),
                packs.stream().skip(1).map(lot -> lot.id().toString()).toList(),
                first.name(),
                packs.stream()
                        .map(Lot::amount)
                        .reduce(Amount::plus)
                        .orElseThrow()
                        .toString(),
                packs.stream()
                        .map(lot -> lot.cost().known())
                        .reduce(Money::plus)
                        .orElseThrow()
                        .decimal(),
                first.placeName(),
                rawEatBy(first));
    }

    private static @Nullable String rawEatBy(Lot lot) {
        LocalDate limit = lot.storage() == Storage.FREEZER ? null : lot.dates().eatBy();
        return limit == null ? null : limit.toString();
    }

    private StretchView view(Household household, Stretches.Stretch stored, LocalDate today) {
        List<@Nullable LotView> made = new ArrayList<>();
        for (UUID lot : stored.lots()) {
            made.add(
                    lot == null
                            ? null
                            : lots.byId(household, lot)
                                    .map(l -> LotView.of(l, today))
                                    .orElse(null));
        }
        String rawEatBy = stored.lot() == null
                ? null
                : lots.byId(household, stored.lot())
                        .map(StretchController::rawEatBy)
                        .orElse(null);
        return new StretchView(
                stored.id().toString(),
                stored.version(),
                stored.state(),
                stored.lot() == null ? null : stored.lot().toString(),
                rawEatBy,
                stored.asked(),
                made);
    }

    /** What it becomes while it is typed, by the yields of this household; stores nothing. */
    @PostMapping("/api/stretch/cut")
    Stretched cut(Household household, @RequestBody StretchAsked asked) {
        return Stretched.of(Cutting.of(asked, snapshots.of(household).book(), reference, household.currency()));
    }

    /** @param id null for a new one; {@code version} as last seen */
    record StretchInput(
            @Nullable UUID id, int version, @Nullable UUID lot, StretchAsked asked) {}

    @PostMapping("/api/stretch")
    Said save(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody StretchInput input) {
        return acts.say(household, key, "stretch", input, act -> saving.save(act, input));
    }

    @PostMapping("/api/stretch/{id}/drop")
    Said drop(Household household, @PathVariable UUID id, @RequestHeader("Idempotency-Key") String key) {
        return acts.say(household, key, "stretch-drop", id, act -> {
            String food = stretches.get(household, id).asked().food();
            saving.drop(act, id);
            return "Not stretched after all: " + food;
        });
    }

    /**
     * @param weighed the cooked meat, as weighed: "1.54 kg"; absent when nobody weighed it
     * @param liquid what is left in the pot, as measured: "300 ml"; absent when nobody measured it
     */
    record JointInput(@Nullable String weighed, @Nullable String liquid) {}

    @PostMapping("/api/stretch/{id}/cook")
    Said cook(
            Household household,
            @PathVariable UUID id,
            @RequestHeader("Idempotency-Key") String key,
            @RequestBody JointInput input) {
        return acts.say(household, key, "joint", List.of(id, input), act -> cooking.cook(act, id, input));
    }
}
