package wexilla.core.clock;

import wexilla.core.clock.DayProblem.Person;
import wexilla.core.clock.DayProblem.Window;

/** When people are there, as a board sees it that runs forwards or backwards. */
final class There {

    private final int peopleCount;
    private final boolean backwards;
    private final int[][] windowFrom;
    private final int[][] windowTo;

    There(DayProblem problem, boolean backwards) {
        this.backwards = backwards;
        peopleCount = problem.people().size();
        windowFrom = new int[peopleCount][];
        windowTo = new int[peopleCount][];
        for (int person = 0; person < peopleCount; person++) {
            Person one = problem.people().get(person);
            windowFrom[person] = one.there().stream().mapToInt(Window::from).toArray();
            windowTo[person] = one.there().stream().mapToInt(Window::to).toArray();
        }
    }

    private int[][] mirroredFrom = new int[0][];
    private int[][] mirroredTo = new int[0][];

    /** The times as a board sees them, ending at the horizon where it runs backwards. */
    void look(int horizon) {
        if (!backwards) {
            mirroredFrom = windowFrom;
            mirroredTo = windowTo;
            return;
        }
        mirroredFrom = new int[peopleCount][];
        mirroredTo = new int[peopleCount][];
        for (int person = 0; person < peopleCount; person++) {
            int n = windowFrom[person].length;
            mirroredFrom[person] = new int[n];
            mirroredTo[person] = new int[n];
            for (int i = 0; i < n; i++) {
                mirroredFrom[person][n - 1 - i] = horizon - windowTo[person][i];
                mirroredTo[person][n - 1 - i] = horizon - windowFrom[person][i];
            }
        }
    }

    int inside(int person, int t, int d) {
        int[] from = mirroredFrom[person];
        int[] to = mirroredTo[person];
        for (int i = 0; i < from.length; i++) {
            int at = Math.max(t, from[i]);
            if (at + d <= to[i]) {
                return at;
            }
        }
        return Board.IMPOSSIBLE;
    }

    /** What goes on by itself is begun by somebody who is there; a board that runs backwards looks at its end. */
    int begin(int t, int d) {
        int moment = backwards ? t + d : t;
        int best = Board.IMPOSSIBLE;
        for (int person = 0; person < peopleCount && best > moment; person++) {
            best = Math.min(best, inside(person, moment, 0));
        }
        return best >= Board.IMPOSSIBLE ? Board.IMPOSSIBLE : backwards ? best - d : best;
    }
}
