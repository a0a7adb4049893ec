package wexilla.core.recipe.lines;

import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wexilla.core.food.Food;
import wexilla.core.food.book.Grammar;

/** How the steps of a recipe speak of its lines. */
public final class Mentions {

    /** Short words that name a food by themselves. */
    private static final Set<String> SHORT = Grammar.words("short");

    private static final Pattern WORDS = Pattern.compile("[\\s,-]+");

    private Mentions() {}

    /** All names of a food and of its kinds, in lower case. */
    static Stream<String> names(Food food) {
        return Stream.concat(food.names(), food.kinds().stream()).map(name -> name.toLowerCase(Locale.ROOT));
    }

    /** Its names, and the last word of each: "flour" for plain flour. */
    public static Stream<String> shortNames(Food food) {
        return names(food).flatMap(name -> Stream.of(name, name.substring(name.lastIndexOf(' ') + 1)));
    }

    /** Whether a text says one of a food's names, or the last word of one, in one or many. @param text in lower case */
    public static boolean named(Food food, String text) {
        return shortNames(food)
                .filter(name -> name.length() > 3 || SHORT.contains(name))
                .anyMatch(name -> Pattern.compile("\\b" + Pattern.quote(name) + "(?:e?s)?\\b")
                        .matcher(text)
                        .find());
    }

    /** The words by which a step may speak of a line. */
    public static Stream<String> of(ReadLine line) {
        Food food = line.food();
        Stream<String> names = food == null
                ? Stream.of(line.foodName().toLowerCase(Locale.ROOT))
                : Stream.concat(names(food), groups(food));
        return Stream.concat(names, Stream.of(line.preparation().toLowerCase(Locale.ROOT)))
                .flatMap(name -> Stream.concat(Stream.of(name), WORDS.splitAsStream(name)))
                .filter(word -> word.length() > 3
                        || SHORT.contains(word)
                        || food != null && food.names().anyMatch(word::equalsIgnoreCase))
                .map(word -> word.endsWith("oes") || word.endsWith("ves")
                        ? word.substring(0, word.length() - 3)
                        : word.endsWith("s") && !word.endsWith("ss") ? word.substring(0, word.length() - 1) : word);
    }

    /**
     * The nouns by which a step names what a line brings: its names, the last word of each, and "the meat", "the
     * vegetables". Of "brown onion" no step says "brown" of the mince.
     *
     * @return in small letters, of one
     */
    public static Set<String> nouns(ReadLine line) {
        Food food = line.food();
        String written = line.foodName().toLowerCase(Locale.ROOT).strip();
        Stream<String> names = food == null
                ? Stream.of(written, written.substring(written.lastIndexOf(' ') + 1))
                : Stream.of(
                                shortNames(food),
                                groups(food).filter(COMMON::contains),
                                animal(food),
                                Stream.of(written.substring(written.lastIndexOf(' ') + 1)))
                        .flatMap(all -> all);
        return names.filter(word -> word.length() > 2).map(Mentions::one).collect(Collectors.toUnmodifiableSet());
    }

    private static final Set<String> COMMON = Set.of("meat", "joint", "bird", "fish", "vegetable", "cheese", "season");

    private static Stream<String> animal(Food food) {
        return food.traits().rawFlesh()
                ? food.traits().animals().stream().map(animal -> animal.name().toLowerCase(Locale.ROOT))
                : Stream.of();
    }

    private static String one(String word) {
        if (word.endsWith("oes")) {
            return word.substring(0, word.length() - 2);
        }
        return word.endsWith("s") && !word.endsWith("ss") ? word.substring(0, word.length() - 1) : word;
    }

    /** "Season", "the vegetables", "the meat". */
    private static Stream<String> groups(Food food) {
        if (food.seasoning()) {
            return Stream.of("season", "spice", "herb");
        }
        return switch (food.traits().aisle()) {
            case "meat" -> Stream.of("meat", "joint", "bird");
            case "fish" -> Stream.of("fish");
            case "vegetables" -> Stream.of("vegetable", "greens", "herbs");
            case "tins" -> Stream.of("tins", "beans", "liquid", "sauce");
            case "dairy" -> Stream.of("cheese");
            case "dry" -> Stream.of("pulses", "dry");
            default -> Stream.of();
        };
    }
}
