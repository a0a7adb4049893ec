package wexilla.app.day;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.onhand.Snapshot;
import wexilla.app.platform.Runaway;
import wexilla.core.clock.DayEffort;
import wexilla.core.cookday.CookDay;
import wexilla.core.cookday.DayTasks;
import wexilla.core.cookday.DayTimeline;

/** Plans the cook day of a household as it was asked for. */
@Component
public class DayPlans {

    private static final long SEED = 1;
    private static final long MOST_PLANS = 12_000;
    private static final long MOST_EACH = 300;
    private static final Duration RUNAWAY = Duration.ofSeconds(5);
    private static final int ROUNDS = 3;

    private final DayBuild build;

    DayPlans(DayBuild build) {
        this.build = build;
    }

    /**
     * @param found null where nothing fits
     * @param begins the instant of its first minute
     * @param missing what steps need and is not there
     */
    record Planned(@Nullable DayTimeline found, Instant begins, List<String> missing) {

        /** What would end it earlier. */
        List<DayTimeline.Earlier> earlier() {
            if (found == null) {
                return List.of();
            }
            // of several ways each is tried a little
            long each = DayEffort.plans(6 * found.plan().starts().size(), MOST_EACH);
            return found.earlier(SEED, each, Runaway.after(RUNAWAY));
        }
    }

    /** The plan of a day that begins at an instant, for the demo. @param hands who cooks, all the time */
    public RunningDays.Begun from(Snapshot now, LocalDate day, Instant begins, List<String> hands) {
        CookHands asked = CookHands.read(day, null, null, hands, null);
        Planned planned = at(now, asked, begins.atZone(now.household().zone()));
        return new RunningDays.Begun(
                begins, Objects.requireNonNull(planned.found()).plan());
    }

    /** From its begin on, or so that the last hand is free when it was asked for. */
    Planned of(Snapshot now, CookHands hands) {
        ZoneId zone = now.household().zone();
        ZonedDateTime begins = hands.begins(CookDay.BEGIN).atZone(zone);
        Planned planned = at(now, hands, begins);
        if (hands.doneBy() == null || planned.found() == null) {
            return planned;
        }
        ZonedDateTime by = hands.day().atTime(hands.doneBy()).atZone(zone);
        for (int round = 0; round < ROUNDS && planned.found() != null; round++) {
            begins = by.minusMinutes(planned.found().plan().handsFree());
            Planned again = at(now, hands, begins);
            boolean fits = again.found() != null
                    && again.found().plan().handsFree()
                            <= planned.found().plan().handsFree();
            planned = again;
            if (fits) {
                break;
            }
        }
        return planned;
    }

    private Planned at(Snapshot now, CookHands hands, ZonedDateTime begins) {
        DayTasks.Made made = build.of(now, hands.day(), hands.from(begins, build.cooks(now.household())));
        Runaway runaway = Runaway.after(RUNAWAY);
        long plans = DayEffort.plans(made.problem().jobs().size(), MOST_PLANS);
        DayTimeline found = DayTimeline.of(made, SEED, plans, runaway).orElse(null);
        List<String> missing = new ArrayList<>(made.missing());
        if (runaway.ended()) {
            missing.add("the search for a shorter day ended early: look again");
        }
        return new Planned(found, begins.toInstant(), missing);
    }
}
