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

    /** Who is nearly done stays up so long. */
    private static final LocalTime LATEST = LocalTime.MIDNIGHT;
    /** Who begins at night is up for so long. */
    private static final int BEGUN_AT_NIGHT = 60;

    private static final int NIGHTS = 7;

    private DayNight() {}

    /** From when to when, where the household is. */
    public record Span(LocalDateTime from, LocalDateTime to) {}

    /** The nights after a day begins in which nobody is up, unless somebody says so. */
    public static List<Span> asleep(LocalDateTime begins) {
        List<Span> nights = new ArrayList<>();
        for (int night = 0; night <= NIGHTS; night++) {
            LocalDateTime from = begins.toLocalDate().plusDays(night).atTime(LATEST);
            LocalDateTime to = from.toLocalDate().atTime(UP);
            LocalDateTime up = night(begins.toLocalTime())
                            && !begins.isAfter(to)
                            && begins.plusHours(UP.getHour() + 1L).isAfter(from)
                    ? begins.plusMinutes(BEGUN_AT_NIGHT)
                    : from;
            LocalDateTime later = up.isAfter(from) ? up : from;
            if (to.isAfter(begins) && later.isBefore(to)) {
                nights.add(new Span(later, to));
            }
        }
        return nights;
    }

    private static boolean night(LocalTime time) {
        return !time.isBefore(BED) || time.isBefore(UP);
    }

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
            if (night(ends) && !job.hands() && !job.holds().isEmpty() && plan.end(i) - plan.start(i) >= LONG_MINUTES) {
                told.add(job.dish() + ": the heat ends at " + ends.withSecond(0).withNano(0)
                        + ", when nobody is up: keep it at 60 °C or above until then, or begin so that somebody cools"
                        + " it within 2 hours");
            }
        }
        return told;
    }
}
