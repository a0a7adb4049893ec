package wexilla.core.clock;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import wexilla.core.clock.DayProblem.Lag;
import wexilla.core.quantity.Unfit;

/** Jobs that must follow each other within a time, and whatever stands between them, are placed together. */
public final class Groups {

    /** Minutes of play up to which two jobs are placed as one; where there is more, the earlier one is moved if it must. */
    private static final int GLUED = 4;

    private Groups() {}

    /**
     * The groups of what was not begun, the jobs of each in an order in which none follows a later one.
     *
     * @throws Unfit if jobs follow each other in a circle
     */
    static int[][] of(DayProblem problem) {
        int n = problem.jobs().size();
        int[] group = new int[n];
        for (int job = 0; job < n; job++) {
            group[job] = job;
        }
        Set<Integer> begun = problem.begunJobs();
        for (Lag lag : problem.lags()) {
            if (lag.most() - lag.least() <= GLUED && !begun.contains(lag.from()) && !begun.contains(lag.to())) {
                merge(group, lag.from(), lag.to());
            }
        }
        int[] order = order(problem);
        boolean changed = true;
        while (changed) {
            changed = false;
            boolean[][] reach = reach(problem, group);
            for (int a = 0; a < n && !changed; a++) {
                for (int b = a + 1; b < n && !changed; b++) {
                    if (group[a] != group[b] && reach[group[a]][group[b]] && reach[group[b]][group[a]]) {
                        merge(group, a, b);
                        changed = true;
                    }
                }
            }
        }
        List<List<Integer>> found = new ArrayList<>();
        int[] at = new int[n];
        java.util.Arrays.fill(at, -1);
        for (int job : order) {
            if (begun.contains(job)) {
                continue;
            }
            if (at[group[job]] < 0) {
                at[group[job]] = found.size();
                found.add(new ArrayList<>());
            }
            found.get(at[group[job]]).add(job);
        }
        return found.stream()
                .map(own -> own.stream().mapToInt(i -> i).toArray())
                .toArray(int[][]::new);
    }

    private static void merge(int[] group, int a, int b) {
        int from = group[b];
        int to = group[a];
        for (int i = 0; i < group.length; i++) {
            group[i] = group[i] == from ? to : group[i];
        }
    }

    private static boolean[][] reach(DayProblem problem, int[] group) {
        int n = group.length;
        boolean[][] reach = new boolean[n][n];
        problem.lags().forEach(lag -> reach[group[lag.from()]][group[lag.to()]] = true);
        for (int k = 0; k < n; k++) {
            for (int a = 0; a < n; a++) {
                if (reach[a][k]) {
                    for (int b = 0; b < n; b++) {
                        reach[a][b] |= reach[k][b];
                    }
                }
            }
        }
        return reach;
    }

    /** All jobs, none before one it follows. */
    public static int[] order(DayProblem problem) {
        int n = problem.jobs().size();
        int[] left = new int[n];
        problem.lags().forEach(lag -> left[lag.to()]++);
        int[] order = new int[n];
        boolean[] taken = new boolean[n];
        for (int i = 0; i < n; i++) {
            int next = -1;
            for (int job = 0; job < n && next < 0; job++) {
                next = !taken[job] && left[job] == 0 ? job : -1;
            }
            if (next < 0) {
                throw new Unfit("these steps wait for each other in a circle");
            }
            taken[next] = true;
            order[i] = next;
            int done = next;
            problem.lags().stream().filter(lag -> lag.from() == done).forEach(lag -> left[lag.to()]--);
        }
        return order;
    }

    /** For each group the groups that have to be placed before it. */
    static int[][] needs(int[][] groups, int[] groupOf, int[][] lagFrom) {
        List<List<Integer>> before = new ArrayList<>();
        for (int group = 0; group < groups.length; group++) {
            List<Integer> own = new ArrayList<>();
            for (int job : groups[group]) {
                for (int from : lagFrom[job]) {
                    if (groupOf[from] >= 0 && groupOf[from] != group && !own.contains(groupOf[from])) {
                        own.add(groupOf[from]);
                    }
                }
            }
            before.add(own);
        }
        return before.stream()
                .map(own -> own.stream().mapToInt(i -> i).toArray())
                .toArray(int[][]::new);
    }
}
