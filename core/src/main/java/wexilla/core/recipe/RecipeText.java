package wexilla.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.WordLists;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unfit;
import wexilla.core.quantity.text.AmountReader;
import wexilla.core.quantity.text.Packs;

/**
 * Takes a whole recipe apart that was typed or pasted as text: its name, portions, lines and steps. What finds no place
 * is given back; nothing is thrown away.
 *
 * @param portions null when the text does not say
 * @param lines what goes in, each as written
 * @param steps each as written, without its number
 * @param rest what found no place
 */
public record RecipeText(
        String title, @Nullable Integer portions, List<String> lines, List<String> steps, List<String> rest) {

    /** Longest text accepted, in characters. */
    public static final int LONGEST = 100_000;

    private static final int TITLE = 120;
    private static final int SHORT = 70;
    private static final Pattern GOES_IN = Pattern.compile(
            "^(?:the )?(?:ingredients?|you(?:'ll| will)? need|what goes in|shopping list)(?: list)?\\b[^.]{0,30}$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern METHOD = Pattern.compile(
            "^(?:the )?(?:method|directions?|instructions?|steps?|preparation|how to (?:make|cook)[^.]{0,40}|what to do)\\s*:?$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern NOTES =
            Pattern.compile("^(?:notes?|tips?|nutrition[^.]{0,30}|storage)\\s*:?$", Pattern.CASE_INSENSITIVE);
    private static final Pattern PORTIONS = Pattern.compile(
            "(?:\\b(?:serves|feeds|does|enough for|makes(?: about)?|makes enough for|portions?|servings?|yields?|for)\\s*:?\\s*(?:about\\s+)?(\\d{1,3})\\b(?!\\s*(?:min|h|g|kg|ml|l|°|cups?|loaves))"
                    + "|\\b(\\d{1,3})(?:\\s*(?:-|–|to)\\s*\\d{1,3})?\\s+(?:portions?|servings?|people|persons|plates)\\b)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern NUMBERED =
            Pattern.compile("^(?:step\\s*)?(\\d{1,2})\\s*[.):]\\s+(?=\\p{L})(.+)$", Pattern.CASE_INSENSITIVE);
    private static final Pattern STEP_HEAD = Pattern.compile("^step\\s*\\d{1,2}\\s*[.:]?$", Pattern.CASE_INSENSITIVE);
    private static final WordLists LISTS = WordLists.of("step-words");
    private static final Pattern VERB = LISTS.list("verb");
    private static final Pattern OPENING = LISTS.list("opening");
    /** "Makes 3 bags of 6". */
    private static final Pattern BAGS = Pattern.compile(
            "\\b(?:makes|yields?|for|fills)\\s*:?\\s*(\\d{1,2})\\s+(?:bags?|box(?:es)?|trays?|jars?|packets?|batches|meals)\\s+of\\s+(\\d{1,3})\\b(?!\\s*(?:g|kg|ml|l)\\b)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern PER_BAG = Pattern.compile(
            "^(?:per|for each|in each|each|into each)\\s+(?:bag|box|jar|tray|packet|batch)\\s*:?$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern TIMES = Pattern.compile(
            "^(?:(?:prep(?:aration)?|cook(?:ing)?|total|hands-on|resting)(?: time)?|time)\\s*:?\\s*\\d.*$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern HEAT_OR_TIME = Pattern.compile(
            "\\b\\d+\\s*(?:min(?:ute)?s?|h(?:ours?|rs?)?|°|degrees|c|f|gas)\\b|\\bgas mark\\b",
            Pattern.CASE_INSENSITIVE);
    /** What stands on a page around a recipe. */
    private static final Pattern CHROME = Pattern.compile(
            "(?:https?://.*|home|menu|search|log ?in|sign ?(?:in|up)|subscribe|skip to content|jump to recipe|print(?: recipe)?"
                    + "|share|save|pin|rate|reviews?|comments?|advertisement|cookies?|recipes?|by [\\p{L} .]{2,30})",
            Pattern.CASE_INSENSITIVE);

    private static final int MOST_WORDS = 7;
    private static final int FEW_WORDS = 3;
    private static final Pattern HTML = Pattern.compile("<[^>]{0,200}>");

    public RecipeText {
        lines = List.copyOf(lines);
        steps = List.copyOf(steps);
        rest = List.copyOf(rest);
    }

    private enum Section {
        TOP,
        LINES,
        STEPS,
        NOTES
    }

    /**
     * Takes the text apart.
     *
     * @throws Unfit if it is blank or longer than {@link #LONGEST}
     */
    public static RecipeText read(String text, FoodBook foods) {
        if (text.isBlank()) {
            throw new Unfit("there is no text; paste a recipe, its name first");
        }
        if (text.length() > LONGEST) {
            throw new Unfit(
                    "this text has " + text.length() + " characters; " + LONGEST + " is the most for one recipe");
        }
        Parting parting = new Parting(foods);
        text.lines().map(String::strip).filter(line -> !line.isEmpty()).forEach(parting::take);
        return new RecipeText(parting.title, parting.portions, parting.lines, parting.steps, parting.rest);
    }

    private static final class Parting {
        private final FoodBook foods;
        private Section section = Section.TOP;
        private String title = "";
        private @Nullable Integer portions;
        private int eachBag;
        /** How often the lines that follow go in: what is written per bag behind what is for all of them. */
        private int bags = 1;

        private final List<String> lines = new ArrayList<>();
        private final List<String> steps = new ArrayList<>();
        private final List<String> rest = new ArrayList<>();

        Parting(FoodBook foods) {
            this.foods = foods;
        }

        void take(String written) {
            String line = HTML.matcher(written).replaceAll(" ").strip().replaceFirst("^#{1,6}\\s+", "");
            if (line.isEmpty() || STEP_HEAD.matcher(line).matches()) {
                return;
            }
            if (heading(line)) {
                return;
            }
            boolean first = title.isEmpty() && lines.isEmpty() && steps.isEmpty();
            if (first && section == Section.TOP && isTitle(line)) {
                if (CHROME.matcher(line).matches()) {
                    rest.add(line);
                } else {
                    title = withoutPortions(line);
                }
                return;
            }
            if (goesOn(line)) {
                return;
            }
            if (TIMES.matcher(line).matches()) {
                rest.add(line);
                return;
            }
            if (portions == null && line.length() <= SHORT && section != Section.STEPS && saysPortions(line)) {
                return;
            }
            place(line);
        }

        /**
         * A name may begin with a verb: "Roast chicken", "Stir fry". It is a step where it says a time or a heat, is numbered
         * or is a sentence.
         */
        private boolean isTitle(String line) {
            boolean sentence = line.endsWith(".") && line.split("\\s+").length > MOST_WORDS;
            return line.length() <= TITLE
                    && !isLine(line)
                    && !sentence
                    && !NUMBERED.matcher(line).matches()
                    && !HEAT_OR_TIME.matcher(line).find();
        }

        /** A line that goes on where the one before broke off: as text of a picture does. */
        private boolean goesOn(String line) {
            if (!Character.isLowerCase(line.codePointAt(0)) || title.isEmpty()) {
                return false;
            }
            boolean step = section == Section.STEPS || section == Section.TOP && !steps.isEmpty();
            List<String> before = step ? steps : lines;
            String last = before.isEmpty() ? "" : before.get(before.size() - 1);
            boolean broken = step
                    ? !last.isEmpty() && !last.matches("(?s).*[.!?:;]$") && last.split("\\s+").length > FEW_WORDS
                    : last.matches("(?i).*(?:,|-|\\band|\\bor|\\bof|\\bwith|\\bthe|\\binto)$");
            if (!broken || startsWithAmount(line)) {
                return false;
            }
            boolean hyphened = last.endsWith("-") && !last.endsWith(" -");
            before.set(before.size() - 1, hyphened ? last.substring(0, last.length() - 1) + line : last + " " + line);
            return true;
        }

        private boolean heading(String line) {
            if (PER_BAG.matcher(line).matches()) {
                if (lines.isEmpty() && eachBag > 0) {
                    rest.add("made " + Objects.requireNonNull(portions) / eachBag
                            + " times over: the lines are for one");
                    portions = eachBag;
                } else if (eachBag > 0) {
                    bags = Objects.requireNonNull(portions) / eachBag;
                    rest.add("written per bag, counted " + bags + " times");
                }
                section = Section.LINES;
                return true;
            }
            if (GOES_IN.matcher(line).matches() && !startsWithAmount(line)) {
                saysPortions(line);
                bags = 1;
                section = Section.LINES;
                return true;
            }
            if (METHOD.matcher(line).matches()) {
                section = Section.STEPS;
                return true;
            }
            if (NOTES.matcher(line).matches()) {
                section = Section.NOTES;
                return true;
            }
            return false;
        }

        private String withoutPortions(String line) {
            Matcher bags = BAGS.matcher(line);
            Matcher said = bags.find() ? bags : PORTIONS.matcher(line);
            said.reset();
            if (!said.find() || said.start() == 0) {
                return line;
            }
            saysPortions(line);
            return line.substring(0, said.start()).replaceAll("[\\s,(–-]+$", "").strip();
        }

        /** Three bags of six are eighteen portions; of what is written per bag, six. */
        private boolean saysBags(String line) {
            Matcher said = BAGS.matcher(line);
            if (!said.find()) {
                return false;
            }
            eachBag = Integer.parseInt(said.group(2));
            int all = Integer.parseInt(said.group(1)) * eachBag;
            portions = Math.max(1, Math.min(Recipe.MOST_PORTIONS, all));
            return true;
        }

        private boolean saysPortions(String line) {
            if (saysBags(line)) {
                return true;
            }
            Matcher said = PORTIONS.matcher(line);
            if (!said.find()) {
                return false;
            }
            int number = Integer.parseInt(said.group(1) == null ? said.group(2) : said.group(1));
            if (number < 1 || number > Recipe.MOST_PORTIONS) {
                return false;
            }
            portions = number;
            return true;
        }

        private void place(String line) {
            switch (section) {
                case NOTES -> rest.add(line);
                case STEPS -> steps.add(unnumbered(line));
                case LINES -> {
                    if (line.endsWith(":") && line.length() <= SHORT) {
                        bags = 1;
                        rest.add(line);
                    } else if (isStep(line)) {
                        section = Section.STEPS;
                        steps.add(unnumbered(line));
                    } else {
                        lines.add(bags == 1 ? line : manyTimes(line));
                    }
                }
                case TOP -> {
                    if (isLine(line)) {
                        lines.add(line);
                    } else if (isStep(line) || !steps.isEmpty()) {
                        steps.add(unnumbered(line));
                    } else if (!lines.isEmpty() && line.length() <= SHORT) {
                        // not understood: it stays as a line to mend
                        lines.add(line);
                    } else {
                        rest.add(line);
                    }
                }
            }
        }

        /** A line so many times; one without an amount stays as it is. */
        private String manyTimes(String line) {
            try {
                Optional<AmountReader.Reading> read = AmountReader.read(line.replaceFirst("^[•*·☐▢–-]\\s*", ""));
                if (read.isEmpty()) {
                    return line;
                }
                Packs packs = read.get().packs();
                Rational many = Rational.of(bags);
                if (packs != null && !packs.total()) {
                    String container =
                            packs.container() == null ? "" : packs.container().symbol() + " ";
                    return packs.count().times(many).plain() + " x " + packs.each() + " " + container
                            + read.get().rest();
                }
                Quantity one = read.get().quantity();
                Quantity all = new Quantity(one.min().times(many), one.max().times(many));
                return all + " " + read.get().rest();
            } catch (NotAnAmount noAmount) {
                return line;
            }
        }

        private static String unnumbered(String line) {
            Matcher numbered = NUMBERED.matcher(line);
            String text = numbered.matches() ? numbered.group(2) : line;
            return text.replaceFirst("^[•*·–-]\\s*", "").strip();
        }

        private boolean isLine(String line) {
            if (startsWithAmount(line)) {
                return !isSentence(line);
            }
            boolean food = line.length() <= SHORT && foods.find(line).isPresent();
            return food && !isSentence(line) && !verb(line) && !title.isEmpty();
        }

        private static boolean verb(String line) {
            return VERB.matcher(line).lookingAt() || OPENING.matcher(line).lookingAt();
        }

        private static boolean isSentence(String line) {
            return line.length() > SHORT && line.endsWith(".");
        }

        private boolean isStep(String line) {
            boolean bullet = line.matches("^[•*·☐–-].*");
            String text = unnumbered(line);
            return verb(text) && !(bullet && startsWithAmount(text))
                    || NUMBERED.matcher(line).matches() && text.split("\\s+").length > 4
                    || line.endsWith(".") && text.split("\\s+").length > 7;
        }

        private static boolean startsWithAmount(String line) {
            try {
                Optional<AmountReader.Reading> read = AmountReader.read(line.replaceFirst("^[•*·☐▢–-]\\s*", ""));
                return read.isPresent() && !line.matches("(?i)^(?:a|an|one)\\s.*\\.$");
            } catch (NotAnAmount noAmount) {
                return false;
            }
        }
    }
}
