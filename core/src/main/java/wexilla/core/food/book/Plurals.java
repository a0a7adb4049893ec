package wexilla.core.food.book;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** English plurals of kitchen words, so that "2 onions" meets "onion". Only used to compare, never to show. */
final class Plurals {

    private Plurals() {}

    static String singular(List<String> words) {
        return words.stream().map(Plurals::singular).collect(Collectors.joining(" "));
    }

    /** As a word is compared: in the singular, in one spelling. */
    static String singular(String written) {
        return Vocabulary.kitchen().same(one(written));
    }

    private static String one(String written) {
        String word = written.toLowerCase(Locale.ROOT);
        if (word.endsWith("eaves") || word.endsWith("oaves") || word.endsWith("alves")) {
            return word.substring(0, word.length() - 3) + "f";
        }
        if (word.endsWith("ies") && word.length() > 4) {
            return word.substring(0, word.length() - 3) + "y";
        }
        for (String ending : List.of("oes", "sses", "xes", "ches", "shes")) {
            if (word.endsWith(ending)) {
                return word.substring(0, word.length() - 2);
            }
        }
        boolean plural = word.endsWith("s") && !word.endsWith("ss") && !word.endsWith("us") && word.length() > 3;
        return plural ? word.substring(0, word.length() - 1) : word;
    }
}
