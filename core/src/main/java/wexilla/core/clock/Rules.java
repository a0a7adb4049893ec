package wexilla.core.clock;

import java.util.Comparator;
import java.util.Random;
import java.util.stream.IntStream;
import wexilla.core.clock.DayProblem.Lag;

/** Orders to begin with, by priority. */
final class Rules {

    private Rules() {}

    /** Longest rest of the day after it, longest wait, most hands, and as they come. */
    static int[] order(int rule, DayProblem problem, Board board) {
        int[] tail = tails(problem, board);
        Comparator<Integer> by = Comparator.comparing(group -> switch (rule) {
            case 0 -> -longest(board.groups[group], tail);
            case 1 -> -waits(board, group);
            case 2 -> waits(board, group) - longest(board.groups[group], tail);
            default -> group;
        });
        return IntStream.range(0, board.groups.length)
                .boxed()
                .sorted(by.thenComparing(group -> group))
                .mapToInt(group -> group)
                .toArray();
    }

    static int[] shuffled(int n, Random random) {
        int[] order = IntStream.range(0, n).toArray();
        for (int i = n - 1; i > 0; i--) {
            int j = random.nextInt(i + 1);
            int swapped = order[i];
            order[i] = order[j];
            order[j] = swapped;
        }
        return order;
    }

    private static int longest(int[] group, int[] of) {
        int longest = 0;
        for (int job : group) {
            longest = Math.max(longest, of[job]);
        }
        return longest;
    }

    private static int waits(Board board, int group) {
        int waits = 0;
        for (int job : board.groups[group]) {
            waits += board.of.hasHands(job) ? 0 : board.of.shortest(job);
        }
        return waits;
    }

    /** The longest chain from the begin of each job to the end of the day. */
    private static int[] tails(DayProblem problem, Board board) {
        int[] order = Groups.order(problem);
        int[] tail = new int[board.jobs];
        for (int i = order.length - 1; i >= 0; i--) {
            int job = order[i];
            int after = 0;
            for (Lag lag : problem.lags()) {
                if (lag.from() == job) {
                    after = Math.max(after, lag.least() + tail[lag.to()]);
                }
            }
            tail[job] = board.of.shortest(job) + after;
        }
        return tail;
    }
}
