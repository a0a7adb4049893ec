package wexilla.core.cookday;

import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import wexilla.core.clock.DayPlan;
import wexilla.core.clock.DayProblem.Job;

/** What happens while everybody sleeps: heat that ends then leaves the food to itself (design: facts, section 3). */
public final class DayNight {

    private static final LocalTime BED = LocalTime.of(23, 0);
    private static final LocalTime UP = LocalTime.of(6, 0);
    /** What is shorter somebody waits for. */
    private static final int LONG_MINUTES = 60;

    private DayNight() {}

    /**
     * Heat that goes on by itself for an hour and more and ends at night.
     *
     * @param begins the first minute of the plan, where the household is
     * @return in the cook's words, one for each
     */
    public static List<String> heatThatEnds(DayPlan plan, LocalDateTime begins) {
        List<String> told = new ArrayList<>();
        List<Job> jobs = plan.problem().jobs();
        for (int i = 0; i < jobs.size(); i++) {
            Job job = jobs.get(i);
            LocalTime ends = begins.plusMinutes(plan.end(i)).toLocalTime();
            boolean night = !ends.isBefore(BED) || ends.isBefore(UP);
            if (night && !job.hands() && !job.holds().isEmpty() && plan.end(i) - plan.start(i) >= LONG_MINUTES) {
                told.add(job.dish() + ": the heat ends at " + ends.withSecond(0).withNano(0)
                        + ", when nobody is up: keep it at 60 °C or above until then, or begin so that somebody cools"
                        + " it within 2 hours");
            }
        }
        return told;
    }
}
