package wexilla.core.stations.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Key;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Lot;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;

/**
 * A dish that is there in portions, or will be once it is cooked.
 *
 * @param portions over all its packets
 * @param free of them no meal that is planned eats
 * @param first of its lots the one that expires first; null for what is not cooked yet
 * @param cookOn null for what is there
 */
public record DishThere(
        UUID batch,
        String name,
        Rational portions,
        Rational free,
        @Nullable Lot first,
        @Nullable LocalDate cookOn) {

    private static final Rational LEAST = Trade.number("eat.least-helping");

    /** What there is, first to expire first, then what will be, first to be cooked first. */
    public static List<DishThere> of(List<Lot> open, Looked looked) {
        Map<Key, Rational> eaten = new HashMap<>();
        looked.check().checked().stream()
                .flatMap(one -> one.evening().dishes().stream())
                .filter(PlannedMeal.FromStock.class::isInstance)
                .map(PlannedMeal.FromStock.class::cast)
                .forEach(stock -> eaten.merge(stock.key(), stock.portions(), Rational::plus));
        Map<UUID, List<Lot>> lots = new LinkedHashMap<>();
        open.stream()
                .filter(lot -> lot.batch() != null && lot.amount().unit().equals(Unit.PORTION))
                .forEach(lot -> lots.computeIfAbsent(Objects.requireNonNull(lot.batch()), own -> new ArrayList<>())
                        .add(lot));
        List<DishThere> there = new ArrayList<>();
        lots.forEach((batch, own) -> {
            Rational all = own.stream().map(lot -> lot.amount().value()).reduce(Rational.ZERO, Rational::plus);
            Lot first = own.get(0);
            there.add(new DishThere(batch, first.name(), all, left(all, eaten, batch), first, null));
        });
        looked.batches().values().stream()
                .filter(batch -> batch.state() == Batch.State.PLANNED)
                .forEach(batch -> there.add(new DishThere(
                        batch.id(),
                        batch.name(),
                        batch.portions(),
                        left(batch.portions(), eaten, batch.id()),
                        null,
                        batch.cookOn())));
        return there;
    }

    private static Rational left(Rational all, Map<Key, Rational> eaten, UUID batch) {
        Rational left = all.minus(eaten.getOrDefault(Key.batch(batch.toString()), Rational.ZERO));
        // less than a helping is eaten with the rest
        return left.compareTo(LEAST) < 0 ? Rational.ZERO : left;
    }
}
