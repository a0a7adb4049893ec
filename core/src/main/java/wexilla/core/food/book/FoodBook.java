package wexilla.core.food.book;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.Key;

/**
 * All foods known, found by what people write, in singular or plural. A name is met where it covers its {@link Phrase};
 * the longest name wins, then the one that ends last ("chicken stock cube" is a cube).
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

    /** In characters. */
    private static final int LONGEST_NAME = 300;

    private static final Pattern SPACE = Pattern.compile("\\s+");

    private record Entry(Food food, String kind) {}

    /** A tree of words; the way to a node spells a name. */
    private static final class Node {
        private final Map<String, Node> next = new HashMap<>(2);
        private @Nullable Entry entry;
    }

    private final @Nullable FoodBook under;
    private final Map<Key, Food> byKey = new HashMap<>();
    private final Map<String, Spooned> bySpoon;
    private final Node root = new Node();
    private final Set<String> spelt = new HashSet<>();
    private volatile Spelling.@Nullable Index index;

    /**
     * A name that means another food by the spoon than by the piece: pepper.
     *
     * @param key of the food it is by the teaspoon or pinch
     * @param bare whether it is that food also by the tablespoon and when no amount is written
     */
    public record Spooned(Key key, boolean bare) {}

    public FoodBook(Collection<Food> foods) {
        this(null, foods, Map.of());
    }

    /** @param bySpoon names, in the singular, that mean another food by the spoon */
    public FoodBook(Collection<Food> foods, Map<String, Spooned> bySpoon) {
        this(null, foods, bySpoon);
    }

    private FoodBook(@Nullable FoodBook under, Collection<Food> foods, Map<String, Spooned> bySpoon) {
        this.under = under;
        this.bySpoon = Map.copyOf(bySpoon);
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
            String singular = Plurals.singular(word);
            spelt.add(singular);
            node = node.next.computeIfAbsent(singular, w -> new Node());
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
        return new FoodBook(this, more, bySpoon);
    }

    /** The food of this key, a food in a state made from what it is made of. */
    public Optional<Food> get(Key key) {
        Food own = byKey.get(key);
        if (own != null) {
            return Optional.of(own);
        }
        int mark = key.id().indexOf(Variant.MARK);
        if (mark > 0) {
            return get(Key.food(key.id().substring(0, mark)))
                    .flatMap(food -> Variant.of(food, State.ofWord(key.id().substring(mark + 1))));
        }
        return under == null ? Optional.empty() : under.get(key);
    }

    /** The food this name means by the spoon, where that is another one. */
    public Optional<Food> bySpoon(String name, boolean orBare) {
        Spooned spooned = bySpoon.get(Plurals.singular(words(name)));
        return spooned == null || orBare && !spooned.bare() ? Optional.empty() : get(spooned.key());
    }

    /**
     * This food in this state: the thing the book has under that name, else what the state makes of it; empty when the
     * state makes no other thing of it.
     *
     * @param said the name it was called by
     */
    public Optional<Food> inState(Food food, State state, String said) {
        if (food.names().anyMatch(name -> name.startsWith(state.words() + " "))) {
            return Optional.empty();
        }
        Optional<Food> named = Stream.concat(Stream.of(said), food.names())
                .flatMap(name -> named(state.words() + " " + name).stream())
                .filter(other -> !other.key().equals(food.key()))
                .findFirst();
        if (named.isPresent() || food.key() instanceof Key.OfBatch || food.key() instanceof Key.OfDish) {
            return named;
        }
        boolean meat = state == State.COOKED && food.keepingClass().startsWith("raw-");
        Optional<Food> ofItsMeat = meat && !food.traits().protein().isEmpty()
                ? named("cooked " + food.traits().protein())
                : Optional.empty();
        return ofItsMeat.isPresent() ? ofItsMeat : Variant.of(food, state);
    }

    private Spelling.Index index() {
        Spelling.Index made = index;
        if (made == null) {
            made = new Spelling.Index(spelt, false);
            index = made;
        }
        return made;
    }

    /** Whether this word stands in some name, in the singular. */
    private boolean spells(String singular) {
        return spelt.contains(singular) || (under != null && under.spells(singular));
    }

    /** The one known word this is a slip of the pen of; empty when there is none, or two are as near. */
    public Optional<String> meant(String word) {
        String singular = compared(word);
        if (word.length() < Spelling.SHORTEST
                || spells(singular)
                || Vocabulary.kitchen().spells(word.toLowerCase(Locale.ROOT))
                || Vocabulary.kitchen().spells(singular)) {
            return Optional.empty();
        }
        Spelling near = new Spelling(singular);
        for (FoodBook book = this; book != null; book = book.under) {
            book.index().forEach(near);
        }
        Vocabulary.kitchen().index().forEach(near);
        return near.nearest();
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

    /** Every food of the book, once. */
    Stream<Food> foods() {
        Stream<Food> below =
                under == null ? Stream.empty() : under.foods().filter(food -> !byKey.containsKey(food.key()));
        return Stream.concat(byKey.values().stream(), below);
    }

    private static @Nullable Entry entryOf(Node root, List<String> words) {
        Node node = root;
        for (String word : words) {
            node = node == null ? null : node.next.get(Plurals.singular(word));
        }
        return node == null ? null : node.entry;
    }

    /**
     * The food these words name: covered by its name, up to words that make no other food of it. No name is longer than
     * 300 characters.
     */
    public Optional<Food> find(String text) {
        if (text.length() > LONGEST_NAME) {
            return Optional.empty();
        }
        List<String> words = SPACE.splitAsStream(text.strip().replace(",", ", "))
                .filter(word -> !word.isEmpty())
                .toList();
        return Optional.ofNullable(Phrase.of(this, words).food());
    }

    /** Every name that begins at this word, longer ones last; a name ends at a comma it does not have itself. */
    List<Match> at(List<String> words, List<String> compared, int from) {
        List<Match> met = under == null
                ? new ArrayList<>()
                : new ArrayList<>(under.at(words, compared, from).stream()
                        .map(below -> new Match(better(below.food()), below.from(), below.to(), below.kind()))
                        .toList());
        Node node = root;
        for (int to = from; node != null && to < words.size(); to++) {
            boolean behindComma = to > from && words.get(to - 1).endsWith(",");
            node = behindComma ? node.next.get(",") : node;
            node = node == null ? null : node.next.get(compared.get(to));
            if (node != null && node.entry != null) {
                int end = to + 1;
                if (met.stream().noneMatch(below -> below.to() == end)) {
                    met.add(new Match(node.entry.food(), from, end, node.entry.kind()));
                }
            }
        }
        return met;
    }

    /** Where in these words an "and" stands inside a thing that is one by its last word: "ham and pea soup". */
    public Set<Integer> glued(List<String> words) {
        return Compounds.in(words, this);
    }

    /** Where in these words a comma, an "and" or an "or" stands inside a name. */
    public Set<Integer> inNames(List<String> words) {
        List<String> compared = words.stream().map(FoodBook::compared).toList();
        Set<Integer> inside = Compounds.in(words, this);
        for (int from = 0; from < words.size(); from++) {
            for (Match match : at(words, compared, from)) {
                for (int at = from; at < match.to() - 1; at++) {
                    inside.add(at);
                }
            }
        }
        return inside;
    }

    /** Whether this word is the last of a thing that is made of what is named before it: soup, pie, sauce. */
    public boolean heads(String word) {
        return Compounds.heads(word);
    }

    /** Whether two words are one, in singular or plural: "1 egg plus 1 egg yolk" says its name twice. */
    public static boolean same(String one, String other) {
        return compared(one).equals(compared(other));
    }

    static String compared(String word) {
        int end = word.length();
        while (end > 0 && ",.:;".indexOf(word.charAt(end - 1)) >= 0) {
            end--;
        }
        return Plurals.singular(word.substring(0, end));
    }

    /** The words of a name; a comma is a word of its own. */
    static List<String> words(String text) {
        return SPACE.splitAsStream(text.strip().replace(",", " , "))
                .filter(word -> !word.isEmpty())
                .toList();
    }
}
