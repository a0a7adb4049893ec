package wexilla.core.menu.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.Currency;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.Predicate;
import wexilla.core.menu.MenuProblem;
import wexilla.core.menu.MenuProblem.Choice;
import wexilla.core.menu.MenuWeights;
import wexilla.core.money.Money;

/** The next best choices for a meal of a plan, with what each costs in money, minutes and waste. */
public final class MenuSwaps {

    private static final int MOST = 3;

    private final MenuProblem problem;
    private final List<Choice> choices;
    private final Currency currency;
    private final Tables tables;
    private final State state;
    private final Moves moves;
    private final Map<Integer, List<Swap>> known = new HashMap<>();

    public MenuSwaps(MenuProblem problem, List<Choice> choices, Currency currency) {
        this.problem = problem;
        this.choices = List.copyOf(choices);
        this.currency = currency;
        tables = new Tables(problem);
        state = new State(tables);
        for (int i = 0; i < choices.size(); i++) {
            state.set(i, tables.code(choices.get(i)));
        }
        state.settle();
        state.keep();
        moves = new Moves(tables, state, new SplittableRandom(1), new int[0]);
    }

    /**
     * Another choice for a meal, and what the whole plan becomes with it.
     *
     * @param cost minor units more to be paid; {@code minutes} of hands more; {@code wasted} minor units more that pass
     *     their date; all may be negative
     */
    public record Swap(Choice choice, String name, long cost, int minutes, long wasted, String words) {}

    private record Tried(Choice choice, long total, Layout.Sums sums) {

        static Tried of(Choice choice, State state) {
            return new Tried(choice, state.settle(), state.sums());
        }
    }

    /** The best first, each another dish; none for a meal that stays. */
    public List<Swap> of(int at) {
        return problem.meals().get(at).open() ? known.computeIfAbsent(at, this::found) : List.of();
    }

    private List<Swap> found(int at) {
        Tried now = Tried.of(choices.get(at), state);
        List<Tried> tried = new ArrayList<>();
        for (int code : moves.candidates(at)) {
            state.set(at, code);
            tried.add(Tried.of(tables.choice(code), state));
            state.undo();
        }
        tried.sort(Comparator.comparingLong(Tried::total));
        Map<String, Swap> swaps = new LinkedHashMap<>();
        String name = problem.name(now.choice());
        for (Tried one : tried) {
            String other = problem.name(one.choice());
            boolean breaks = one.total() - now.total() > MenuWeights.HARD / 2;
            if (swaps.size() < MOST && !other.equalsIgnoreCase(name) && !breaks) {
                swaps.computeIfAbsent(other, own -> swap(now, one));
            }
        }
        return List.copyOf(swaps.values());
    }

    /** The best choice of this kind for a meal, whatever it breaks; empty where none can stand there. */
    public Optional<Swap> best(int at, Predicate<Choice> kind) {
        Tried now = Tried.of(choices.get(at), state);
        Tried best = null;
        for (int code : moves.candidates(at)) {
            if (kind.test(tables.choice(code))) {
                state.set(at, code);
                Tried one = Tried.of(tables.choice(code), state);
                state.undo();
                best = best == null || one.total() < best.total() ? one : best;
            }
        }
        return Optional.ofNullable(best).map(one -> swap(now, one));
    }

    private Swap swap(Tried now, Tried other) {
        long cost = (other.sums().cost() - now.sums().cost()) / MenuWeights.MINOR;
        int minutes = other.sums().minutes() - now.sums().minutes();
        long wasted = (other.sums().wasted() - now.sums().wasted()) / MenuWeights.MINOR;
        List<String> words = new ArrayList<>();
        words.add(cost == 0 ? "same money" : money(cost) + (cost > 0 ? " more" : " less"));
        words.add(minutes == 0 ? "same hands" : Math.abs(minutes) + (minutes > 0 ? " min more" : " min less"));
        if (wasted != 0) {
            words.add(money(wasted) + (wasted > 0 ? " more" : " less") + " thrown away");
        }
        return new Swap(other.choice(), problem.name(other.choice()), cost, minutes, wasted, String.join(", ", words));
    }

    private String money(long minor) {
        return Money.of(Math.abs(minor), currency).decimal();
    }
}
