package wexilla.core.cookday.running;

import java.util.List;

/**
 * How far a job of a running cook day is.
 *
 * @param start when it was begun, or is to begin; {@code end} when it ended, or is to end
 * @param setting of the oven, by place
 * @param person who is at it; -1 for nobody
 * @param gear what it holds, by place
 * @param planned minutes it takes as written; what it took is measured against them. 0 where nobody timed it
 * @param away minutes in it nobody was there
 * @param notBefore the minute somebody moved it to; 0 for none
 */
public record DayTask(
        State state,
        int start,
        int end,
        int setting,
        int person,
        List<Integer> gear,
        int planned,
        int away,
        int notBefore) {

    /** How far a job is. */
    public enum State {
        TO_DO,
        BEGUN,
        DONE,
        LEFT_OUT,
        /** It needs something that is not there any more, or follows what does. */
        WAITS
    }

    public DayTask {
        gear = List.copyOf(gear);
    }

    DayTask as(State other, int from, int to) {
        return new DayTask(other, from, to, setting, person, gear, planned, away, notBefore);
    }

    /** Nobody saw it begin: what it took teaches nothing. */
    DayTask untimed() {
        return new DayTask(state, start, end, setting, person, gear, 0, away, notBefore);
    }

    DayTask awayFor(int minutes) {
        return new DayTask(state, start, end + minutes, setting, person, gear, planned, away + minutes, notBefore);
    }

    DayTask movedTo(int minute) {
        return new DayTask(state, start, end, setting, person, gear, planned, away, minute);
    }

    public boolean over() {
        return state == State.DONE || state == State.LEFT_OUT;
    }
}
