package wexilla.core.planning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import wexilla.core.money.Money;
import wexilla.core.planning.MenuProblem.Choice;

/** The next best choices for a meal of a plan, with what each costs in money, minutes and waste. */
public final class MenuSwaps {

    private static final int MOST = 3;

    private final MenuProblem problem;
    private final List<Choice> choices;
    private final Currency currency;
    private final MenuScore score;
    private final MenuTables tables;
    private final MenuState state;
    private final MenuMoves moves;

    public MenuSwaps(MenuProblem problem, List<Choice> choices, Currency currency) {
        this.problem = problem;
        this.choices = List.copyOf(choices);
        this.currency = currency;
        score = MenuScore.of(problem, choices);
        tables = new MenuTables(problem);
        state = new MenuState(tables);
        for (int i = 0; i < choices.size(); i++) {
            state.set(i, tables.code(choices.get(i)));
        }
        state.settle();
        state.keep();
        moves = new MenuMoves(tables, state, new SplittableRandom(1), new int[0]);
    }

    /**
     * Another choice for a meal, and what the whole plan becomes with it.
     *
     * @param cost minor units more to be paid; {@code minutes} of hands more; {@code wasted} minor units more that pass
     *     their date; all may be negative
     */
    public record Swap(Choice choice, String name, long cost, int minutes, long wasted, String words) {}

    private record Tried(Choice choice, long total) {}

    /** The best first, each another dish; none for a meal that stays. */
    public List<Swap> of(int at) {
        if (!problem.meals().get(at).open()) {
            return List.of();
        }
        List<Tried> tried = new ArrayList<>();
        for (int code : moves.candidates(at)) {
            state.set(at, code);
            tried.add(new Tried(tables.choice(code), state.settle()));
            state.undo();
        }
        tried.sort(Comparator.comparingLong(Tried::total));
        Map<String, Swap> swaps = new LinkedHashMap<>();
        String now = problem.name(choices.get(at));
        for (Tried one : tried) {
            String name = problem.name(one.choice());
            boolean breaks = one.total() - score.total() > MenuWeights.HARD / 2;
            if (swaps.size() < MOST && !name.equalsIgnoreCase(now) && !breaks) {
                swaps.computeIfAbsent(name, own -> swap(at, one.choice()));
            }
        }
        return List.copyOf(swaps.values());
    }

    private Swap swap(int at, Choice choice) {
        List<Choice> other = new ArrayList<>(choices);
        other.set(at, choice);
        MenuScore now = MenuScore.of(problem, other);
        long cost = (now.cost() - score.cost()) / MenuWeights.MINOR;
        int minutes = now.minutes() - score.minutes();
        long wasted = (now.wasted() - score.wasted()) / MenuWeights.MINOR;
        List<String> words = new ArrayList<>();
        words.add(cost == 0 ? "same money" : money(cost) + (cost > 0 ? " more" : " less"));
        words.add(minutes == 0 ? "same hands" : Math.abs(minutes) + (minutes > 0 ? " min more" : " min less"));
        if (wasted != 0) {
            words.add(money(wasted) + (wasted > 0 ? " more" : " less") + " thrown away");
        }
        return new Swap(choice, problem.name(choice), cost, minutes, wasted, String.join(", ", words));
    }

    private String money(long minor) {
        return Money.of(Math.abs(minor), currency).decimal();
    }
}
