package wexilla.app.pack;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.cook.Batches;
import wexilla.app.household.Households;
import wexilla.app.onhand.Codes;
import wexilla.app.onhand.Lots;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.pack.PackViews.PackInput;
import wexilla.app.platform.Act;
import wexilla.app.platform.Acts.Done;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Changes;
import wexilla.app.platform.Problem;
import wexilla.core.food.Food;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.PacketShape;
import wexilla.core.kitchen.Answer;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.Lot.State;
import wexilla.core.kitchen.house.Container;
import wexilla.core.kitchen.house.Household;
import wexilla.core.packing.Label;
import wexilla.core.packing.PackMind;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.UnitWeight;
import wexilla.core.recipe.Recipe;
import wexilla.core.stations.pack.Packing;
import wexilla.core.stations.pack.Packing.Order;

/** Reads the dish that is packed and writes down its packets; what stands on their labels. */
@Component
public class Packets {

    private final Changes changes;
    private final Households households;
    private final Batches batches;
    private final Codes codes;
    private final Snapshots snapshots;
    private final Lots lots;

    Packets(Changes changes, Households households, Batches batches, Codes codes, Snapshots snapshots, Lots lots) {
        this.lots = lots;
        this.changes = changes;
        this.households = households;
        this.batches = batches;
        this.codes = codes;
        this.snapshots = snapshots;
    }

    /** Fills the packets. */
    public Done<List<UUID>> pack(Act act, PackInput input) {
        Household household = act.household();
        known(household, input.container());
        Set<String> used = codes.used(household);
        Answer answer = new Packing(snapshots.kitchen(household), act.day(), act::newId, () -> codes.fresh(act, used))
                .pack(order(input));
        changes.write(act, answer.changes());
        List<UUID> packets = answer.changes().stream()
                .map(change -> ((Change.Carried) change).made().id())
                .toList();
        return new Done<>(answer.words(), packets);
    }

    /** What was asked for. @throws Problem if its weight is none */
    static Order order(PackInput input) {
        return new Order(
                input.lot(),
                input.sizes(),
                input.place(),
                input.container(),
                input.oneMeal(),
                weighed(input),
                input.shape());
    }

    private static @Nullable Rational weighed(PackInput input) {
        if (input.weighed() == null || input.weighed().isBlank()) {
            return null;
        }
        Amount amount = Measures.METRIC.toBase(Asked.amount("/weighed", input.weighed()));
        if (!amount.unit().equals(Unit.G) || amount.value().isZero()) {
            throw Problem.at(
                    "/weighed", "“" + input.weighed() + "” is no weight; write what the scale shows, like 3.6 kg.");
        }
        return amount.value();
    }

    /** What to mind before these packets are filled. */
    List<String> mind(Kitchen kitchen, Lot dish, PackInput input) {
        Optional<Container> in = households.containers(kitchen.household()).stream()
                .filter(one -> one.id().equals(input.container()))
                .findFirst();
        return PackMind.of(
                in.map(Container::kind).orElse(null),
                in.map(Container::volumeMl).orElse(0),
                Packing.place(kitchen, input.place()).kind(),
                dish.clock(),
                dish.state() == State.RAW,
                input.shape(),
                order(input).weight(dish),
                input.sizes());
    }

    private void known(Household household, @Nullable UUID container) {
        if (container != null && households.containers(household).stream().noneMatch(c -> c.id().equals(container))) {
            throw Problem.at("/container", "There is no such container in this household.");
        }
    }

    /** What stands on a packet of this dish with so many portions, before or after it is filled. */
    Label label(
            Lot dish,
            Batch batch,
            Household household,
            Rational portions,
            @Nullable UnitWeight weight,
            @Nullable PacketShape shape,
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
                plain || weight == null ? "" : weight.words(Amount.of(portions, Unit.PORTION)),
                batch.style().words() + (shape == null ? "" : ", " + shape.words()),
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
    private static Label raw(Lot part, Snapshot now, List<Food> season) {
        LocalDate frozen = part.clock().frozenOn();
        return new Label(
                part.about().isEmpty() ? part.name() : part.about() + ", " + part.name(),
                Objects.requireNonNull(part.packet().code()),
                part.amount().toString(),
                part.weight() == null ? "" : part.weight().words(part.amount()),
                "raw",
                frozen == null ? part.clock().from() : frozen,
                until(part.dates()),
                1,
                1,
                contains(part, now, season),
                List.of(),
                List.of());
    }

    private static String contains(Lot part, Snapshot now, List<Food> season) {
        List<Food> in = new ArrayList<>(season);
        if (part.food() != null) {
            in.add(0, now.foods().food(part.food()));
        }
        return Label.contains(null, in, now.household().country());
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
        Snapshot now = snapshots.of(household);
        Map<UUID, List<Food>> season = lots.seasoned(
                now,
                packets.stream().filter(one -> one.batch() == null).map(Lot::id).toList());
        var made = batches.byId(
                now,
                packets.stream()
                        .map(Lot::batch)
                        .filter(Objects::nonNull)
                        .distinct()
                        .toList());
        return packets.stream()
                .map(packet -> {
                    if (packet.batch() == null) {
                        return raw(packet, now, season.getOrDefault(packet.id(), List.of()));
                    }
                    Batch batch = Objects.requireNonNull(made.get(packet.batch()));
                    LocalDate frozen = packet.clock().frozenOn();
                    LocalDate on = frozen == null ? packet.clock().from() : frozen;
                    return label(
                            packet,
                            batch,
                            household,
                            packet.amount().value(),
                            packet.weight(),
                            packet.packet().shape(),
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
