package wexilla.core.food.book;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.book.FoodBook.Match;
import wexilla.core.food.book.Vocabulary.Kind;
import wexilla.core.food.book.Vocabulary.Said;
import wexilla.core.food.facts.Cut;
import wexilla.core.food.facts.Making;

/** One look at a row of words: which name of the book covers them. */
final class PhraseReader {

    /** Behind these words stands what is done to the food, or another one: its name ends before. */
    private static final Set<String> BORDERS = Grammar.words("border");

    /** States of a food that make no other thing of it: an unknown one is named without them. */
    private static final Set<State> PASSING =
            Set.of(State.FROZEN, State.FRESH, State.RAW, State.THAWED, State.OPENED, State.GRATED);

    /** Only said of meat. */
    private static final Set<State> FLESH = Set.of(State.STUFFED, State.TENDERISED);

    private static final Set<String> JOINT = Set.of("roast", "roasts");

    private final FoodBook book;
    private final List<String> words;
    private final List<String> lower;
    private final List<String> compared;
    /** Places of words that part nothing: "ham and pea soup". */
    private final Set<Integer> compounds;

    PhraseReader(FoodBook book, List<String> words) {
        this.book = book;
        this.words = words;
        this.lower =
                words.stream().map(word -> bare(word).toLowerCase(Locale.ROOT)).toList();
        this.compared = words.stream().map(FoodBook::compared).toList();
        this.compounds = Compounds.in(words, book);
    }

    static String bare(String word) {
        int end = word.length();
        while (end > 0 && ",.:;".indexOf(word.charAt(end - 1)) >= 0) {
            end--;
        }
        return word.substring(0, end);
    }

    Phrase phrase(List<String> read) {
        int end = head(0);
        while (end < words.size() && free(0, end, null) && names(0, end).isEmpty()) {
            end = head(BORDERS.contains(lower.get(end)) ? end + 1 : end);
        }
        Match best = null;
        int bestEnd = end;
        for (Match match : names(0, end)) {
            int here = match.to() <= end ? end : head(match.to());
            boolean covers = covers(match, here);
            if (covers && (best == null || match.to() - match.from() >= best.to() - best.from())) {
                best = match;
                bestEnd = here;
            }
        }
        if (best != null) {
            return known(best, bestEnd, read);
        }
        Phrase stated = stated(end, read);
        return stated != null ? stated : unknown(end, read);
    }

    /** Behind the last word before a comma or a border, beginning at this word. */
    private int head(int from) {
        int end = from;
        while (end < words.size()
                && (end == from || !border(end))
                && (end == from || !words.get(end - 1).endsWith(","))) {
            end++;
        }
        return end;
    }

    /** "Mixed" begins a remark only before what it is mixed with. */
    private boolean border(int at) {
        boolean mixed = lower.get(at).equals("mixed")
                && at + 1 < lower.size()
                && Set.of("with", "into", "in", "together").contains(lower.get(at + 1));
        return mixed || BORDERS.contains(lower.get(at)) && !compounds.contains(at);
    }

    private List<Match> names(int from, int end) {
        List<Match> met = new ArrayList<>();
        for (int i = from; i < end; i++) {
            met.addAll(book.at(words, compared, i));
        }
        return met;
    }

    private boolean covers(Match match, int end) {
        return !done(match.from(), match.food())
                && free(0, match.from(), match.food())
                && free(match.to(), Math.max(match.to(), end), match.food())
                && !front(match.to(), end);
    }

    /** Whether a maker has done something in front of the name to what has none. */
    private boolean done(int to, Food food) {
        if (food.traits().contents().making() == Making.MADE) {
            return false;
        }
        for (int at = 0; at < to; at++) {
            Said said = Vocabulary.kitchen().at(lower, at, to);
            if (said != null && said.kind() == Kind.DONE) {
                return true;
            }
        }
        return false;
    }

    /** Whether nothing in these words makes another food of the one that is named. */
    boolean free(int from, int to, @Nullable Food food) {
        int at = from;
        while (at < to) {
            Said said = Vocabulary.kitchen().at(lower, at, to);
            if (said != null && leaves(said, food)) {
                at += said.length();
            } else if (food != null
                    && book.named(lower.get(at)).filter(food::equals).isPresent()) {
                at++;
            } else {
                return false;
            }
        }
        return true;
    }

    /**
     * Whether what is said leaves the food what it is: parts make another thing of a whole bird, only meat is stuffed or
     * rolled, and only what has a maker can be ready-made.
     */
    private static boolean leaves(Said said, @Nullable Food food) {
        if (food == null) {
            return true;
        }
        boolean whole = food.traits().cut() == Cut.BIRD && said.kind() == Kind.SHAPE;
        boolean filled = said.states().stream().anyMatch(FLESH::contains)
                && (!food.traits().rawFlesh()
                        || food.traits().animals().stream().noneMatch(animal -> animal.land() || animal.bird()));
        boolean bought = said.kind() == Kind.MADE && food.traits().contents().making() != Making.MADE;
        return !whole && !filled && !bought;
    }

    /** Whether one of these words may only stand in front of a name. */
    private boolean front(int from, int to) {
        for (int at = from; at < to; at++) {
            Said said = Vocabulary.kitchen().at(lower, at, to);
            if (said != null && said.kind() == Kind.FRONT) {
                return true;
            }
        }
        return false;
    }

    List<State> states(int from, int to, int nameFrom, int nameTo) {
        Set<State> states = new LinkedHashSet<>();
        int at = from;
        while (at < to) {
            Said said =
                    at >= nameFrom && at < nameTo ? null : Vocabulary.kitchen().at(lower, at, to);
            if (said != null) {
                states.addAll(said.states());
            }
            at += said == null ? 1 : said.length();
        }
        return List.copyOf(states);
    }

    private Phrase known(Match match, int end, List<String> read) {
        Food food = match.food();
        List<State> states = joint(food, match.to(), end)
                ? Stream.concat(
                                states(0, match.to(), match.from(), match.to()).stream(),
                                states(match.to() + 1, end, -1, -1).stream())
                        .toList()
                : states(0, end, match.from(), match.to());
        String kind = match.kind();
        String said = String.join(" ", lower.subList(match.from(), match.to()));
        for (State state : states) {
            Optional<Food> other = book.inState(food, state, said);
            if (other.isPresent()) {
                boolean general = state == State.COOKED
                        && other.get()
                                .names()
                                .noneMatch(n -> n.endsWith(match.food().name()));
                kind = general && kind.isEmpty() ? said : kind;
                food = other.get();
                break;
            }
        }
        return new Phrase(food, food.name(), match.from(), match.to(), end, kind, states, read);
    }

    /** "Chuck roast" is a joint and raw; roast chicken is cooked (design: facts, section 2). */
    private boolean joint(Food food, int behind, int end) {
        return food.traits().rawFlesh()
                && behind < end
                && !words.get(behind - 1).endsWith(",")
                && JOINT.contains(lower.get(behind));
    }

    /** "Roast lamb" is cooked lamb, though nobody sells a thing called lamb. */
    private @Nullable Phrase stated(int end, List<String> read) {
        List<State> states = states(0, end, -1, -1);
        if (states.isEmpty()) {
            return null;
        }
        List<String> left = new ArrayList<>();
        int first = -1;
        int last = -1;
        int at = 0;
        while (at < end) {
            Said said = Vocabulary.kitchen().at(lower, at, end);
            if (said == null) {
                left.add(lower.get(at));
                first = first < 0 ? at : first;
                last = at;
            }
            at += said == null ? 1 : said.length();
        }
        for (State state : states) {
            Optional<Food> food =
                    left.isEmpty() ? Optional.empty() : book.named(state.words() + " " + String.join(" ", left));
            if (food.isPresent()) {
                return new Phrase(food.get(), food.get().name(), first, last + 1, end, "", states, read);
            }
        }
        return null;
    }

    private Phrase unknown(int end, List<String> read) {
        int from = 0;
        int to = end;
        Said said;
        while (from < to && (said = Vocabulary.kitchen().at(lower, from, to)) != null && passing(said)) {
            from += said.length();
        }
        while (to > from + 1
                && (said = Vocabulary.kitchen().at(lower, to - 1, to)) != null
                && said.kind() == Kind.PREP) {
            to--;
        }
        if (free(from, to, null)) {
            return new Phrase(null, "", 0, 0, end, "", states(0, end, -1, -1), List.of());
        }
        String name = bare(String.join(" ", words.subList(from, to)));
        return new Phrase(null, name, from, to, end, "", states(0, end, -1, -1), List.of());
    }

    private static boolean passing(Said said) {
        return said.kind() != Kind.SHAPE && (said.kind() != Kind.STATE || PASSING.containsAll(said.states()));
    }
}
