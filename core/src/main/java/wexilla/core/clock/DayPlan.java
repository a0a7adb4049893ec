package wexilla.core.clock;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.quantity.Trade;

/**
 * When everything of a cook day is done.
 *
 * @param starts minute of each job, {@code settings} which of its settings it has
 * @param people who does it, by place; -1 for what goes on by itself
 * @param gear what it holds, in the order of the job's kinds, by place
 */
public record DayPlan(
        DayProblem problem,
        List<Integer> starts,
        List<Integer> settings,
        List<Integer> people,
        List<List<Integer>> gear) {

    /** A pause of the hands shorter than this is of no use. */
    static final int SMALL_GAP = Trade.whole("day.small-gap");

    private static final int SLACK = Trade.whole("day.slack-percent");

    public DayPlan {
        starts = List.copyOf(starts);
        settings = List.copyOf(settings);
        people = List.copyOf(people);
        gear = gear.stream().map(List::copyOf).toList();
    }

    public int start(int job) {
        return starts.get(job);
    }

    public int minutes(int job) {
        return problem.jobs().get(job).settings().get(settings.get(job)).minutes();
    }

    public int end(int job) {
        return start(job) + minutes(job);
    }

    /** The minute nothing more is left for the hands; 0 when there never was. */
    public int handsFree() {
        return IntStream.range(0, starts.size())
                .filter(job -> problem.jobs().get(job).hands())
                .map(this::end)
                .max()
                .orElse(0);
    }

    /** The minute everything is done. */
    public int end() {
        return IntStream.range(0, starts.size()).map(this::end).max().orElse(0);
    }

    /** The begins of what goes on alone for long, together. */
    public int longWaits() {
        return IntStream.range(0, starts.size())
                .filter(job -> problem.jobs().get(job).longWait())
                .map(this::start)
                .sum();
    }

    /** How many pauses of the hands are too short to be of use. */
    public int smallGaps() {
        int gaps = 0;
        for (int person = 0; person < problem.people().size(); person++) {
            int who = person;
            int[] own = IntStream.range(0, starts.size())
                    .filter(job -> people.get(job) == who)
                    .boxed()
                    .sorted(Comparator.comparing(this::start))
                    .mapToInt(job -> job)
                    .toArray();
            for (int i = 1; i < own.length; i++) {
                int gap = start(own[i]) - end(own[i - 1]);
                gaps += gap > 0 && gap < SMALL_GAP ? 1 : 0;
            }
        }
        return gaps;
    }

    /**
     * When the oven is turned on for a job, as it is cold until then.
     *
     * @return empty where it is hot from another dish, or the job is in no oven
     */
    public OptionalInt ovenOn(int job) {
        int minutes = DayProblem.preheat(job(job));
        for (int other = 0; other < starts.size() && minutes > 0; other++) {
            boolean before = start(other) < start(job) || start(other) == start(job) && other < job;
            if (other != job
                    && before
                    && DayProblem.preheat(job(other)) > 0
                    && end(other) + DayProblem.CHANGE >= start(job)) {
                minutes = 0;
            }
        }
        return minutes == 0 ? OptionalInt.empty() : OptionalInt.of(start(job) - minutes);
    }

    /** The oven's setting at a job; 0 without one. */
    public int celsius(int job) {
        return job(job).settings().get(settings.get(job)).celsius();
    }

    /** The minute nothing more is left for the hands where interruptions and washing up take their part of them. */
    public int handsFreeLate() {
        int most = 0;
        for (int person = 0; person < problem.people().size(); person++) {
            int who = person;
            most = Math.max(
                    most,
                    IntStream.range(0, starts.size())
                            .filter(job -> people.get(job) == who)
                            .map(this::minutes)
                            .sum());
        }
        return handsFree() + most * SLACK / 100;
    }

    /** Everything as late as the end allows: what is hot at the table does not wait for it. */
    public DayPlan late() {
        DayPlan late = this;
        int[][] groups = Groups.of(problem);
        List<int[]> byClock = Arrays.stream(groups)
                .sorted(Comparator.comparing((int[] group) -> -start(group[group.length - 1])))
                .toList();
        for (int[] group : byClock) {
            for (int by = end() - end(group[group.length - 1]); by > 0; by--) {
                DayPlan moved = late.moved(group, by);
                if (moved.end() <= end() && DayCheck.broken(moved).isEmpty()) {
                    late = moved;
                    break;
                }
            }
        }
        return late;
    }

    /**
     * The same plan, in which a dish stays where it is: of burners that are alike each job has the one the dish had before,
     * and takes none another dish comes back to, where that can be.
     */
    public DayPlan settled() {
        int[] freeFrom = new int[problem.gear().size()];
        int[] had = new int[problem.gear().size()];
        Arrays.fill(had, -1);
        List<List<Integer>> own = new ArrayList<>(gear);
        Map<String, Integer> lastUse = new HashMap<>();
        for (int job = 0; job < starts.size(); job++) {
            for (int unit : gear.get(job)) {
                lastUse.merge(job(job).key() + like(unit), start(job), Math::max);
            }
        }
        Set<Integer> begun = problem.begunJobs();
        for (int job : byClock()) {
            List<Integer> held = new ArrayList<>();
            for (int unit : gear.get(job)) {
                held.add(
                        begun.contains(job) || problem.gear().get(unit).kind() != DayProblem.Kind.BURNER
                                ? unit
                                : pick(job, unit, held, freeFrom, had, lastUse));
            }
            for (int unit : held) {
                freeFrom[unit] = end(job);
                had[unit] = job;
            }
            own.set(job, held);
        }
        DayPlan settled = new DayPlan(problem, starts, settings, people, own);
        return DayCheck.broken(settled).isEmpty() ? settled : this;
    }

    private int pick(int job, int unit, List<Integer> held, int[] freeFrom, int[] had, Map<String, Integer> lastUse) {
        int best = unit;
        int bestRank = Integer.MAX_VALUE;
        for (int other = 0; other < problem.gear().size(); other++) {
            int before = had[other];
            if (!like(other).equals(like(unit)) || held.contains(other) || freeFrom[other] > start(job)) {
                continue;
            }
            boolean same = before >= 0 && job(before).sameDish(job(job));
            boolean comesBack =
                    before >= 0 && !same && lastUse.getOrDefault(job(before).key() + like(other), 0) > start(job);
            int rank = same ? 0 : comesBack ? 2 : 1;
            if (rank < bestRank) {
                best = other;
                bestRank = rank;
            }
        }
        return best;
    }

    /** What a thing is like: one of these is as good as another. */
    private String like(int unit) {
        DayProblem.Gear one = problem.gear().get(unit);
        return one.kind() + " " + one.oven() + " " + one.slow() + " " + one.out();
    }

    private DayPlan moved(int[] group, int by) {
        List<Integer> moved = new ArrayList<>(starts);
        for (int job : group) {
            moved.set(job, starts.get(job) + by);
        }
        return new DayPlan(problem, moved, settings, people, gear);
    }

    /** The goals in their order: hands free, all done, long waits early, few small gaps. */
    public int[] goals() {
        return new int[] {handsFree(), end(), longWaits(), smallGaps()};
    }

    /** Whether this is better than the other: the first goal that differs decides. */
    public boolean better(DayPlan other) {
        return Arrays.compare(goals(), other.goals()) < 0;
    }

    /** The jobs in the order of the clock. */
    public List<Integer> byClock() {
        return IntStream.range(0, starts.size())
                .boxed()
                .sorted(Comparator.<Integer, Integer>comparing(this::start)
                        .thenComparing(this::end)
                        .thenComparing(j -> j))
                .toList();
    }

    public Job job(int at) {
        return problem.jobs().get(at);
    }
}
