package wexilla.core.cookday;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import wexilla.core.clock.DayPlan;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.clock.DayProblem.Kind;
import wexilla.core.clock.DayProblem.Touch;
import wexilla.core.quantity.text.CookWords;

/**
 * A cook day on paper: what is written before the first bag is filled, everything by the clock and by person, and what is
 * washed when.
 *
 * @param labels how many packets each dish makes, to write first
 * @param clock every task in the order of the clock, {@code people} the same for each person
 * @param washing what is free to be washed, in the order of the clock
 */
public record DaySheet(List<String> labels, List<Line> clock, List<Own> people, List<Line> washing) {

    /** @param minute of the day; @param words what to do; @param more amounts, cautions, what holds it; may be empty */
    public record Line(int minute, String words, String more, boolean oven) {

        Line(int minute, String words, String more) {
            this(minute, words, more, false);
        }
    }

    /** What one person does. */
    public record Own(String name, List<Line> lines) {

        public Own {
            lines = List.copyOf(lines);
        }
    }

    public DaySheet {
        labels = List.copyOf(labels);
        clock = List.copyOf(clock);
        people = List.copyOf(people);
        washing = List.copyOf(washing);
    }

    public static DaySheet of(DayPlan plan) {
        List<Line> clock = new ArrayList<>();
        List<String> labels = new ArrayList<>();
        List<Own> people = new ArrayList<>();
        for (int job : plan.byClock()) {
            clock.add(line(plan, job));
            plan.ovenOn(job)
                    .ifPresent(on -> clock.add(new Line(on, "oven on, " + plan.celsius(job) + " °C", "", true)));
            Job one = plan.job(job);
            for (var watch : one.aside().watches()) {
                clock.add(new Line(plan.start(job) + watch.at(), one.dish() + ": " + watch.words(), ""));
            }
            if (one.text().startsWith(DayTasks.BAG_IT)) {
                labels.add(one.dish() + ": "
                        + one.text().substring(DayTasks.BAG_IT.length()).strip());
            }
        }
        clock.sort(Comparator.comparing(Line::minute));
        for (int who = 0; who < plan.problem().people().size(); who++) {
            int person = who;
            people.add(new Own(
                    plan.problem().people().get(who).name(),
                    plan.byClock().stream()
                            .filter(job -> plan.people().get(job) == person)
                            .map(job -> line(plan, job))
                            .toList()));
        }
        return new DaySheet(labels, clock, people, washing(plan));
    }

    private static Line line(DayPlan plan, int job) {
        Job one = plan.job(job);
        List<String> more = new ArrayList<>(one.aside().amounts());
        plan.gear()
                .get(job)
                .forEach(held -> more.add(plan.problem().gear().get(held).name()));
        if (plan.celsius(job) > 0) {
            more.add(plan.celsius(job) + " °C");
        }
        int who = plan.people().get(job);
        more.add(CookWords.minutes(plan.minutes(job))
                + (who < 0
                        ? " by itself"
                        : ", " + plan.problem().people().get(who).name()));
        if (!one.aside().caution().isEmpty()) {
            more.add(one.aside().caution());
        }
        return new Line(plan.start(job), one.dish() + ": " + one.text(), String.join(" · ", more));
    }

    /** Boards after raw meat at once; pans, sieves and cookers as they are emptied; pots when their dish is bagged. */
    private static List<Line> washing(DayPlan plan) {
        List<Line> washing = new ArrayList<>();
        for (int job : plan.byClock()) {
            Job one = plan.job(job);
            if (one.touch() == Touch.RAW) {
                washing.add(new Line(
                        plan.end(job), "board and knife of " + one.dish(), "raw: hot water, before anything else"));
            }
            if (one.text().startsWith(DayTasks.BAG_IT)) {
                washing.add(new Line(plan.end(job), "pot and trays of " + one.dish(), ""));
            }
            for (int held : plan.gear().get(job)) {
                Gear gear = plan.problem().gear().get(held);
                boolean washed = gear.kind() != Kind.BURNER && gear.kind() != Kind.RACK && gear.kind() != Kind.COOLING;
                boolean goesOn = IntStream.range(0, plan.starts().size())
                        .anyMatch(next -> plan.start(next) == plan.end(job)
                                && next != job
                                && plan.gear().get(next).contains(held)
                                && plan.job(next).sameDish(one));
                if (washed && !goesOn) {
                    washing.add(new Line(plan.end(job), gear.name() + ", after " + one.dish(), ""));
                }
            }
        }
        washing.sort(Comparator.comparing(Line::minute));
        return washing;
    }
}
