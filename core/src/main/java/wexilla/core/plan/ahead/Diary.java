package wexilla.core.plan.ahead;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import wexilla.core.cookday.CookDay;
import wexilla.core.plan.PlanCheck;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.plan.PlannedMeal.Dish;
import wexilla.core.plan.Remark;
import wexilla.core.plan.TakeOut;

/** A plan as entries of a calendar: meals from when work begins to the table, what leaves the freezer, cook days. */
public final class Diary {

    private static final Duration TAKE_OUT = Duration.ofMinutes(10);
    private static final Duration COOK_DAY = Duration.ofHours(3);
    private static final Duration AT_TABLE = Duration.ofMinutes(30);

    /**
     * @param id the same for the same thing of the same day, so that a calendar replaces it
     * @param start wall time of the household
     * @param remind whether it is told when it begins
     */
    public record Entry(String id, LocalDateTime start, Duration length, String title, String note, boolean remind) {}

    private Diary() {}

    /** The entries of these meals, by time. @param ahead what is cooked on days of its own */
    public static List<Entry> of(PlanCheck check, List<PlanCheck.Batch> ahead) {
        List<Entry> entries = new ArrayList<>();
        for (PlanCheck.Checked meal : check.checked()) {
            meal(meal).ifPresent(entries::add);
            takeOuts(meal.takeOut(), entries);
        }
        check.forCookDays().values().forEach(out -> takeOuts(out, entries));
        Map<LocalDate, List<PlanCheck.Batch>> days = ahead.stream()
                .collect(Collectors.groupingBy(
                        batch -> batch.begin().toLocalDate(), LinkedHashMap::new, Collectors.toList()));
        days.forEach((day, batches) -> entries.add(new Entry(
                "cook-" + day,
                day.atTime(CookDay.BEGIN),
                COOK_DAY,
                "Cook day",
                batches.stream().map(PlanCheck.Batch::name).distinct().collect(Collectors.joining("\n")),
                false)));
        entries.sort(Comparator.comparing(Entry::start).thenComparing(Entry::id));
        return List.copyOf(entries);
    }

    private static java.util.Optional<Entry> meal(PlanCheck.Checked meal) {
        PlannedMeal evening = meal.evening();
        if (evening.dishes().isEmpty()) {
            return java.util.Optional.empty();
        }
        String name = evening.when().meal().words();
        String title = Character.toUpperCase(name.charAt(0)) + name.substring(1) + ": "
                + evening.dishes().get(0).name();
        List<String> note = new ArrayList<>();
        if (evening.dishes().size() > 1) {
            note.add("with " + evening.dishes().stream().skip(1).map(Dish::name).collect(Collectors.joining(", ")));
        }
        note.add("on the table at " + Remark.time(evening.tableAt(), evening.day()));
        meal.remarks().forEach(remark -> note.add(remark.words()));
        Duration length = Duration.between(meal.begin(), evening.tableAt()).plus(AT_TABLE);
        return java.util.Optional.of(new Entry(
                "meal-" + evening.day() + "-" + name, meal.begin(), length, title, String.join("\n", note), false));
    }

    private static void takeOuts(List<TakeOut> out, List<Entry> entries) {
        for (TakeOut one : TakeOut.summed(out)) {
            entries.add(new Entry(
                    "out-" + one.lot() + "-" + one.forDay(),
                    one.by(),
                    TAKE_OUT,
                    "Take out " + one.amount() + " " + one.name(),
                    "for " + Remark.day(one.forDay()) + "; " + one.rule(),
                    true));
        }
    }
}
