package wexilla.app.pack;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.cook.Batches;
import wexilla.app.household.Households;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Codes;
import wexilla.app.onhand.Ledger;
import wexilla.app.onhand.Lots;
import wexilla.app.onhand.Snapshots;
import wexilla.app.pack.PackViews.PackInput;
import wexilla.app.platform.Act;
import wexilla.app.platform.Acts.Done;
import wexilla.app.platform.Problem;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Change.Kind;
import wexilla.core.kitchen.Container;
import wexilla.core.kitchen.Household;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.Lot.State;
import wexilla.core.kitchen.NewLot;
import wexilla.core.kitchen.Place;
import wexilla.core.money.Cost;
import wexilla.core.packing.Label;
import wexilla.core.packing.PackMind;
import wexilla.core.packing.Portioning;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.StockUse;
import wexilla.core.stock.StockUse.Take;

/** Turns a cooked dish into packets, each a lot with a code, a place and its own dates. */
@Component
public class Packing {

    private final Lots lots;
    private final Ledger ledger;
    private final Households households;
    private final Reference reference;
    private final Batches batches;
    private final Codes codes;
    private final Snapshots snapshots;

    Packing(
            Lots lots,
            Ledger ledger,
            Households households,
            Reference reference,
            Batches batches,
            Codes codes,
            Snapshots snapshots) {
        this.snapshots = snapshots;
        this.lots = lots;
        this.ledger = ledger;
        this.households = households;
        this.reference = reference;
        this.batches = batches;
        this.codes = codes;
    }

    /** The dish, as long as some of it waits on the counter. */
    Lot dish(Household household, UUID id) {
        return lots.byId(household, id)
                .filter(lot -> lot.batch() != null && lot.storage() == Storage.COUNTER)
                .filter(lot -> !lot.amount().value().isZero())
                .orElseThrow(() -> Problem.at("/lot", "This dish does not wait on the counter any more."));
    }

    Place place(Household household, UUID id) {
        return households.places(household).stream()
                .filter(place -> place.id().equals(id) && place.kind() != Storage.COUNTER)
                .findFirst()
                .orElseThrow(() -> Problem.at("/place", "Choose a drawer, the fridge or a shelf of this household."));
    }

    /** The dates of a packet of this dish that goes there today. */
    KeepDates dates(Household household, Lot dish, Storage storage, LocalDate today) {
        return reference.keeping(household).dates(packed(dish, storage, today), storage);
    }

    /** Its clock once it is packed away: the freezer pauses it. */
    private static LotClock packed(Lot dish, Storage storage, LocalDate today) {
        return storage == Storage.FREEZER ? dish.clock().frozen(today) : dish.clock();
    }

    /** Fills the packets. */
    public Done<List<UUID>> pack(Act act, PackInput input) {
        Household household = act.household();
        ledger.lock(household.id(), List.of(input.lot()));
        Lot dish = dish(household, input.lot());
        Portioning.Check check = Portioning.check(input.sizes(), dish.amount().value());
        if (!check.holds()) {
            throw Problem.at("/packets", check.problem());
        }
        Place place = place(household, input.place());
        UUID container = container(household, input.container());
        Set<String> used = codes.used(household);
        OpenLot left = dish.open();
        List<UUID> packets = new ArrayList<>();
        UUID meal = input.oneMeal() ? UUID.randomUUID() : null;
        for (Rational portions : input.sizes()) {
            Amount amount = Amount.of(portions, Unit.PORTION);
            StockUse use = StockUse.of(List.of(left), amount, act.day());
            if (use.takes().isEmpty()) {
                throw Problem.at("/lot", dish.name() + " is past its eat-by day; it is not packed any more.");
            }
            Take take = use.takes().get(0);
            UUID packet = UUID.randomUUID();
            ledger.create(
                    act,
                    packet(
                            act,
                            packet,
                            dish,
                            amount,
                            take.cost(),
                            place,
                            container,
                            codes.fresh(used),
                            meal,
                            packets.size() + 1),
                    place.kind() == Storage.FREEZER ? Kind.FROZEN : Kind.PACKED,
                    "");
            ledger.take(act, take, packet, Kind.PACKED, "");
            packets.add(packet);
            left = use.after(List.of(left)).stream().findFirst().orElse(left);
        }
        String subject = "Packed: " + dish.name() + ", "
                + (packets.size() == 1 ? "1 packet" : packets.size() + " packets") + " in " + place.name();
        return new Done<>(subject, packets);
    }

    private NewLot packet(
            Act act,
            UUID id,
            Lot dish,
            Amount amount,
            Cost cost,
            Place place,
            @Nullable UUID container,
            String code,
            @Nullable UUID meal,
            int part) {
        boolean frozen = place.kind() == Storage.FREEZER;
        return new NewLot(
                id,
                null,
                dish.batch(),
                amount,
                Lot.Level.COUNTED,
                cost,
                dish.about(),
                place.id(),
                frozen ? State.FROZEN : dish.state() == State.RAW ? State.RAW : State.COOKED,
                packed(dish, place.kind(), act.day()),
                dates(act.household(), dish, place.kind(), act.day()),
                new Lot.Packet(container, null, null, code, meal, meal == null ? null : part));
    }

    /** What to mind before these packets are filled. */
    List<String> mind(Household household, Lot dish, PackInput input) {
        Optional<Container> in = households.containers(household).stream()
                .filter(one -> one.id().equals(input.container()))
                .findFirst();
        return PackMind.of(
                in.map(Container::kind).orElse(null),
                in.map(Container::volumeMl).orElse(0),
                place(household, input.place()).kind(),
                dish.clock(),
                dish.state() == State.RAW);
    }

    private @Nullable UUID container(Household household, @Nullable UUID container) {
        if (container == null || households.containers(household).stream().anyMatch(c -> c.id().equals(container))) {
            return container;
        }
        throw Problem.at("/container", "There is no such container in this household.");
    }

    /** What stands on a packet of this dish with so many portions, before or after it is filled. */
    Label label(
            Lot dish,
            Batch batch,
            Household household,
            Rational portions,
            KeepDates dates,
            LocalDate packedOn,
            String code,
            int part,
            int parts) {
        Recipe recipe = batch.recipe();
        boolean plain = recipe == null
                && !dish.amount().unit().equals(Unit.PORTION)
                && !dish.about().isEmpty();
        return new Label(
                plain ? dish.about() : batch.name(),
                code,
                plain
                        ? dish.amount().toString()
                        : Amount.of(portions, Unit.PORTION).toString(),
                batch.style().words(),
                packedOn,
                until(dates),
                part,
                parts,
                Label.contains(recipe, batch.wentIn(), household.country()),
                batch.sized(portions, household.measures())
                        .map(packet -> Label.toAdd(packet, batch.style()))
                        .orElse(List.of()),
                recipe == null ? List.of() : Label.toFinish(recipe, batch.style()));
    }

    /** What was cut raw is labelled with what it is for, else with its food. */
    private static Label raw(Lot part) {
        LocalDate frozen = part.clock().frozenOn();
        return new Label(
                part.about().isEmpty() ? part.name() : part.about() + ", " + part.name(),
                Objects.requireNonNull(part.packet().code()),
                part.amount().toString(),
                "raw",
                frozen == null ? part.clock().from() : frozen,
                until(part.dates()),
                1,
                1,
                "",
                List.of(),
                List.of());
    }

    private static Label.@Nullable Until until(KeepDates dates) {
        return dates.last()
                .map(date -> new Label.Until(dates.eatBy() != null ? "eat by" : "best before", date))
                .orElse(null);
    }

    /** How many packets of these make one meal with this one. */
    private static int parts(List<Lot> packets, Lot packet) {
        return packet.packet().group() == null
                ? 1
                : (int) packets.stream()
                        .filter(other ->
                                packet.packet().group().equals(other.packet().group()))
                        .count();
    }

    /** The labels of these packets, in the order given. */
    List<Label> labels(Household household, List<Lot> packets) {
        var made = batches.byId(
                snapshots.of(household),
                packets.stream()
                        .map(Lot::batch)
                        .filter(Objects::nonNull)
                        .distinct()
                        .toList());
        return packets.stream()
                .map(packet -> {
                    Batch batch = made.get(packet.batch());
                    if (batch == null) {
                        return raw(packet);
                    }
                    LocalDate frozen = packet.clock().frozenOn();
                    LocalDate on = frozen == null ? packet.clock().from() : frozen;
                    return label(
                            packet,
                            batch,
                            household,
                            packet.amount().value(),
                            packet.dates(),
                            on,
                            Objects.requireNonNull(packet.packet().code()),
                            packet.packet().partNo() == null
                                    ? 1
                                    : packet.packet().partNo(),
                            parts(packets, packet));
                })
                .toList();
    }
}
