package wexilla.core.food.book;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * The closed lists of words that may stand beside a food's name without making another food of it, from {@code
 * reference/words.properties}: qualities, states, preparations, shapes and remarks (design: things, section 1).
 */
public final class Vocabulary {

    /** What a word is. */
    public enum Kind {
        QUALITY,
        /** A quality in front of the name only. */
        FRONT,
        STATE,
        /** Said of what has a maker. */
        MADE,
        /** In front of a name what a maker did to it, behind it what the cook does: "marinated prawns", "prawns, marinated". */
        DONE,
        PREP,
        SHAPE,
        FILLER,
        REMARK
    }

    /**
     * Words of a list met in a row of words.
     *
     * @param length how many words it spans
     * @param states what it says of the state; several where the food decides: ground
     */
    public record Said(Kind kind, int length, List<State> states) {}

    private record Entry(Kind kind, List<State> states) {}

    private static final Pattern PERCENT = Pattern.compile("\\d{1,3}(?:[.,]\\d)?%");
    private static final Vocabulary KITCHEN = read();

    private final Map<String, Entry> entries = new HashMap<>();
    private final Set<String> words = new HashSet<>();
    /** How many words the longest entry has that begins with this one. */
    private final Map<String, Integer> longest = new HashMap<>();

    private final Map<String, String> same = new HashMap<>();
    private volatile Spelling.@Nullable Index index;

    /** The lists that ship with Wexilla. */
    public static Vocabulary kitchen() {
        return KITCHEN;
    }

    private static Vocabulary read() {
        Vocabulary vocabulary = new Vocabulary();
        ResourceBundle lists = ResourceBundle.getBundle("reference.words", Locale.ROOT);
        lists.keySet().stream().sorted().forEach(meaning -> vocabulary.add(meaning, lists.getString(meaning)));
        return vocabulary;
    }

    private void add(String meaning, String list) {
        String[] of = meaning.split("\\.");
        if (of[0].equals("same")) {
            for (String other : list.split(",")) {
                same.put(other.strip(), of[1]);
                words.add(other.strip());
            }
            return;
        }
        for (String typed : list.split(",")) {
            String said = typed.strip().toLowerCase(Locale.ROOT);
            String[] parts = said.split(" ");
            words.addAll(List.of(parts));
            longest.merge(parts[0], parts.length, Math::max);
            if (of[0].equals("other") || of[0].equals("spelt")) {
                continue;
            }
            List<State> states = of[0].equals("state") ? List.of(State.ofWord(of[1])) : List.of();
            Kind kind = Kind.valueOf(of[0].toUpperCase(Locale.ROOT));
            entries.merge(said, new Entry(kind, states), Vocabulary::both);
        }
    }

    /** A word of two lists is a state first; of two states both are kept. */
    private static Entry both(Entry first, Entry second) {
        if (first.states().isEmpty() || second.states().isEmpty()) {
            return first.states().isEmpty() && !second.states().isEmpty() ? second : first;
        }
        return new Entry(
                first.kind(), List.of(first.states().get(0), second.states().get(0)));
    }

    /** What the words from here on say, the longest first; null when the first of them is of none of the lists. */
    @Nullable
    Said at(List<String> lower, int from, int end) {
        int most = longest.getOrDefault(lower.get(from), 0);
        for (int length = Math.min(most, end - from); length > 0; length--) {
            Entry entry =
                    entries.get(length == 1 ? lower.get(from) : String.join(" ", lower.subList(from, from + length)));
            if (entry != null) {
                return new Said(entry.kind(), length, entry.states());
            }
        }
        return lower.get(from).endsWith("%") && PERCENT.matcher(lower.get(from)).matches()
                ? new Said(Kind.QUALITY, 1, List.of())
                : null;
    }

    /** Whether this word is spelt right: it stands in one of the lists. */
    boolean spells(String word) {
        return words.contains(word);
    }

    /** The word this one is compared as: another spelling, or the same thing in another country. */
    String same(String singular) {
        return same.getOrDefault(singular, singular);
    }

    Spelling.Index index() {
        Spelling.Index made = index;
        if (made == null) {
            made = new Spelling.Index(words, true);
            index = made;
        }
        return made;
    }
}
