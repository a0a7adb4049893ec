package wexilla.app.day;

import java.time.LocalDate;
import java.util.List;
import wexilla.app.onhand.Snapshot;
import wexilla.core.cookday.CookDay;
import wexilla.core.cookday.DayTasks;

/** Whoever knows what the evenings were promised says what has to leave the freezer for a cook day. */
public interface DayBefore {

    /** What is taken out to thaw for the batches of this day, earliest first. */
    List<CookDay.Task> tasks(Snapshot now, LocalDate day);

    /** What is cooked that day besides batches: joints that are stretched, each as a dish with its steps. */
    List<DayTasks.Dish> joints(Snapshot now, LocalDate day);

    /** Days ahead that have such joints. */
    List<LocalDate> jointDays(Snapshot now);
}
