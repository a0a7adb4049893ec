package wexilla.core.food;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * All foods known, found by what people write. A name is met anywhere in the text, in singular or plural; the longest
 * name wins, then the one that ends last ("chicken stock cube" is a cube).
 */
public final class FoodBook {

    /**
     * A food met in a row of words.
     *
     * @param from its first word
     * @param to behind its last word
     * @param kind what is said of it by the name it goes by: "penne" of pasta, "red" of a red pepper; usually empty
     */
    public record Match(Food food, int from, int to, String kind) {}

    private static final Pattern SPACE = Pattern.compile("\\s+");

    private record Entry(Food food, String kind) {}

    /** A tree of words; the way to a node spells a name. */
    private static final class Node {
        private final Map<String, Node> next = new HashMap<>(2);
        private @Nullable Entry entry;
    }

    private final @Nullable FoodBook under;
    private final Map<Key, Food> byKey = new HashMap<>();
    private final Node root = new Node();

    public FoodBook(Collection<Food> foods) {
        this(null, foods);
    }

    private FoodBook(@Nullable FoodBook under, Collection<Food> foods) {
        this.under = under;
        for (Food food : foods) {
            byKey.put(food.key(), food);
            food.names().forEach(name -> {
                add(name, new Entry(food, ""));
                add(name.replace(",", ""), new Entry(food, ""));
            });
        }
        for (Food food : foods) {
            Set<String> own = food.names()
                    .flatMap(name -> words(name).stream())
                    .map(Plurals::singular)
                    .collect(Collectors.toCollection(HashSet::new));
            for (String kind : food.kinds()) {
                String said = words(kind).stream()
                        .filter(word -> !own.contains(Plurals.singular(word)))
                        .collect(Collectors.joining(" "));
                add(kind, new Entry(food, said));
            }
        }
    }

    private void add(String name, Entry entry) {
        if (under != null && entryOf(under.root, words(name)) != null) {
            return;
        }
        Node node = root;
        for (String word : words(name)) {
            node = node.next.computeIfAbsent(Plurals.singular(word), w -> new Node());
        }
        if (node.entry == null) {
            node.entry = entry;
        }
    }

    /**
     * This book with more foods in it; a name that is taken stays with the food that has it. A food with the key of one
     * that is there takes its place under all its names: the same food, better known.
     */
    public FoodBook with(Collection<Food> more) {
        return new FoodBook(this, more);
    }

    public Optional<Food> get(Key key) {
        Food own = byKey.get(key);
        return own != null || under == null ? Optional.ofNullable(own) : under.get(key);
    }

    private Food better(Food food) {
        return byKey.getOrDefault(food.key(), food);
    }

    /** The food whose whole name this is. */
    public Optional<Food> named(String name) {
        List<String> words = words(name);
        Entry entry = entryOf(root, words);
        return entry != null || under == null
                ? Optional.ofNullable(entry).map(Entry::food)
                : under.named(name).map(this::better);
    }

    private static @Nullable Entry entryOf(Node root, List<String> words) {
        Node node = root;
        for (String word : words) {
            node = node == null ? null : node.next.get(Plurals.singular(word));
        }
        return node == null ? null : node.entry;
    }

    /** The food met in this text. */
    public Optional<Food> find(String text) {
        List<String> words = SPACE.splitAsStream(text.strip()).toList();
        return find(words, 0, words.size()).map(Match::food);
    }

    /**
     * The food met in these words, beginning at one of the first {@code heads} of them from {@code start} on; it may end
     * later, but goes on behind a word with a comma only if its name has that comma.
     */
    public Optional<Match> find(List<String> words, int start, int heads) {
        List<String> singular = words.stream().map(FoodBook::compared).toList();
        Match best = null;
        for (int from = start; from < Math.min(heads, singular.size()); from++) {
            Match here = longest(words, singular, from);
            if (here != null && (best == null || length(here) >= length(best))) {
                best = here;
            }
        }
        return Optional.ofNullable(best);
    }

    private static int length(Match match) {
        return match.to() - match.from();
    }

    private @Nullable Match longest(List<String> words, List<String> singular, int from) {
        Match below = under == null ? null : under.longest(words, singular, from);
        Match found = null;
        Node node = root;
        for (int to = from; node != null && to < words.size(); to++) {
            boolean behindComma = to > from && words.get(to - 1).endsWith(",");
            node = behindComma ? node.next.get(",") : node;
            node = node == null ? null : node.next.get(singular.get(to));
            if (node == null) {
                break;
            }
            if (node.entry != null) {
                found = new Match(node.entry.food(), from, to + 1, node.entry.kind());
            }
        }
        return below != null && (found == null || length(below) >= length(found))
                ? new Match(better(below.food()), below.from(), below.to(), below.kind())
                : found;
    }

    private static String compared(String word) {
        int end = word.length();
        while (end > 0 && ",.:;".indexOf(word.charAt(end - 1)) >= 0) {
            end--;
        }
        return Plurals.singular(word.substring(0, end));
    }

    /** The words of a name; a comma is a word of its own. */
    private static List<String> words(String text) {
        return SPACE.splitAsStream(text.strip().replace(",", " , "))
                .filter(word -> !word.isEmpty())
                .toList();
    }
}
