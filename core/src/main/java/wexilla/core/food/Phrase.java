package wexilla.core.food;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.FoodBook.Match;
import wexilla.core.food.Vocabulary.Kind;
import wexilla.core.food.Vocabulary.Said;

/**
 * The words of a line behind its amount, and which food they name. A name is met only if it covers its phrase up to words
 * that are known to change nothing about which food it is; what it does not cover is another food and keeps its own words
 * (design: things, section 1).
 *
 * @param food null when no name covers the phrase
 * @param name of the food; the words of the phrase when nobody knows it; empty when the words name nothing at all
 * @param from first word of the name, {@code to} behind its last
 * @param end where the phrase ends: at a comma or at a word that begins a remark
 * @param kind what the name says beyond the food's own: "penne" of pasta
 * @param states what the words say of its state, in their order
 * @param read words that were read as others: "brocolli: broccoli"
 */
public record Phrase(
        @Nullable Food food,
        String name,
        int from,
        int to,
        int end,
        String kind,
        List<State> states,
        List<String> read) {

    /** Behind these words stands what is done to the food, or another one: its name ends before. */
    private static final Set<String> BORDERS = Set.of(
            "in",
            "with",
            "without",
            "for",
            "from",
            "plus",
            "dissolved",
            "to",
            "at",
            "cut",
            "as",
            "or",
            "and",
            "&",
            "+",
            "weighing",
            "–",
            "—",
            "-",
            "/",
            "see",
            "if",
            "on",
            "until",
            "then",
            "such",
            "preferably",
            "according",
            "per",
            "made",
            "which",
            "that",
            "left",
            "by",
            "into",
            "over",
            "save",
            "used",
            "using",
            "depending",
            "because",
            "but",
            "not",
            "no",
            "when",
            "while",
            "enough",
            "should",
            "will",
            "can",
            "may");

    /** States of a food that make no other thing of it: an unknown one is named without them. */
    private static final Set<State> PASSING =
            Set.of(State.FROZEN, State.FRESH, State.RAW, State.THAWED, State.OPENED, State.GRATED);

    private static final FoodBook NO_FOODS = new FoodBook(List.of());

    public Phrase {
        states = List.copyOf(states);
        read = List.copyOf(read);
    }

    /** What is in these words; a word ends with its comma. */
    public static Phrase of(FoodBook book, List<String> words) {
        Reader typed = new Reader(book, words);
        Phrase found = typed.phrase(List.of());
        if (found.food() != null || words.isEmpty()) {
            return found;
        }
        List<String> notes = new ArrayList<>();
        List<String> meant = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            String word = words.get(i);
            String bare = Reader.bare(word);
            Optional<String> known = i < found.end() ? book.meant(bare) : Optional.empty();
            known.ifPresent(right -> notes.add(bare + ": " + right));
            meant.add(known.map(right -> right + word.substring(bare.length())).orElse(word));
        }
        if (notes.isEmpty()) {
            return found;
        }
        Phrase right = new Reader(book, meant).phrase(notes);
        return right.food() != null ? right : found;
    }

    /** Whether the words are nothing but what may stand beside a name. */
    public static boolean namesNothing(List<String> words) {
        return !words.isEmpty() && new Reader(NO_FOODS, words).free(0, words.size(), null);
    }

    /** What these words say of a state, when they say nothing but how a thing is; empty else. */
    public static List<State> states(List<String> words) {
        return namesNothing(words) ? new Reader(NO_FOODS, words).states(0, words.size(), -1, -1) : List.of();
    }

    /** One look at a row of words. */
    private static final class Reader {

        private final FoodBook book;
        private final List<String> words;
        private final List<String> lower;
        private final List<String> compared;

        Reader(FoodBook book, List<String> words) {
            this.book = book;
            this.words = words;
            this.lower = words.stream()
                    .map(word -> bare(word).toLowerCase(Locale.ROOT))
                    .toList();
            this.compared = words.stream().map(FoodBook::compared).toList();
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
            return mixed || BORDERS.contains(lower.get(at));
        }

        private List<Match> names(int from, int end) {
            List<Match> met = new ArrayList<>();
            for (int i = from; i < end; i++) {
                met.addAll(book.at(words, compared, i));
            }
            return met;
        }

        private boolean covers(Match match, int end) {
            return free(0, match.from(), match.food())
                    && free(match.to(), Math.max(match.to(), end), match.food())
                    && !front(match.to(), end);
        }

        /** Whether nothing in these words makes another food of the one that is named. */
        private boolean free(int from, int to, @Nullable Food food) {
            int at = from;
            while (at < to) {
                Said said = Vocabulary.kitchen().at(lower, at, to);
                boolean whole = food != null && food.keepingClass().equals("raw-poultry-whole");
                if (said != null && !(whole && said.kind() == Kind.SHAPE)) {
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

        private List<State> states(int from, int to, int nameFrom, int nameTo) {
            Set<State> states = new LinkedHashSet<>();
            int at = from;
            while (at < to) {
                Said said = at >= nameFrom && at < nameTo
                        ? null
                        : Vocabulary.kitchen().at(lower, at, to);
                if (said != null) {
                    states.addAll(said.states());
                }
                at += said == null ? 1 : said.length();
            }
            return List.copyOf(states);
        }

        private Phrase known(Match match, int end, List<String> read) {
            List<State> states = states(0, end, match.from(), match.to());
            Food food = match.food();
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
}
