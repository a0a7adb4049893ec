package wexilla.core.cookday.running;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import wexilla.core.cookday.running.DayTask.State;

/**
 * What a running cook day asks for at a minute.
 *
 * @param hands one for each person
 * @param toBegin what goes on by itself and is to be begun by now
 * @param toEnd what goes on by itself and is to be taken off by now
 */
public record DayNow(List<Hands> hands, List<Integer> toBegin, List<Integer> toEnd) {

    /**
     * @param there whether she is there now
     * @param now what her hands do or are to do now; null for nothing
     * @param next what comes then; null for nothing more
     * @param free minutes nothing needs her, from now on; 0 while her hands are at something
     * @param ready whether what comes next could begin now
     */
    public record Hands(
            String name,
            boolean there,
            @Nullable Integer now,
            @Nullable Integer next,
            int free,
            boolean ready) {}

    public DayNow {
        hands = List.copyOf(hands);
        toBegin = List.copyOf(toBegin);
        toEnd = List.copyOf(toEnd);
    }

    public static DayNow of(DayRun run, int minute) {
        List<Hands> hands = new ArrayList<>();
        for (int person = 0; person < run.day().people().size(); person++) {
            hands.add(hands(run, person, minute));
        }
        return new DayNow(
                hands, alone(run, State.TO_DO, DayTask::start, minute), alone(run, State.BEGUN, DayTask::end, minute));
    }

    private static Hands hands(DayRun run, int person, int minute) {
        List<Integer> own = IntStream.range(0, run.tasks().size())
                .filter(job -> run.tasks().get(job).person() == person
                        && (run.tasks().get(job).state() == State.TO_DO
                                || run.tasks().get(job).state() == State.BEGUN))
                .boxed()
                .sorted(Comparator.<Integer, Boolean>comparing(
                                job -> run.tasks().get(job).state() != State.BEGUN)
                        .thenComparing(job -> run.tasks().get(job).start()))
                .toList();
        boolean there = run.day().people().get(person).there().stream()
                .anyMatch(window -> window.from() <= minute && minute < window.to());
        DayTask first = own.isEmpty() ? null : run.tasks().get(own.get(0));
        boolean due = first != null && (first.state() == State.BEGUN || first.start() <= minute);
        String name = run.day().people().get(person).name();
        if (first == null) {
            return new Hands(name, there, null, null, 0, false);
        }
        Integer next = due ? own.size() > 1 ? own.get(1) : null : own.get(0);
        boolean ready = next != null && run.open(next).isEmpty();
        return new Hands(name, there, due ? own.get(0) : null, next, due ? 0 : first.start() - minute, ready);
    }

    private static List<Integer> alone(
            DayRun run, State state, java.util.function.ToIntFunction<DayTask> by, int minute) {
        return IntStream.range(0, run.tasks().size())
                .filter(job -> !run.day().jobs().get(job).hands())
                .filter(job -> run.tasks().get(job).state() == state)
                .filter(job -> by.applyAsInt(run.tasks().get(job)) <= minute)
                .filter(job -> state != State.TO_DO || run.open(job).isEmpty())
                .boxed()
                .sorted(Comparator.comparing(job -> by.applyAsInt(run.tasks().get(job))))
                .toList();
    }
}
