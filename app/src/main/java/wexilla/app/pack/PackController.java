package wexilla.app.pack;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.cook.Batches;
import wexilla.app.household.Households;
import wexilla.app.onhand.LotView;
import wexilla.app.onhand.Lots;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.pack.PackViews.ContainerView;
import wexilla.app.pack.PackViews.EvenInput;
import wexilla.app.pack.PackViews.LabelView;
import wexilla.app.pack.PackViews.PackDraft;
import wexilla.app.pack.PackViews.PackInput;
import wexilla.app.pack.PackViews.PackView;
import wexilla.app.pack.PackViews.Packed;
import wexilla.app.pack.PackViews.PackedView;
import wexilla.app.pack.PackViews.PlaceChoice;
import wexilla.app.pack.PackViews.SplitView;
import wexilla.app.plan.PlanKitchen;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Portions;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Cost;
import wexilla.core.packing.Label;
import wexilla.core.packing.Portioning;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.UnitWeight;
import wexilla.core.stations.pack.Packing;
import wexilla.core.stations.pack.Split;
import wexilla.core.stations.plan.Looked;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.StockUse;

/** Pack. */
@RestController
class PackController {

    /** Acts that fill packets: a dish that is packed, a big buy that is cut. */
    private static final List<String> PACKINGS = List.of("pack", "joint");

    private static final int SHOWN = 8;

    /** Days of the plan whose meals get packets of their own. */
    private static final int MEALS_AHEAD = 35;

    private final Packets packing;
    private final Batches batches;
    private final Lots lots;
    private final Households households;
    private final Acts acts;
    private final Clock clock;
    private final Snapshots snapshots;
    private final PlanKitchen plan;

    PackController(
            Packets packing,
            Batches batches,
            Lots lots,
            Households households,
            Acts acts,
            Clock clock,
            Snapshots snapshots,
            PlanKitchen plan) {
        this.plan = plan;
        this.snapshots = snapshots;
        this.packing = packing;
        this.batches = batches;
        this.lots = lots;
        this.households = households;
        this.acts = acts;
        this.clock = clock;
    }

    @GetMapping("/api/pack")
    PackView pack(Household household) {
        LocalDate today = household.dayOf(clock.instant());
        List<PackedView> packed = acts.newest(household, PACKINGS, 3 * SHOWN).stream()
                .filter(entry -> entry.undoneBy() == null)
                .map(entry -> new PackedView(
                        entry.id().toString(),
                        entry.subject(),
                        household.dayOf(entry.happenedAt()).toString(),
                        views(lots.packetsOf(household, entry.id()), today),
                        sheetOf(entry.id())))
                .filter(packing -> !packing.packets().isEmpty())
                .limit(SHOWN)
                .toList();
        return new PackView(
                views(lots.waiting(household), today),
                households.places(household).stream()
                        .filter(place -> place.kind() != Storage.COUNTER && place.kind() != Storage.CUPBOARD)
                        .map(place ->
                                new PlaceChoice(place.id().toString(), place.name(), place.kind() == Storage.FREEZER))
                        .toList(),
                households.containers(household).stream()
                        .map(c -> new ContainerView(c.id().toString(), c.name()))
                        .toList(),
                packed);
    }

    private static List<LotView> views(List<Lot> lots, LocalDate today) {
        return lots.stream().map(lot -> LotView.of(lot, today)).toList();
    }

    private static String sheetOf(UUID act) {
        return "/api/pack/" + act + "/labels.pdf";
    }

    /** The packets a dish makes: one for each meal that eats of it, the rest of one size. */
    @PostMapping("/api/pack/even")
    SplitView even(Household household, @RequestBody EvenInput input) {
        Rational each = Portions.typed("/each", input.each());
        Snapshot now = snapshots.of(household);
        Kitchen kitchen = snapshots.kitchen(household);
        Lot dish = Packing.waiting(kitchen, input.lot());
        Looked looked = plan.look(now, now.today().plusDays(MEALS_AHEAD));
        return SplitView.of(Split.of(kitchen, dish, looked, each, now.today()));
    }

    /** The labels these packets would get; stores nothing. */
    @PostMapping("/api/pack/draft")
    PackDraft draft(Household household, @RequestBody PackInput input) {
        LocalDate today = household.dayOf(clock.instant());
        Kitchen kitchen = snapshots.kitchen(household);
        Lot dish = Packing.waiting(kitchen, input.lot());
        Rational there = dish.amount().value();
        Portioning.Check check = Portioning.check(input.sizes(), there);
        if (!check.holds() || dish.open().pastLimit(today)) {
            String problem = check.holds()
                    ? dish.name() + " is past its eat-by day; it is not packed any more."
                    : check.problem();
            return new PackDraft(input.packets(), List.of(), Portions.number(there), problem, List.of());
        }
        Batch batch = batch(household, dish);
        KeepDates dates = Packing.dates(
                kitchen, dish, Packing.place(kitchen, input.place()).kind(), today);
        List<LabelView> labels = new ArrayList<>();
        UnitWeight weight = Packets.order(input).weight(dish);
        OpenLot left = dish.open();
        for (Rational portions : input.sizes()) {
            StockUse use = StockUse.of(List.of(left), Amount.of(portions, Unit.PORTION), today);
            left = use.after(List.of(left)).stream().findFirst().orElse(left);
            int part = input.oneMeal() ? labels.size() + 1 : 1;
            int parts = input.oneMeal() ? input.packets().size() : 1;
            Label label = packing.label(
                    dish, batch, household, portions, weight, input.shape(), dates, today, "", part, parts);
            labels.add(view(label, null, use.takes().get(0).cost()));
        }
        return new PackDraft(
                input.packets(),
                labels,
                Portions.number(there.minus(check.wanted())),
                "",
                packing.mind(kitchen, dish, input));
    }

    private Batch batch(Household household, Lot dish) {
        UUID id = Objects.requireNonNull(dish.batch());
        return Objects.requireNonNull(
                batches.byId(snapshots.of(household), List.of(id)).get(id));
    }

    private static LabelView view(Label label, @Nullable String code, Cost cost) {
        Label.Until until = label.until();
        return new LabelView(
                label.name(),
                code,
                label.content(),
                label.style(),
                label.packedOn().toString(),
                until == null
                        ? null
                        : new LotView.UntilView(until.words(), until.date().toString()),
                label.contains(),
                label.add(),
                label.finish(),
                cost.known().decimal(),
                cost.complete(),
                label.part(),
                label.parts(),
                label.byHand());
    }

    @PostMapping("/api/pack")
    Packed pack(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody PackInput input) {
        return acts.perform(household, key, "pack", input, Packed.class, act -> {
            Acts.Done<List<UUID>> done = packing.pack(act, input);
            List<LotView> packets = views(lots.packetsOf(household, act.id()), act.day());
            Packed packed = new Packed(act.id().toString(), done.subject(), packets, sheetOf(act.id()));
            return new Acts.Done<>(done.subject(), packed);
        });
    }
}
