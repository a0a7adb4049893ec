package wexilla.core.clock;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import wexilla.core.clock.DayProblem.Gear;
import wexilla.core.clock.DayProblem.Job;
import wexilla.core.clock.DayProblem.Kind;
import wexilla.core.clock.DayProblem.Lag;

/** A cook day as plain numbers, forwards or backwards; people are the first units, gear comes after them. */
final class Numbers {

    final int[][] minutes;
    final int[][] celsius;
    final boolean[] hands;
    final int[][] kinds;
    final int[][] lagFrom;
    final int[][] lagLeast;
    final int[][] lagMost;
    final int[][] units;
    final int[] ovenOf;
    /** The job placed before whose pot it is in; -1 for none. */
    final int[] carrier;
    /** The first job in the same pot. */
    private final int[] pots;

    final int peopleCount;
    final int unitCount;
    /** Whether a unit is a slow burner, and whether a job may not be on one. */
    final boolean[] slow;

    final boolean[] strong;
    private final DayProblem.Touch[] touch;
    private final int[] load;
    private final boolean[][] joined;
    private final boolean backwards;

    /** @param backwards whether what follows is what comes before */
    Numbers(DayProblem problem, boolean backwards) {
        List<Job> all = problem.jobs();
        int jobs = all.size();
        this.backwards = backwards;
        touch = all.stream().map(Job::touch).toArray(DayProblem.Touch[]::new);
        strong = new boolean[jobs];
        joined = new boolean[jobs][jobs];
        for (Lag lag : problem.lags()) {
            if (lag.most() < DayProblem.NEVER) {
                joined[lag.from()][lag.to()] = true;
                joined[lag.to()][lag.from()] = true;
            }
        }
        pots = problem.pots();
        int[] forward = problem.carriers();
        carrier = new int[jobs];
        Arrays.fill(carrier, -1);
        for (int job = 0; job < jobs; job++) {
            if (forward[job] >= 0) {
                carrier[backwards ? forward[job] : job] = backwards ? job : forward[job];
            }
        }
        minutes = new int[jobs][];
        celsius = new int[jobs][];
        hands = new boolean[jobs];
        kinds = new int[jobs][];
        for (int job = 0; job < jobs; job++) {
            Job one = all.get(job);
            minutes[job] = one.settings().stream()
                    .mapToInt(DayProblem.Setting::minutes)
                    .toArray();
            celsius[job] = one.settings().stream()
                    .mapToInt(DayProblem.Setting::celsius)
                    .toArray();
            hands[job] = one.hands();
            strong[job] = one.strong();
            kinds[job] = one.holds().stream().mapToInt(Enum::ordinal).toArray();
        }
        peopleCount = problem.people().size();
        unitCount = peopleCount + problem.gear().size();
        units = new int[Kind.values().length][];
        ovenOf = new int[unitCount];
        slow = new boolean[unitCount];
        load = new int[unitCount];
        for (Kind kind : Kind.values()) {
            List<Integer> own = new ArrayList<>();
            for (int i = 0; i < problem.gear().size(); i++) {
                Gear gear = problem.gear().get(i);
                ovenOf[peopleCount + i] = gear.oven();
                slow[peopleCount + i] = gear.slow();
                load[peopleCount + i] = DayProblem.between(gear.kind());
                if (gear.kind() == kind && !gear.out()) {
                    own.add(peopleCount + i);
                }
            }
            // a slow burner comes last: it is taken only where a full one is free later
            own.sort(Comparator.comparing(unit -> slow[unit]));
            units[kind.ordinal()] = own.stream().mapToInt(i -> i).toArray();
        }
        int[] count = new int[jobs];
        for (Lag lag : problem.lags()) {
            count[backwards ? lag.from() : lag.to()]++;
        }
        lagFrom = new int[jobs][];
        lagLeast = new int[jobs][];
        lagMost = new int[jobs][];
        for (int job = 0; job < jobs; job++) {
            lagFrom[job] = new int[count[job]];
            lagLeast[job] = new int[count[job]];
            lagMost[job] = new int[count[job]];
        }
        Arrays.fill(count, 0);
        for (Lag lag : problem.lags()) {
            int to = backwards ? lag.from() : lag.to();
            lagFrom[to][count[to]] = backwards ? lag.to() : lag.from();
            lagLeast[to][count[to]] = lag.least();
            lagMost[to][count[to]++] = lag.most();
        }
    }

    /** Minutes a unit needs between two jobs, of which the first is first on the board's clock. */
    int between(int unit, int first, int then) {
        if (unit >= peopleCount) {
            return load[unit] == 0 || joined[first][then] || pots[first] == pots[then] ? 0 : load[unit];
        }
        int before = backwards ? then : first;
        int after = backwards ? first : then;
        return touch[before] == DayProblem.Touch.RAW && touch[after] == DayProblem.Touch.READY ? DayProblem.CLEAN : 0;
    }

    /** The job that was placed first of those in one pot with it. */
    int firstInPot(int job) {
        int first = job;
        while (carrier[first] >= 0) {
            first = carrier[first];
        }
        return first;
    }

    int choices(int job) {
        return minutes[job].length;
    }

    boolean hasHands(int job) {
        return hands[job];
    }

    /** Minutes of its shortest setting. */
    int shortest(int job) {
        return Arrays.stream(minutes[job]).min().orElse(0);
    }
}
