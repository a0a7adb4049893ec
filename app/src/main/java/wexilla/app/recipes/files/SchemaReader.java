package wexilla.app.recipes.files;

import java.time.Duration;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import wexilla.app.recipes.Marks;
import wexilla.app.recipes.RecipeInput;
import wexilla.app.recipes.files.RecipeFiles.Found;
import wexilla.core.quantity.Unfit;
import wexilla.core.quantity.text.CookWords;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeText;
import wexilla.core.recipe.steps.StepTime;

/**
 * Reads schema.org recipes: JSON-LD alone, in a list, in a graph, or in a saved HTML page. Whatever is in a file is
 * text to it: tags are taken out of every word, types that are wrong are named and left out.
 */
final class SchemaReader {

    private static final int DEEPEST = 100;
    private static final int MOST_RECIPES = 2000;
    private static final Pattern COUNT = Pattern.compile("(\\d{1,4})");
    private static final Set<String> READ = Set.of(
            "@context",
            "@type",
            "@id",
            "name",
            "recipeYield",
            "yield",
            "recipeIngredient",
            "ingredients",
            "recipeInstructions",
            "keywords",
            "recipeCategory",
            "recipeCuisine",
            "description",
            "prepTime",
            "cookTime",
            "totalTime");

    private static final JsonMapper JSON = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(DEEPEST)
                            .maxNumberLength(50)
                            .maxStringLength(RecipeFiles.MOST_CHARACTERS)
                            .build())
                    .build())
            .build();

    private SchemaReader() {}

    /**
     * The recipes of a JSON-LD text.
     *
     * @throws IllegalArgumentException if it is no JSON, too deep, or has too many recipes
     */
    static List<Found> json(String text) {
        List<Found> found = new ArrayList<>();
        collect(tree(text), 0, found);
        return found;
    }

    /** The recipes in the JSON-LD scripts of a saved page; what is no JSON there is passed over. */
    static List<Found> page(String html) {
        Document page = Jsoup.parse(html);
        List<Found> found = new ArrayList<>();
        for (Element script : page.select("script[type=application/ld+json]")) {
            try {
                collect(tree(script.data()), 0, found);
            } catch (IllegalArgumentException noJson) {
                continue;
            }
        }
        return found;
    }

    private static JsonNode tree(String text) {
        try {
            return JSON.readTree(text);
        } catch (JacksonException broken) {
            String why = String.valueOf(broken.getOriginalMessage())
                    .lines()
                    .findFirst()
                    .orElse("");
            throw new Unfit("this is no JSON that can be read: " + why);
        }
    }

    private static void collect(JsonNode node, int depth, List<Found> found) {
        if (depth > DEEPEST) {
            throw new Unfit("this file is nested deeper than " + DEEPEST + " levels");
        }
        if (node.isObject() && isA(node, "Recipe")) {
            if (found.size() == MOST_RECIPES) {
                throw new Unfit("more than " + MOST_RECIPES + " recipes; split the file");
            }
            found.add(recipe(node));
            return;
        }
        if (node.isArray() || node.isObject()) {
            node.valueStream().forEach(child -> collect(child, depth + 1, found));
        }
    }

    private static boolean isA(JsonNode node, String type) {
        JsonNode types = node.path("@type");
        Stream<JsonNode> all = types.isArray() ? types.valueStream() : Stream.of(types);
        return all.filter(JsonNode::isString)
                .map(JsonNode::asString)
                .anyMatch(word -> word.replaceFirst("^.*[/#:]", "").equals(type));
    }

    private static Found recipe(JsonNode node) {
        List<String> unread = new ArrayList<>();
        node.propertyNames().stream()
                .filter(name -> !READ.contains(name))
                .sorted()
                .forEach(unread::add);
        List<String> lines = new ArrayList<>();
        texts(node.has("recipeIngredient") ? node.path("recipeIngredient") : node.path("ingredients"))
                .flatMap(String::lines)
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .limit(Recipe.MOST_LINES)
                .forEach(lines::add);
        List<String> steps = new ArrayList<>();
        instructions(node.path("recipeInstructions"), 0, steps, unread);
        Set<String> tags = new LinkedHashSet<>();
        for (String field : List.of("keywords", "recipeCategory", "recipeCuisine")) {
            texts(node.path(field))
                    .flatMap(words -> Stream.of(words.split("[,;]")))
                    .map(String::strip)
                    .filter(tag -> !tag.isEmpty() && tag.length() <= 40)
                    .limit(20)
                    .forEach(tags::add);
        }
        String title = texts(node.path("name")).findFirst().orElse("");
        Integer portions = portions(node.has("recipeYield") ? node.path("recipeYield") : node.path("yield"));
        if (title.isEmpty()) {
            unread.add("name: missing or no text");
        }
        if (portions == null) {
            unread.add("recipeYield: no number of portions");
        }
        String note = Stream.concat(texts(node.path("description")).limit(1), times(node, minutes(steps), unread))
                .filter(words -> !words.isEmpty())
                .reduce((a, b) -> a + "\n" + b)
                .orElse("");
        return new Found(
                new RecipeInput(
                        title.length() > 120 ? title.substring(0, 120) : title,
                        portions,
                        lines.stream().map(Marks::line).toList(),
                        steps.stream().limit(Recipe.MOST_STEPS).map(Marks::step).toList(),
                        note.length() > 4000 ? note.substring(0, 4000) : note,
                        tags.stream().limit(20).toList(),
                        source(node),
                        null,
                        List.of()),
                List.copyOf(unread));
    }

    /** As it came, without the blanks that would indent it: what is nested deep grows by its depth. */
    private static String source(JsonNode node) {
        String text = node.toString();
        return text.length() <= RecipeText.LONGEST ? text : text.substring(0, RecipeText.LONGEST);
    }

    /** What the steps say of their own times, together. */
    private static long minutes(List<String> steps) {
        return steps.stream()
                .map(Marks::step)
                .mapToLong(step -> step.handsMin() == null || step.waitMin() == null
                        ? StepTime.read(step.text()).minutes()
                        : step.handsMin() + step.waitMin())
                .sum();
    }

    /** "Takes 1 h 20 min all together": what the file says of the whole, since it does not say it of each step. */
    private static Stream<String> times(JsonNode node, long ofSteps, List<String> unread) {
        List<String> said = new ArrayList<>();
        for (String field : List.of("prepTime", "cookTime", "totalTime")) {
            String text =
                    node.path(field).isString() ? node.path(field).asString().strip() : "";
            if (node.has(field) && !text.isEmpty()) {
                try {
                    long minutes = Duration.parse(text.toUpperCase(Locale.ROOT)).toMinutes();
                    if (minutes == ofSteps) {
                        continue;
                    }
                    String words = field.replace("Time", "")
                            .replace("prep", "preparation")
                            .replace("cook", "cooking");
                    said.add(words + " " + CookWords.minutes(minutes));
                } catch (DateTimeParseException | ArithmeticException noDuration) {
                    unread.add(field + ": " + plain(text) + " is no ISO 8601 duration");
                }
            }
        }
        return said.isEmpty() ? Stream.empty() : Stream.of("Times in the file: " + String.join(", ", said));
    }

    /** Steps in order: text, a list, HowToStep, HowToSection with its steps. */
    private static void instructions(JsonNode node, int depth, List<String> steps, List<String> unread) {
        if (depth > 6 || steps.size() >= Recipe.MOST_STEPS) {
            return;
        }
        if (node.isString()) {
            Jsoup.parse(node.asString().replaceAll("(?i)<(?:br|/p|/li|/div)[^<>]{0,200}>", "\n"))
                    .wholeText()
                    .lines()
                    .map(String::strip)
                    .filter(line -> !line.isEmpty())
                    .map(SchemaReader::fitting)
                    .forEach(steps::add);
        } else if (node.isArray()) {
            node.valueStream().forEach(child -> instructions(child, depth + 1, steps, unread));
        } else if (node.isObject() && node.has("itemListElement")) {
            if (isA(node, "HowToSection")) {
                texts(node.path("name")).findFirst().ifPresent(name -> unread.add("section: " + name));
            }
            instructions(node.path("itemListElement"), depth + 1, steps, unread);
        } else if (node.isObject()) {
            String text = texts(node.has("text") ? node.path("text") : node.path("name"))
                    .findFirst()
                    .orElse("");
            if (text.isEmpty()) {
                unread.add("a step without text");
            } else {
                steps.add(fitting(text));
            }
        } else if (!node.isMissingNode() && !node.isNull()) {
            unread.add("a step that is no text: " + node);
        }
    }

    private static String fitting(String step) {
        return step.length() > 1000 ? step.substring(0, 999) + "…" : step;
    }

    private static @Nullable Integer portions(JsonNode node) {
        if (node.isNumber()) {
            double number = node.asDouble();
            return number >= 1 && number <= Recipe.MOST_PORTIONS ? (int) Math.round(number) : null;
        }
        if (node.isObject()) {
            return portions(node.path("value"));
        }
        return texts(node)
                .map(COUNT::matcher)
                .filter(Matcher::find)
                .map(found -> Integer.parseInt(found.group(1)))
                .filter(number -> number >= 1 && number <= Recipe.MOST_PORTIONS)
                .findFirst()
                .orElse(null);
    }

    /** The texts in a field that may be one or several, without tags; anything else in it is passed over. */
    private static Stream<String> texts(JsonNode node) {
        Stream<JsonNode> all = node.isArray() ? node.valueStream() : Stream.of(node);
        return all.filter(each -> each.isString() || each.isNumber())
                .map(each -> plain(each.asString()))
                .filter(text -> !text.isEmpty());
    }

    /** The text a reader would see: no tags, no entities, no control characters. */
    static String plain(String text) {
        String seen = text.indexOf('<') < 0 && text.indexOf('&') < 0
                ? text
                : Jsoup.parse(text).wholeText();
        return seen.replaceAll("[\\p{Cntrl}&&[^\\n]]", " ")
                .replaceAll("[ \\u00a0]+", " ")
                .strip();
    }
}
