package wexilla.core.food.book;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import wexilla.core.food.Food;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.quantity.text.AmountReader;

/**
 * Where an "and" parts nothing: "ham and pea soup" is a soup, as its last word says. A thing that stands by itself before
 * it stays apart: "coleslaw and potato salad".
 */
final class Compounds {

    private static final WordLists HEADS = WordLists.of("heads");
    private static final Pattern MADE = HEADS.list("made");
    private static final Pattern PERHAPS = HEADS.list("perhaps");
    private static final Set<String> AND = Set.of("and", "&");
    private static final Set<String> PARTING = Grammar.words("parting");
    /** Classes of what is a thing by itself and goes into no soup by its name. */
    private static final Set<String> BY_ITSELF = Set.of("condiments", "jars", "soup", "cooked-dish", "salads", "bread");
    /** A longer name before the "and" is a clause of its own. */
    private static final int LONGEST = 3;

    private Compounds() {}

    /** Whether this is the last word of a thing made of others: a head that is never shared, "ham and pea soup". */
    static boolean heads(String word) {
        return MADE.matcher(word).matches() || PERHAPS.matcher(word).matches();
    }

    /** The places of the words that belong to one thing with the word behind them. */
    static Set<Integer> in(List<String> words, FoodBook foods) {
        Set<Integer> glued = new HashSet<>();
        for (int at = 1; at < words.size() - 2; at++) {
            if (!AND.contains(words.get(at).toLowerCase(Locale.ROOT))) {
                continue;
            }
            int from = begin(words, at);
            int to = end(words, at + 1);
            if (from < at && at - from <= LONGEST && to - at > 2 && isOne(words, from, at, to, foods)) {
                for (int inside = from; inside < to - 1; inside++) {
                    glued.add(inside);
                }
            }
        }
        return glued;
    }

    private static boolean isOne(List<String> words, int from, int and, int to, FoodBook foods) {
        String second = String.join(" ", bare(words.subList(and + 1, to)));
        if (counted(second)) {
            return false;
        }
        boolean made = ends(MADE, second);
        boolean known = foods.named(second).isPresent();
        if (!made && !ends(PERHAPS, second) || known && !made) {
            return false;
        }
        List<String> first = bare(words.subList(from, and));
        Food food = Phrase.of(foods, first).food();
        String name = String.join(" ", first);
        return !known || !ends(MADE, name) && (food == null || !BY_ITSELF.contains(food.keepingClass()));
    }

    private static boolean ends(Pattern heads, String name) {
        return heads.matcher(name).results().anyMatch(head -> head.end() == name.length() && head.start() > 0);
    }

    private static boolean counted(String text) {
        try {
            return AmountReader.read(text).isPresent();
        } catch (NotAnAmount noAmount) {
            return true;
        }
    }

    private static int begin(List<String> words, int and) {
        int from = and;
        while (from > 0 && !parts(words.get(from - 1))) {
            from--;
        }
        return from;
    }

    private static int end(List<String> words, int from) {
        int to = from;
        while (to < words.size() && !parts(words.get(to)) && !words.get(to).startsWith("(")) {
            to++;
        }
        return to < words.size() && words.get(to).endsWith(",") ? to + 1 : to;
    }

    private static boolean parts(String word) {
        return word.endsWith(",") || PARTING.contains(word.toLowerCase(Locale.ROOT));
    }

    private static List<String> bare(List<String> words) {
        List<String> bare = new ArrayList<>();
        words.forEach(word -> bare.add(PhraseReader.bare(word).toLowerCase(Locale.ROOT)));
        return bare;
    }
}
