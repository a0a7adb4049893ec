package wexilla.core.stations.today;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wexilla.core.kitchen.Meal;
import wexilla.core.quantity.Trade;

/**
 * What is due at an hour: the next meal that is not over yet. What nobody said of a meal that is over is silence, and keeps
 * the next one from nobody.
 *
 * @param next the meal whose time is or comes; of today what is over where nothing else is to come, null where nothing is
 *     planned
 * @param over meals of today nobody has said anything about, the latest first
 * @param later meals of today besides
 */
public record Due(@Nullable Meal next, List<Meal> over, List<Meal> later) {

    private static final int SERVED = Trade.whole("today.served-minutes");
    private static final int LATE = Trade.whole("today.late-minutes");

    /** A meal that is begun too late. @param minutes behind; @param table when it can be eaten now */
    public record Late(long minutes, LocalTime table) {}

    /** @param meals of today and tomorrow */
    public static Due of(List<Meal> meals, LocalDateTime now) {
        LocalDate today = now.toLocalDate();
        List<Meal> ofToday = meals.stream()
                .filter(meal -> meal.day().equals(today))
                .sorted(Comparator.comparing(Meal::table))
                .toList();
        List<Meal> over = new ArrayList<>();
        List<Meal> open = new ArrayList<>();
        for (Meal meal : ofToday) {
            if (meal.state() == Meal.State.PLANNED) {
                (isOver(meal, now) ? over : open).add(meal);
            }
        }
        Optional<Meal> next = open.stream()
                .filter(Due::eaten)
                .findFirst()
                .or(() -> open.stream().findFirst())
                .or(() -> meals.stream()
                        .filter(meal -> meal.day().equals(today.plusDays(1)) && eaten(meal))
                        // what was eaten stands until its time is over
                        .filter(meal -> ofToday.stream().allMatch(one -> isOver(one, now)))
                        .min(Comparator.comparing(Meal::table)))
                .or(() -> ofToday.isEmpty() ? Optional.empty() : Optional.of(ofToday.get(ofToday.size() - 1)));
        List<Meal> later = new ArrayList<>(ofToday);
        next.ifPresent(later::remove);
        later.removeAll(over);
        next.ifPresent(over::remove);
        over.sort(Comparator.comparing(Meal::table).reversed());
        return new Due(next.orElse(null), List.copyOf(over), List.copyOf(later));
    }

    private static boolean isOver(Meal meal, LocalDateTime now) {
        return meal.day().atTime(meal.table()).plusMinutes(SERVED).isBefore(now);
    }

    /** Whether something is to be eaten there. */
    private static boolean eaten(Meal meal) {
        return meal.eatsHere() && !meal.dishes().isEmpty();
    }

    /** How late the next meal is, where hands should have begun by now. @param begin of its first hands */
    public static Optional<Late> late(Meal meal, LocalDateTime begin, LocalDateTime now) {
        long minutes = Duration.between(begin, now).toMinutes();
        return minutes < LATE || meal.state() != Meal.State.PLANNED || isOver(meal, now)
                ? Optional.empty()
                : Optional.of(new Late(minutes, meal.table().plusMinutes(minutes)));
    }
}
