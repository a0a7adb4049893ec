package wexilla.app.day;

import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import wexilla.core.clock.DayPlan;
import wexilla.core.clock.DayProblem;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.clock.DayWhy;
import wexilla.core.cookday.running.DayTask;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.text.HeatWords;

/** A plan of a cook day as lanes with tapes on them. */
final class ClockViews {

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm");

    private ClockViews() {}

    /**
     * One thing on the clock.
     *
     * @param pos its place among the tasks of the day
     * @param of what it belongs to: id of a batch or big buy, or the dish itself
     * @param from minutes since the begin of the day, {@code to} minutes
     * @param lanes which lanes it lies on, by place
     * @param heat of the oven in the scale of the household; absent without one
     * @param state TO_DO, BEGUN, DONE, LEFT_OUT or WAITS
     * @param amounts what goes in, in kitchen measures
     * @param caution what must not be missed; empty for nothing
     * @param watches when somebody looks at it, like "16:00 stir"
     */
    record ClockTask(
            int pos,
            String dish,
            String of,
            String text,
            String start,
            String end,
            int from,
            int to,
            boolean hands,
            List<Integer> lanes,
            @Nullable String heat,
            String why,
            DayTask.State state,
            List<String> amounts,
            String caution,
            List<String> watches) {}

    /** @param kind hands, burner, rack, slow_cooker, pressure_cooker, hot_air, pan, griddle, sieve or cooling */
    record ClockLane(String name, String kind) {}

    /** ISO date and time in a zone, to the minute. */
    static String time(Instant instant, ZoneId zone) {
        return TIME.format(instant.atZone(zone));
    }

    record Laid(List<ClockLane> lanes, List<ClockTask> tasks) {}

    /** @param states of each task, by place */
    static Laid of(DayPlan plan, List<DayTask.State> states, Instant begin, Household household) {
        List<ClockLane> lanes = new ArrayList<>();
        plan.problem().people().forEach(person -> lanes.add(new ClockLane(person.name(), "hands")));
        int[] laneOf = new int[plan.problem().gear().size()];
        for (int i = 0; i < laneOf.length; i++) {
            int held = i;
            boolean used = IntStream.range(0, states.size())
                    .anyMatch(job -> shown(states, job) && plan.gear().get(job).contains(held));
            laneOf[i] = used ? lanes.size() : -1;
            if (used) {
                Gear gear = plan.problem().gear().get(i);
                lanes.add(new ClockLane(gear.name(), gear.kind().name().toLowerCase(Locale.ROOT)));
            }
        }
        int[] besides = besides(plan, states, lanes);
        List<ClockTask> tasks = plan.byClock().stream()
                .map(job -> task(
                        plan,
                        job,
                        states.get(job),
                        new When(begin, household.zone(), household.system() == KitchenMeasure.System.US),
                        laneOf,
                        besides))
                .toList();
        return new Laid(lanes, tasks);
    }

    private static boolean shown(List<DayTask.State> states, int job) {
        return states.get(job) != DayTask.State.LEFT_OUT && states.get(job) != DayTask.State.WAITS;
    }

    /** What goes on by itself and holds nothing lies beside each other: cooling, soaking, resting. */
    private static int[] besides(DayPlan plan, List<DayTask.State> states, List<ClockLane> lanes) {
        int[] lane = new int[plan.starts().size()];
        List<Integer> freeFrom = new ArrayList<>();
        int first = lanes.size();
        for (int job : plan.byClock()) {
            boolean alone = plan.people().get(job) < 0 && plan.gear().get(job).isEmpty();
            if (!alone || !shown(states, job)) {
                continue;
            }
            int at = 0;
            while (at < freeFrom.size() && freeFrom.get(at) > plan.start(job)) {
                at++;
            }
            if (at == freeFrom.size()) {
                freeFrom.add(0);
                lanes.add(new ClockLane(at == 0 ? "cools or rests" : "cools or rests " + (at + 1), "cooling"));
            }
            freeFrom.set(at, plan.end(job));
            lane[job] = first + at;
        }
        return lane;
    }

    private record When(Instant begin, ZoneId zone, boolean fahrenheit) {

        String heat(String text) {
            return HeatWords.in(text, fahrenheit);
        }

        String at(int minute) {
            return time(begin.plusSeconds(60L * minute), zone);
        }
    }

    private static ClockTask task(DayPlan plan, int job, DayTask.State state, When when, int[] laneOf, int[] besides) {
        DayProblem.Job one = plan.problem().jobs().get(job);
        List<Integer> lanes = new ArrayList<>();
        boolean lies = state != DayTask.State.LEFT_OUT && state != DayTask.State.WAITS;
        if (lies && plan.people().get(job) >= 0) {
            lanes.add(plan.people().get(job));
        }
        if (lies) {
            plan.gear().get(job).forEach(held -> lanes.add(laneOf[held]));
        }
        if (lies && lanes.isEmpty()) {
            lanes.add(besides[job]);
        }
        int celsius = one.settings().get(plan.settings().get(job)).celsius();
        return new ClockTask(
                job,
                one.dish(),
                one.key(),
                one.text(),
                when.at(plan.start(job)),
                when.at(plan.end(job)),
                plan.start(job),
                plan.end(job),
                one.hands(),
                lanes,
                celsius == 0 ? null : when.heat(celsius + " °C"),
                when.heat(DayWhy.of(plan, job)),
                state,
                one.aside().amounts(),
                when.heat(one.aside().caution()),
                watches(plan, job, when));
    }

    private static List<String> watches(DayPlan plan, int job, When when) {
        List<String> watches = new ArrayList<>();
        plan.ovenOn(job)
                .ifPresent(on ->
                        watches.add(when.heat(when.at(on).substring(11) + " oven on, " + plan.celsius(job) + " °C")));
        plan.problem()
                .jobs()
                .get(job)
                .aside()
                .watches()
                .forEach(watch ->
                        watches.add(when.at(plan.start(job) + watch.at()).substring(11) + " " + watch.words()));
        return watches;
    }
}
