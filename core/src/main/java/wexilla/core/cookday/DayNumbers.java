package wexilla.core.cookday;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import wexilla.core.cookday.DayProblem.Gear;
import wexilla.core.cookday.DayProblem.Job;
import wexilla.core.cookday.DayProblem.Kind;
import wexilla.core.cookday.DayProblem.Lag;

/** A cook day as plain numbers, forwards or backwards; people are the first units, gear comes after them. */
final class DayNumbers {

    final int[][] minutes;
    final int[][] celsius;
    final boolean[] hands;
    final int[][] kinds;
    final int[][] lagFrom;
    final int[][] lagLeast;
    final int[][] lagMost;
    final int[][] units;
    final int[] ovenOf;
    final int peopleCount;
    final int unitCount;

    /** @param backwards whether what follows is what comes before */
    DayNumbers(DayProblem problem, boolean backwards) {
        List<Job> all = problem.jobs();
        int jobs = all.size();
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
            kinds[job] = one.holds().stream().mapToInt(Enum::ordinal).toArray();
        }
        peopleCount = problem.people().size();
        unitCount = peopleCount + problem.gear().size();
        units = new int[Kind.values().length][];
        ovenOf = new int[unitCount];
        for (Kind kind : Kind.values()) {
            List<Integer> own = new ArrayList<>();
            for (int i = 0; i < problem.gear().size(); i++) {
                Gear gear = problem.gear().get(i);
                ovenOf[peopleCount + i] = gear.oven();
                if (gear.kind() == kind) {
                    own.add(peopleCount + i);
                }
            }
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
