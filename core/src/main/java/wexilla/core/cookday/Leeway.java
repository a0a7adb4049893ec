package wexilla.core.cookday;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import wexilla.core.clock.DayPlan;
import wexilla.core.clock.DayProblem;
import wexilla.core.clock.DayProblem.Lag;
import wexilla.core.clock.DayProblem.Person;
import wexilla.core.clock.DayProblem.Window;
import wexilla.core.clock.DayWhy;
import wexilla.core.quantity.text.CookWords;

/**
 * How far the rules of a day bend where it cannot be kept: what must follow within a time may come later, somebody may have
 * to stay longer. Nothing is refused as impossible, and what bends is told with its minutes.
 */
public final class Leeway {

    /** Minutes later, as little as will do. */
    public static final List<Integer> LATER = List.of(0, 5, 10, 20, 40, 80, 160, 320, DayProblem.NEVER);

    private Leeway() {}

    /**
     * What a plan does not keep of a problem, and what to do about it, in the cook's words.
     *
     * @param plan of this problem or of an eased one
     */
    public static List<String> told(DayProblem problem, DayPlan plan) {
        List<String> told = new ArrayList<>();
        longer(problem, plan, told);
        late(problem, plan, told);
        return told;
    }

    /** What must follow within a time may follow so much later. */
    public static DayProblem eased(DayProblem problem, int later) {
        return later == 0
                ? problem
                : problem.with(problem.lags().stream()
                        .map(lag -> lag.most() >= DayProblem.NEVER
                                ? lag
                                : new Lag(
                                        lag.from(),
                                        lag.to(),
                                        lag.least(),
                                        Math.min(DayProblem.NEVER, lag.most() + later)))
                        .toList());
    }

    /** As if everybody who is still there stayed as long as it takes; where nobody is left, as if all came back. */
    public static DayProblem present(DayProblem problem) {
        int now = problem.live().now();
        boolean anybody = problem.people().stream().anyMatch(person -> until(person) > now);
        List<Person> people = problem.people().stream()
                .map(person -> anybody && until(person) <= now ? person : staying(person, now))
                .toList();
        return problem.with(people, problem.gear());
    }

    private static int until(Person person) {
        return person.there().stream().mapToInt(Window::to).max().orElse(0);
    }

    private static Person staying(Person person, int now) {
        List<Window> there = new ArrayList<>(person.there());
        Window last = there.isEmpty() ? new Window(now, now) : there.remove(there.size() - 1);
        there.add(new Window(last.from(), DayProblem.NEVER));
        return new Person(person.name(), there);
    }

    /** Who is needed longer than she is there. */
    private static void longer(DayProblem problem, DayPlan plan, List<String> told) {
        for (int who = 0; who < problem.people().size(); who++) {
            Person person = problem.people().get(who);
            int until = until(person);
            int end = 0;
            for (int job = 0; job < plan.starts().size(); job++) {
                end = plan.people().get(job) == who ? Math.max(end, plan.end(job)) : end;
            }
            if (end > until) {
                told.add(person.name() + " is needed " + (end - until)
                        + " min longer than planned: leave a dish out, or let somebody help");
            }
        }
    }

    /** What follows later than it should, and what to do about it. */
    private static void late(DayProblem problem, DayPlan plan, List<String> told) {
        Set<Integer> begun = problem.begunJobs();
        for (Lag lag : problem.lags()) {
            int over = plan.start(lag.to()) - plan.end(lag.from()) - lag.most();
            if (over <= 0 || begun.contains(lag.to())) {
                continue;
            }
            told.add(
                    DayTimeline.cooker(problem, lag.from())
                            ? plan.job(lag.from()).dish() + " is done and nobody comes for "
                                    + (over + lag.most())
                                    + " min: only if the cooker keeps it warm at 60 °C or more, or somebody stays up"
                            : words(plan, lag, over));
        }
    }

    private static String words(DayPlan plan, Lag lag, int over) {
        if (plan.job(lag.to()).text().equals(DayTasks.TABLE)) {
            return plan.job(lag.from()).dish() + " is ready " + CookWords.minutes(over + lag.most())
                    + " before the table: keep it hot, covered in the oven at 80 °C or on the lowest flame";
        }
        if (plan.job(lag.from()).touch() == DayProblem.Touch.RAW) {
            return plan.job(lag.from()).dish() + ": raw for " + CookWords.minutes(over + lag.most()) + " between “"
                    + DayWhy.brief(plan.job(lag.from()).text()) + "” and “"
                    + DayWhy.brief(plan.job(lag.to()).text()) + "”: into the fridge meanwhile";
        }
        String dish = plan.job(lag.to()).dish();
        String what = dish + ": “" + DayWhy.brief(plan.job(lag.to()).text()) + "” comes " + over
                + " min later than it should";
        if (lag.most() >= DayTasks.INTO_COLD - DayTasks.COOL) {
            return what + "; into the cold within " + DayTasks.INTO_COLD
                    + " min of the heat: lay it out shallow or in an ice bath now, or heat it to the boil again";
        }
        boolean held = !plan.job(lag.from()).holds().isEmpty();
        return what
                + (held
                        ? ": turn “" + DayWhy.brief(plan.job(lag.from()).text()) + "” low, or take it off and cover it"
                        : "");
    }
}
