package wexilla.core.stations.propose;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.keeping.DishKeeping;
import wexilla.core.keeping.FreezesBadly;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.Storage;
import wexilla.core.keeping.Thaw;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Batch.State;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.house.Person;
import wexilla.core.menu.MenuProblem;
import wexilla.core.menu.MenuProblem.Packet;
import wexilla.core.menu.MenuTogether;
import wexilla.core.people.Appetite;
import wexilla.core.plan.PlanCheck;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.plan.Served;
import wexilla.core.plan.Warming;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.ScaledStep;
import wexilla.core.recipe.steps.StepTime;
import wexilla.core.shopping.Needs;
import wexilla.core.stations.plan.Looked;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.Supply;

/** The dishes that are there, and those that are planned to be cooked ahead, as a proposal may choose them. */
public final class InStore {

    private static final long UNPRICED = 100L * Trade.whole("menu.unpriced-portion");
    private static final int WARM = Trade.whole("menu.reheat-minutes");

    /** Of these classes of the keeping table nothing is a meal by itself. */
    private static final Set<String> COMPONENTS = Set.of(
            "soft-vegetables",
            "roots",
            "onions",
            "potatoes",
            "frozen-vegetables",
            "counter-fruit",
            "apples",
            "eggs",
            "spices",
            "oil",
            "condiments");

    private InStore() {}

    /** @param portions whole ones that are there of it */
    public record Part(UUID batch, int plates) {}

    /**
     * @param batch the first of {@code parts} where several are one meal together
     * @param served what is in it, as far as known
     * @param fridgeUntil of a batch that is still to be cooked, its last day in the fridge; null of what is there
     * @param parts what is put together to one meal; empty for one dish
     */
    public record Stocked(
            UUID batch,
            Packet packet,
            Served served,
            @Nullable LocalDate fridgeUntil,
            List<Part> parts) {

        Stocked(UUID batch, Packet packet, Served served, @Nullable LocalDate fridgeUntil) {
            this(batch, packet, served, fridgeUntil, List.of());
        }

        private static Stocked of(List<Stocked> together) {
            return new Stocked(
                    together.get(0).batch(),
                    MenuTogether.one(together.stream().map(Stocked::packet).toList()),
                    Served.together(together.stream().map(Stocked::served).toList()),
                    null,
                    together.stream()
                            .map(one -> new Part(one.batch(), one.packet().plates()))
                            .toList());
        }

        /** Whether it is this dish, or a part of it is. */
        boolean is(UUID dish) {
            return batch.equals(dish)
                    || parts.stream().anyMatch(part -> part.batch().equals(dish));
        }

        /** So many hundredths of portions, after so many others were eaten of it: of the first part what is there, then the next. */
        public List<Part> helpings(int plates, int before) {
            List<Part> helpings = new ArrayList<>();
            int skip = before;
            int left = plates;
            for (Part part : parts) {
                int there = Math.max(0, part.plates() - skip);
                skip = Math.max(0, skip - part.plates());
                int taken = Math.min(there, left);
                left -= taken;
                if (taken > 0) {
                    helpings.add(new Part(part.batch(), taken));
                }
            }
            return helpings;
        }

        /** Whether it has to be frozen to be eaten on this day. */
        public boolean frozenFor(LocalDate day) {
            return fridgeUntil != null && day.isAfter(fridgeUntil);
        }
    }

    /** @param table of the earliest meal; @param left what nobody has spoken for; @param decided what meals of the plan that stay want of what is not there yet */
    static List<Stocked> of(
            Kitchen now, Looked looked, Supply left, LocalTime table, LocalDate start, List<Needs.Want> decided) {
        Map<UUID, List<Lot>> lots = new LinkedHashMap<>();
        now.open().stream()
                .filter(lot -> lot.batch() != null && lot.amount().unit().equals(Unit.PORTION))
                .forEach(lot -> lots.computeIfAbsent(Objects.requireNonNull(lot.batch()), own -> new ArrayList<>())
                        .add(lot));
        Map<UUID, Batch> known = now.planned().batches();
        List<Stocked> stocked = new ArrayList<>();
        lots.forEach((id, own) -> {
            List<Food> foods = foods(now, known.get(id));
            List<OpenLot> rest = left.left(Key.batch(id.toString())).stream()
                    .filter(lot -> !lot.amount().value().isZero() && !lot.pastLimit(start))
                    .toList();
            // what lies in the fridge and what lies in the freezer of one dish are different packets
            for (boolean frozen : new boolean[] {false, true}) {
                List<OpenLot> packets = rest.stream()
                        .filter(lot -> (lot.frozenAs() != null) == frozen)
                        .toList();
                if (!packets.isEmpty() && !component(now, own.get(0).name(), known.get(id))) {
                    Packet packet = there(now, own.get(0).name(), packets, known.get(id), foods, table, start);
                    stocked.add(new Stocked(id, packet, served(known.get(id)), null));
                }
            }
        });
        looked.batches().values().stream()
                .filter(batch -> batch.state() == State.PLANNED
                        && !batch.cookOn().isBefore(now.today())
                        && !lots.containsKey(batch.id()))
                .forEach(batch -> {
                    Rational free = batch.portions()
                            .minus(promised(looked, batch.key(), start))
                            .minus(promised(decided, batch.key()));
                    if (free.signum() > 0) {
                        DishKeeping keeps =
                                Objects.requireNonNull(looked.keeping().get(batch.id()));
                        stocked.add(willBe(now, batch, free, keeps, start));
                    }
                });
        return stocked;
    }

    /** What is too little for any of these tables by itself is put together. @param plates of each open meal, hundredths */
    static List<Stocked> together(List<Stocked> stocked, List<Integer> plates) {
        List<Stocked> there = stocked.stream()
                .filter(one -> one.fridgeUntil() == null && one.packet().plates() >= 100)
                .toList();
        List<List<Integer>> meals = plates.isEmpty()
                ? List.of()
                : MenuTogether.of(
                        there.stream().map(Stocked::packet).toList(), Collections.min(plates), Collections.max(plates));
        List<Stocked> all = new ArrayList<>(stocked);
        for (List<Integer> meal : meals) {
            List<Stocked> parts = meal.stream().map(there::get).toList();
            all.removeAll(parts);
            all.add(Stocked.of(parts));
        }
        return all;
    }

    private static Rational promised(List<Needs.Want> decided, Key batch) {
        return decided.stream()
                .filter(want -> want.key().equals(batch))
                .flatMap(want -> Stream.ofNullable(want.amount()))
                .map(Amount::value)
                .reduce(Rational.ZERO, Rational::plus);
    }

    /** Portions of a dish that meals before the plan eat. */
    private static Rational promised(Looked looked, Key batch, LocalDate start) {
        return looked.check().checked().stream()
                .map(PlanCheck.Checked::evening)
                .filter(evening -> evening.day().isBefore(start))
                .flatMap(evening -> evening.dishes().stream())
                .map(dish -> dish instanceof PlannedMeal.FromStock stock
                                && stock.key().equals(batch)
                        ? stock.portions()
                        : Rational.ZERO)
                .reduce(Rational.ZERO, Rational::plus);
    }

    /** Something noted in portions that is a food and no dish: asparagus is no dinner by itself. */
    private static boolean component(Kitchen now, String name, @Nullable Batch batch) {
        return (batch == null || batch.recipeId() == null)
                && now.foods()
                        .book()
                        .named(name)
                        .filter(food -> COMPONENTS.contains(food.keepingClass()))
                        .isPresent();
    }

    private static Served served(@Nullable Batch batch) {
        return batch == null ? Served.whole(List.of()) : batch.served();
    }

    private static List<Food> foods(Kitchen now, @Nullable Batch batch) {
        return batch == null ? List.of() : batch.foods();
    }

    private static Packet there(
            Kitchen now,
            String name,
            List<OpenLot> lots,
            @Nullable Batch batch,
            List<Food> foods,
            LocalTime table,
            LocalDate start) {
        Rational portions = Rational.ZERO;
        int from = Integer.MAX_VALUE;
        int until = Integer.MAX_VALUE;
        int best = Integer.MAX_VALUE;
        long worth = 0;
        boolean priced = true;
        for (OpenLot lot : lots) {
            portions = portions.plus(lot.amount().value());
            LocalDate ready = Thaw.ready(now.now(), lot.hoursToThaw(lot.amount()), table);
            from = Math.min(from, offset(start, ready));
            LocalDate limit = lot.limit();
            LocalDate keepBy = lot.keepBy();
            until = limit == null ? until : Math.min(until, offset(start, limit));
            best = keepBy == null ? best : Math.min(best, offset(start, keepBy));
            worth += lot.cost().known().minor();
            priced = priced && lot.cost().complete();
        }
        int plates = hundredths(portions);
        StepTime finish = finish(now, name, batch);
        return new Packet(
                        name,
                        PlannedMeal.proteins(foods),
                        0,
                        plates,
                        Math.max(0, from),
                        until == Integer.MAX_VALUE ? MenuProblem.NONE : until,
                        best == Integer.MAX_VALUE ? MenuProblem.NONE : best,
                        finish.handsMin(),
                        priced && plates > 0 ? 10_000L * worth / plates : UNPRICED)
                .within(finish.minutes());
    }

    private static int hundredths(Rational portions) {
        return portions.times(Rational.of(100)).floor().intValueExact();
    }

    /** What warming it and its last steps take on the night, for everybody who lives here. */
    private static StepTime finish(Kitchen now, String name, @Nullable Batch batch) {
        Rational portions = Appetite.portions(
                now.home().people().stream().map(Person::appetite).toList());
        List<ScaledStep> last = batch == null
                ? List.of()
                : batch.sized(portions, now.measures())
                        .map(sized -> sized.stepsAfter(batch.style()))
                        .orElse(List.of());
        StepTime time = ScaledStep.time(last)
                .plus(ScaledStep.time(Warming.before(name, batch == null ? null : batch.recipe(), last, portions)));
        return new StepTime(Math.max(WARM, time.handsMin()), time.waitMin());
    }

    private static Stocked willBe(Kitchen now, Batch batch, Rational free, DishKeeping keeps, LocalDate start) {
        List<Food> foods = foods(now, batch);
        KeepingGuide guide = now.guide();
        LocalDate eatBy = guide.dates(keeps.keepingClass(), Storage.FRIDGE, keeps.from(), keeps.from())
                .eatBy();
        LocalDate fridgeUntil = eatBy == null ? batch.cookOn() : eatBy;
        int cooked = offset(start, batch.cookOn());
        StepTime finish = finish(now, batch.name(), batch);
        Packet packet = new Packet(
                        batch.name(),
                        PlannedMeal.proteins(foods),
                        0,
                        hundredths(free),
                        Math.max(0, cooked),
                        // what freezes waits in the freezer until it is wanted
                        guide.freezes(keeps.keepingClass()) && !FreezesBadly.is(batch.name(), foods)
                                ? MenuProblem.NONE
                                : offset(start, fridgeUntil),
                        MenuProblem.NONE,
                        finish.handsMin(),
                        UNPRICED)
                .within(finish.minutes());
        return new Stocked(batch.id(), packet, batch.served(), fridgeUntil);
    }

    private static int offset(LocalDate start, LocalDate day) {
        return (int) ChronoUnit.DAYS.between(start, day);
    }
}
