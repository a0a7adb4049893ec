package wexilla.core.clock;

import java.util.ArrayList;
import java.util.List;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.clock.DayProblem.Kind;
import wexilla.core.clock.DayProblem.Lag;
import wexilla.core.quantity.text.CookWords;

/** Why a job of a finished plan stands where it stands: what it follows, what it waits for, what follows it. */
public final class DayWhy {

    private static final int LONGEST = 46;

    private DayWhy() {}

    /** In the cook's words. */
    public static String of(DayPlan plan, int job) {
        List<String> why = new ArrayList<>();
        for (Lag lag : plan.problem().lags()) {
            if (lag.to() == job && plan.start(job) == plan.end(lag.from()) + lag.least()) {
                why.add("right after " + name(plan, lag.from(), job));
            }
        }
        if (why.isEmpty() && plan.start(job) == 0) {
            why.add("the day begins with it");
        }
        int hot = DayProblem.preheat(plan.job(job));
        if (why.isEmpty() && hot > 0 && plan.start(job) == hot) {
            why.add("the oven is hot by then");
        }
        if (why.isEmpty()) {
            waits(plan, job, why);
        }
        if (why.isEmpty()) {
            for (Lag lag : plan.problem().lags()) {
                boolean soon = lag.from() == job && lag.most() < DayProblem.NEVER;
                if (soon && plan.start(lag.to()) >= plan.end(job)) {
                    why.add("so that " + name(plan, lag.to(), job) + " follows within "
                            + CookWords.minutes(lag.most()));
                }
            }
        }
        settings(plan, job, why);
        return why.isEmpty() ? "nothing hurries it" : String.join("; ", why);
    }

    /** What was busy until just then. */
    private static void waits(DayPlan plan, int job, List<String> why) {
        for (int other = 0; other < plan.starts().size(); other++) {
            if (other == job || plan.end(other) > plan.start(job)) {
                continue;
            }
            int free = plan.start(job) - plan.end(other);
            int who = plan.people().get(job);
            if (free == 0 && who >= 0 && who == plan.people().get(other)) {
                why.add(plan.problem().people().get(who).name() + " is at " + name(plan, other, job) + " until then");
            }
            boolean dirty = plan.job(other).touch() == DayProblem.Touch.RAW
                    && plan.job(job).touch() == DayProblem.Touch.READY;
            if (dirty
                    && free <= DayProblem.CLEAN
                    && who >= 0
                    && who == plan.people().get(other)) {
                why.add(DayProblem.CLEAN + " min to clean board and hands after " + name(plan, other, job));
            }
            for (int held : plan.gear().get(other)) {
                Gear gear = plan.problem().gear().get(held);
                boolean same = plan.gear().get(job).contains(held);
                int load = DayProblem.between(gear.kind());
                if (free == 0 && same) {
                    why.add("the " + gear.name() + " is free of " + name(plan, other, job) + " only then");
                } else if (same && free == load) {
                    why.add("the " + gear.name() + " is emptied of " + name(plan, other, job) + " first, "
                            + CookWords.minutes(load));
                } else if (free <= DayProblem.CHANGE && gear.kind() == Kind.RACK && oven(plan, job) == gear.oven()) {
                    why.add("the oven has to change from " + celsius(plan, other) + " to " + celsius(plan, job)
                            + " °C");
                }
            }
        }
    }

    /** @return the oven a job is in; -1 for none */
    private static int oven(DayPlan plan, int job) {
        return plan.gear().get(job).stream()
                .map(held -> plan.problem().gear().get(held))
                .filter(gear -> gear.kind() == Kind.RACK)
                .map(Gear::oven)
                .findFirst()
                .orElse(-1);
    }

    private static void settings(DayPlan plan, int job, List<String> why) {
        Job one = plan.problem().jobs().get(job);
        int own = one.settings().get(0).celsius();
        if (plan.settings().get(job) != 0) {
            why.add("shares the oven at " + celsius(plan, job) + " instead of " + own + " °C: "
                    + CookWords.minutes(plan.minutes(job)) + " instead of "
                    + CookWords.minutes(one.settings().get(0).minutes()));
        }
    }

    private static int celsius(DayPlan plan, int job) {
        return plan.problem()
                .jobs()
                .get(job)
                .settings()
                .get(plan.settings().get(job))
                .celsius();
    }

    private static String name(DayPlan plan, int job, int seenFrom) {
        Job one = plan.problem().jobs().get(job);
        boolean same = one.sameDish(plan.problem().jobs().get(seenFrom));
        return (same || one.dish().isEmpty() ? "" : one.dish() + ": ") + "“" + brief(one.text()) + "”";
    }

    /** The beginning of a long text, by whole words, without its full stop. */
    public static String brief(String text) {
        String said = text.replaceFirst("\\.$", "");
        int space = said.lastIndexOf(' ', LONGEST);
        return said.length() <= LONGEST ? said : said.substring(0, space < 10 ? LONGEST : space) + " …";
    }
}
