package wexilla.core.recipe;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wexilla.core.food.book.WordLists;
import wexilla.core.recipe.lines.Mentions;

/**
 * What of a recipe is put on at the table, so that a plate can be served without it: parmesan to serve, yoghurt beside, a
 * garnish. In doubt nothing is: what is cooked, stirred in, layered or left unsaid is in the dish.
 */
public final class AtTable {

    private static final WordLists WORDS = WordLists.of("at-table");
    private static final Pattern SAID = WORDS.list("said");
    private static final Pattern MORE = WORDS.list("more");
    private static final Pattern SERVES = WORDS.list("serves");
    private static final Pattern MIXES = WORDS.list("mixes");
    private static final Pattern LAID = WORDS.list("laid");
    private static final Pattern ONTO = WORDS.list("onto");
    /** A time or a heat, whatever its verb: "25 minutes at 200 °C". */
    private static final Pattern HOT =
            Pattern.compile("\\d\\s*(?:min|h\\b|hour|hr|°)|" + WORDS.list("hot").pattern(), Pattern.CASE_INSENSITIVE);

    private static final Pattern ON_TOP = WORDS.list("on-top");
    private static final Pattern GATHERS = WORDS.list("gathers");
    private static final WordLists VERBS = WordLists.of("step-verbs");
    private static final Pattern WORK =
            Pattern.compile(Stream.of("small", "work", "wait", "stove", "cook", "cut", "shape")
                    .map(list -> VERBS.list(list).pattern())
                    .collect(Collectors.joining("|")));
    private static final List<Pattern> HEATS = List.of(VERBS.list("wait"), VERBS.list("stove"), VERBS.list("cook"));
    private static final Pattern SENTENCE = Pattern.compile("[.;!\\n]+");

    private AtTable() {}

    /** The lines of it that are put on at the table, in their order. */
    public static List<RecipeLine> of(Recipe recipe) {
        List<String> sentences = recipe.steps().stream()
                .flatMap(step -> SENTENCE.splitAsStream(step.text().toLowerCase(Locale.ROOT)))
                .toList();
        return recipe.lines().stream().filter(line -> is(line, sentences)).toList();
    }

    private static boolean is(RecipeLine line, List<String> sentences) {
        String text = line.read().text();
        if (MORE.matcher(text).find()) {
            return false;
        }
        boolean said = SAID.matcher(text).find();
        Set<String> nouns = Mentions.nouns(line.read());
        Pattern named = Pattern.compile(
                nouns.stream().map(Pattern::quote).collect(Collectors.joining("|", "\\b(?:", ")(?:e?s)?\\b")));
        boolean mentioned = false;
        for (int i = 0; i < sentences.size(); i++) {
            Matcher names = named.matcher(sentences.get(i));
            while (names.find()) {
                mentioned = true;
                if (!served(sentences, i, names, said) && !onTop(sentences, i, names)) {
                    return false;
                }
            }
        }
        return said
                || mentioned
                        && sentences.stream()
                                .noneMatch(one -> GATHERS.matcher(one).find());
    }

    /**
     * Whether what is named here is put on a plate, and nothing is heated or stirred from there on.
     *
     * @param said whether its line says so: else "serve the noodles" is what was cooked, "serve with noodles" is not
     */
    private static boolean served(List<String> sentences, int at, Matcher names, boolean said) {
        String sentence = sentences.get(at);
        Matcher serves = SERVES.matcher(sentence.substring(0, names.start()));
        String verb = "";
        int from = -1;
        while (serves.find()) {
            verb = serves.group();
            from = serves.end();
        }
        if (from < 0 || MIXES.matcher(sentence.substring(from)).find()) {
            return false;
        }
        String between = sentence.substring(from, names.start());
        boolean beside = beside(verb, between, sentence.substring(names.end()));
        return (said || beside) && cold(sentences, at, from);
    }

    /** "Serve the soup with it", "scatter it over": it comes to what is there, and is not what is there. */
    private static boolean beside(String verb, String between, String after) {
        int with = between.lastIndexOf(" with ");
        if (with >= 0) {
            return !ONTO.matcher(between.substring(with + 1)).find();
        }
        return LAID.matcher(verb).matches() && !ONTO.matcher(between).find() && !after.contains(" with ");
    }

    /** "…, cheese on top": said by itself. */
    private static boolean onTop(List<String> sentences, int at, Matcher names) {
        String sentence = sentences.get(at);
        int comma = sentence.lastIndexOf(',', names.start());
        String before = sentence.substring(comma + 1, names.start());
        int end = sentence.indexOf(',', names.end());
        String after = sentence.substring(names.end(), end < 0 ? sentence.length() : end);
        return !WORK.matcher(before).find() && ON_TOP.matcher(after).find() && cold(sentences, at, names.end());
    }

    /** Whether nothing is heated from there on. */
    private static boolean cold(List<String> sentences, int at, int from) {
        String then = sentences.get(at).substring(from) + " . "
                + String.join(" . ", sentences.subList(at + 1, sentences.size()));
        return !HOT.matcher(then).find()
                && HEATS.stream().noneMatch(heat -> heat.matcher(then).find());
    }
}
