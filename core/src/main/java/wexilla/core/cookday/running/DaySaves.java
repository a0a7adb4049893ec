package wexilla.core.cookday.running;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.clock.DayProblem.Kind;
import wexilla.core.cookday.DayTasks;
import wexilla.core.cookday.running.DayTask.State;
import wexilla.core.food.book.WordLists;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.text.CookWords;

/** What can be saved when something fails: each way is one tap. Times elsewhere are common practice, no source. */
public final class DaySaves {

    private static final int HOT_AIR_PERCENT = Trade.whole("saves.hot-air-percent");
    private static final int STOVE_PERCENT = Trade.whole("saves.slow-on-stove-percent");
    private static final int UNPRESSED = Trade.whole("saves.pressure-on-stove-times");
    private static final Pattern BAKES = WordLists.of("day").list("bakes");
    private static final Pattern COVERED =
            Pattern.compile("\\b(?:cover|covered|lid|braise|casserole|stew)\\b", Pattern.CASE_INSENSITIVE);

    private DaySaves() {}

    /**
     * One way.
     *
     * @param job that waits
     * @param words of it, on its button
     * @param kind what it holds then; empty for nothing
     * @param minutes it takes then
     * @param drop whether the dish is left for another day instead
     */
    public record Save(int job, String words, Optional<Kind> kind, int minutes, boolean drop) {}

    /** The ways for what waits, the first waiting job of each dish. */
    public static List<Save> of(DayRun run) {
        List<Save> saves = new ArrayList<>();
        Set<String> dishes = new HashSet<>();
        for (int job = 0; job < run.tasks().size(); job++) {
            Job one = run.day().jobs().get(job);
            if (run.tasks().get(job).state() == State.WAITS && lacks(run, one) && dishes.add(one.key())) {
                ways(run, job, one, saves);
                saves.add(new Save(job, "Another day: leave " + one.dish() + " out", Optional.empty(), 1, true));
            }
        }
        return saves;
    }

    private static boolean lacks(DayRun run, Job job) {
        return job.holds().stream().anyMatch(kind -> !there(run, kind));
    }

    private static boolean there(DayRun run, Kind kind) {
        return run.day().gear().stream().anyMatch(gear -> gear.kind() == kind && !gear.out());
    }

    private static void ways(DayRun run, int job, Job one, List<Save> saves) {
        int minutes = one.settings().get(0).minutes();
        boolean oven = one.holds().contains(Kind.RACK);
        boolean kept = run.day().jobs().stream().anyMatch(other -> other.sameDish(one) && DayTasks.keeps(other));
        if (oven
                && kept
                && one.aside().caution().isEmpty()
                && BAKES.matcher(one.text()).find()) {
            saves.add(new Save(job, "Freeze it unbaked, to bake another day", Optional.empty(), 1, false));
        }
        if (oven) {
            way(run, job, "In the hot-air drawer", Kind.HOT_AIR, minutes * HOT_AIR_PERCENT / 100, saves);
        }
        if (oven && COVERED.matcher(one.text()).find()) {
            way(run, job, "On the stove, lid on, low", Kind.BURNER, minutes, saves);
        }
        if (one.holds().contains(Kind.SLOW_COOKER)) {
            way(run, job, "On the stove, lid on, low", Kind.BURNER, minutes * STOVE_PERCENT / 100, saves);
            way(run, job, "In the oven at 140 °C, lid on", Kind.RACK, minutes * STOVE_PERCENT / 100, saves);
        }
        if (one.holds().contains(Kind.PRESSURE_COOKER)) {
            way(run, job, "On the stove, lid on", Kind.BURNER, minutes * UNPRESSED, saves);
        }
    }

    private static void way(DayRun run, int job, String words, Kind kind, int minutes, List<Save> saves) {
        if (there(run, kind)) {
            int whole = Math.max(5, (minutes + 4) / 5 * 5);
            saves.add(new Save(
                    job,
                    words + ", " + CookWords.minutes(whole).toLowerCase(Locale.ROOT),
                    Optional.of(kind),
                    whole,
                    false));
        }
    }
}
