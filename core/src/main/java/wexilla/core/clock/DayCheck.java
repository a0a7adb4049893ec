package wexilla.core.clock;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.clock.DayProblem.Kind;
import wexilla.core.clock.DayProblem.Lag;
import wexilla.core.clock.DayProblem.Person;
import wexilla.core.clock.DayProblem.Touch;

/** Looks over a plan of a cook day by itself: it knows the problem and the plan, and nothing of how it was found. */
public final class DayCheck {

    private DayCheck() {}

    /** What does not hold, in words; empty when everything does. */
    public static List<String> broken(DayPlan plan) {
        List<String> broken = new ArrayList<>();
        DayProblem problem = plan.problem();
        Set<Integer> begun = problem.begunJobs();
        int[] pots = problem.pots();
        for (Lag lag : problem.lags()) {
            if (begun.contains(lag.to())) {
                continue;
            }
            int gap = plan.start(lag.to()) - plan.end(lag.from());
            if (gap < lag.least() || gap > lag.most()) {
                broken.add(name(plan, lag.to()) + " begins " + gap + " min after the end of " + name(plan, lag.from())
                        + ", not from " + lag.least() + " to " + lag.most());
            }
        }
        for (int job = 0; job < problem.jobs().size(); job++) {
            if (!begun.contains(job)) {
                alone(plan, job, broken);
            }
            for (int other = job + 1; other < problem.jobs().size(); other++) {
                if (!begun.contains(job) || !begun.contains(other)) {
                    together(plan, job, other, pots, broken);
                }
            }
        }
        pots(plan, broken);
        begun(plan, broken);
        return broken;
    }

    /** What goes on in a pot stays in it, and nothing else comes into it meanwhile. */
    private static void pots(DayPlan plan, List<String> broken) {
        int[] carriers = plan.problem().carriers();
        Set<Integer> begun = plan.problem().begunJobs();
        for (int job = 0; job < carriers.length; job++) {
            int before = carriers[job];
            if (before < 0 || begun.contains(job)) {
                continue;
            }
            int pot = pot(plan, job);
            if (pot != pot(plan, before)) {
                broken.add(name(plan, job) + " is in another pot than before");
            }
            for (int other = 0; other < carriers.length; other++) {
                if (other != job
                        && other != before
                        && plan.gear().get(other).contains(pot)
                        && plan.start(other) < plan.start(job)
                        && plan.end(other) > plan.end(before)) {
                    broken.add(name(plan, other) + " is in the pot of " + name(plan, job));
                }
            }
        }
    }

    private static int pot(DayPlan plan, int job) {
        return plan.gear().get(job).stream()
                .filter(unit -> plan.problem().gear().get(unit).kind() == Kind.POT)
                .findFirst()
                .orElse(-1);
    }

    /** What was begun is where it was. */
    private static void begun(DayPlan plan, List<String> broken) {
        for (DayProblem.Begun one : plan.problem().live().begun()) {
            if (plan.start(one.job()) != one.start() || plan.end(one.job()) != one.end()) {
                broken.add(name(plan, one.job()) + " was begun at another minute");
            }
        }
    }

    /** What holds of a job whatever the others do. */
    private static void alone(DayPlan plan, int at, List<String> broken) {
        Job job = plan.job(at);
        int who = plan.people().get(at);
        int least = plan.problem().notBefore()[at];
        if (plan.start(at) < least) {
            broken.add(name(plan, at) + " begins before " + (least == 0 ? "the day" : "minute " + least));
        }
        if (job.hands() != who >= 0) {
            broken.add(name(plan, at) + (who < 0 ? " has nobody at it" : " needs nobody"));
        }
        if (who >= 0) {
            Person person = plan.problem().people().get(who);
            boolean there = person.there().stream()
                    .anyMatch(window -> window.from() <= plan.start(at) && plan.end(at) <= window.to());
            if (!there) {
                broken.add(person.name() + " is not there for " + name(plan, at));
            }
        } else if (plan.problem().people().stream()
                .flatMap(person -> person.there().stream())
                .noneMatch(window -> window.from() <= plan.start(at) && plan.start(at) <= window.to())) {
            broken.add("nobody is there to begin " + name(plan, at));
        }
        if (plan.settings().get(at) > 0 && !shared(plan, at)) {
            broken.add("nobody shares the oven with " + name(plan, at) + ", and it is not set as written");
        }
        for (int i = 0; i < job.holds().size(); i++) {
            Gear held = plan.problem().gear().get(plan.gear().get(at).get(i));
            if (held.kind() != job.holds().get(i)) {
                broken.add(name(plan, at) + " holds " + held.name() + " instead of a "
                        + job.holds().get(i));
            }
            if (held.out() || held.slow() && job.strong()) {
                broken.add(name(plan, at) + " is on " + held.name() + ", which is "
                        + (held.out() ? "out of order" : "too weak for it"));
            }
        }
    }

    private static boolean shared(DayPlan plan, int job) {
        for (int other = 0; other < plan.starts().size(); other++) {
            boolean overlap = plan.start(job) < plan.end(other) && plan.start(other) < plan.end(job);
            if (other != job && overlap && plan.job(other).holds().contains(Kind.RACK)) {
                return true;
            }
        }
        return false;
    }

    /** One thing is in one place, one person at one thing, one oven at one setting. */
    private static void together(DayPlan plan, int one, int other, int[] pots, List<String> broken) {
        boolean overlap = plan.start(one) < plan.end(other) && plan.start(other) < plan.end(one);
        int who = plan.people().get(one);
        if (overlap && who >= 0 && who == plan.people().get(other)) {
            broken.add(plan.problem().people().get(who).name() + " is at " + name(plan, one) + " and at "
                    + name(plan, other));
        }
        if (who >= 0 && who == plan.people().get(other)) {
            int first = plan.start(one) <= plan.start(other) ? one : other;
            int then = first == one ? other : one;
            boolean dirty =
                    plan.job(first).touch() == Touch.RAW && plan.job(then).touch() == Touch.READY;
            if (dirty && apart(plan, one, other) < DayProblem.CLEAN) {
                broken.add("the board is not cleaned between " + name(plan, first) + " and " + name(plan, then));
            }
        }
        for (int mine : plan.gear().get(one)) {
            for (int theirs : plan.gear().get(other)) {
                if (overlap && mine == theirs) {
                    broken.add(plan.problem().gear().get(mine).name() + " is held by " + name(plan, one) + " and "
                            + name(plan, other));
                }
                int load = DayProblem.between(plan.problem().gear().get(mine).kind());
                if (mine == theirs
                        && apart(plan, one, other) < load
                        && pots[one] != pots[other]
                        && !plan.problem().joined(one, other)) {
                    broken.add("less than " + load + " min between two loads: " + name(plan, one) + " and "
                            + name(plan, other));
                }
                Gear a = plan.problem().gear().get(mine);
                Gear b = plan.problem().gear().get(theirs);
                boolean near = plan.start(one) < plan.end(other) + DayProblem.CHANGE
                        && plan.start(other) < plan.end(one) + DayProblem.CHANGE;
                if (near
                        && a.kind() == Kind.RACK
                        && b.kind() == Kind.RACK
                        && a.oven() == b.oven()
                        && celsius(plan, one) != celsius(plan, other)) {
                    broken.add("one oven is at " + celsius(plan, one) + " and at " + celsius(plan, other) + " °C for "
                            + name(plan, one) + " and " + name(plan, other));
                }
            }
        }
    }

    /** Minutes between two jobs; below nothing where they overlap. */
    private static int apart(DayPlan plan, int one, int other) {
        return Math.max(plan.start(one) - plan.end(other), plan.start(other) - plan.end(one));
    }

    private static int celsius(DayPlan plan, int job) {
        return plan.job(job).settings().get(plan.settings().get(job)).celsius();
    }

    private static String name(DayPlan plan, int at) {
        Job job = plan.job(at);
        return job.dish() + ": " + job.text();
    }
}
