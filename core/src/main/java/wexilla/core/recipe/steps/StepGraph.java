package wexilla.core.recipe.steps;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import wexilla.core.food.book.WordLists;

/**
 * What each step of a recipe cannot begin before: rice does not wait for the chicken that roasts beside it, a pie waits for
 * its filling and its mash. Read from which foods a step names, where those are by then, and how it speaks of what is there
 * already. In doubt a step follows the one before it.
 */
public final class StepGraph {

    private static final WordLists WORDS = WordLists.of("step-graph");
    private static final Set<String> JOINS = WORDS.words("joins");
    private static final Set<String> DOES = WORDS.words("does");
    private static final Set<String> MIXES = WORDS.words("mixes");
    private static final Pattern GATHERS = WORDS.list("gathers");
    private static final Pattern BESIDE = WORDS.list("beside");
    private static final Pattern SAME = WORDS.list("same");
    private static final Pattern MADE = WORDS.list("made");
    private static final Set<String> TRIFLES = WORDS.words("trifles");
    private static final Pattern WATER = WORDS.list("water");
    private static final Set<String> BOILS = WORDS.words("boils");
    private static final Set<String> BOTH = WORDS.words("both");
    private static final Pattern LITTLE =
            Pattern.compile("\\b(?:" + any("little") + ")\\s+(?:more\\s+)?(?:of\\s+)?(?:the\\s+)?\\p{L}+");
    private static final Pattern HEATED = Pattern.compile("\\b(?:" + any("heats")
            + ")\\s+(?:up\\s+)?(?:(?:the|your|an?)\\s+)?(?:\\p{L}+\\s+)?(?:" + any("hot") + ")\\b");
    private static final Pattern DIAL = Pattern.compile("^\\W*oven\\W+\\d");
    /** What stands at the begin of a step and is not done in it: "while the pasta cooks,". */
    private static final Pattern WHILE =
            Pattern.compile("^\\s*(?:while|once|when|as soon as|after)\\b[^,]*,\\s*", Pattern.CASE_INSENSITIVE);

    private static final Pattern INTO_MADE =
            Pattern.compile("\\b(?:in|into|onto|on|over|to|with)\\s+(?:the|this|that|hot|simmering|\\s)+$");
    private static final Pattern SAME_PAN = Pattern.compile("\\bsame (?:pan|pot|wok|skillet|casserole)\\b");
    /** "Rinse, add, stir": into what is there. */
    private static final Pattern ADD = Pattern.compile("\\badd\\s*[,.;]");

    private static final Pattern JOINED = Pattern.compile("\\b(?:" + any("joins") + ")\\b");
    /** "For the sauce, simmer …" */
    private static final Pattern FOR = Pattern.compile("^\\W*(?:for|to make) the\\b");
    /** A verb with nothing behind it that it is done to: "place in the slow cooker". */
    private static final String NO_OBJECT =
            "\\s*(?:(?:in|into|on|onto|over|all over|back|until|till|for|with|\\d)\\b|[,.;]|$).*";

    private static final Pattern DEFINITE = Pattern.compile("\\b(?<!for )(?:the|this|that|your)\\s+(?:\\p{L}+\\s+)?$");
    private static final Pattern PRONOUN = Pattern.compile("^\\W*(?:\\p{L}+\\W+){1,3}?(?:it|them|this|these)\\b");

    private static final Map<String, Pattern> SAID = new ConcurrentHashMap<>();

    private final List<Set<String>> lines;
    private final List<String> steps;
    private final List<StepGear> gears;
    /** The step each line is in; -1 for one nobody has named. */
    private final int[] holder;
    /** What each step holds still. */
    private final List<Set<Integer>> holds = new ArrayList<>();

    private final List<Set<String>> called = new ArrayList<>();
    private final List<Set<Integer>> needs = new ArrayList<>();
    private final BitSet taken = new BitSet();
    private final BitSet heated = new BitSet();
    private final BitSet water = new BitSet();
    private int last = -1;

    private StepGraph(List<Set<String>> lines, List<String> steps) {
        this.lines = lines;
        this.steps = steps.stream().map(StepGraph::plain).toList();
        this.gears = StepGear.of(steps);
        this.holder = new int[lines.size()];
        Arrays.fill(holder, -1);
    }

    /**
     * @param lines the words by which steps speak of each line, in small letters
     * @param steps in their order
     * @return for each step the places of those before it that it needs, from 0; none for what can begin at once
     */
    public static List<List<Integer>> of(List<Set<String>> lines, List<String> steps) {
        StepGraph graph = new StepGraph(lines, steps);
        for (int step = 0; step < steps.size(); step++) {
            graph.read(step);
        }
        return graph.needs.stream().map(List::copyOf).toList();
    }

    /** Whether nothing is done but to heat an oven: "Heat the oven to 200 °C." */
    public static boolean onlyHeatsOven(String step) {
        String text = plain(step);
        return (HEATED.matcher(text).find() || DIAL.matcher(text).find())
                && StepGear.read(step).kind() == StepGear.Kind.OVEN
                && StepTime.read(step).waitMin() == 0
                && StepClauses.of(step).size() <= 1
                && text.length() < SHORT;
    }

    private static final int SHORT = 70;

    /** Whether a step says that something goes into what is there: "add the beans". */
    public static boolean joins(String step) {
        return JOINED.matcher(plain(step)).find();
    }

    private static String any(String list) {
        return WORDS.words(list).stream().map(Pattern::quote).collect(Collectors.joining("|"));
    }

    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT)
                .replaceAll("\\btoms\\b", "tomatoes")
                .replaceAll("\\bveg\\b", "vegetables");
    }

    private void read(int step) {
        String text = WHILE.matcher(steps.get(step)).replaceFirst("");
        boolean beside = BESIDE.matcher(steps.get(step)).find();
        Set<Integer> named = named(text);
        StepGear.Kind gear = gears.get(step).kind();
        if (preheats(text, gear, named)) {
            begins(step, Set.of(), text);
            heated.set(step);
            return;
        }
        Set<Integer> needed = new TreeSet<>();
        String verb = verb(text);
        boolean gathers = GATHERS.matcher(text).find();
        named.stream().map(line -> holder[line]).filter(at -> at >= 0).forEach(needed::add);
        made(text, named.isEmpty(), needed);
        boolean fresh = named.stream().anyMatch(line -> holder[line] < 0);
        boolean refers = SAME.matcher(text).find()
                || ADD.matcher(text).find()
                || fresh && joined(text)
                || PRONOUN.matcher(text).find() && !fresh;
        boolean starts = needed.isEmpty() && !gathers && !refers && starts(text, verb, fresh, beside, gear);
        boolean boiled = water(step, verb, text, needed);
        if (!starts && !boiled && last >= 0) {
            goesOn(step, text, verb, beside, gathers, needed);
        }
        if (gear == StepGear.Kind.OVEN || gear == StepGear.Kind.HOT_AIR) {
            heated.stream().forEach(needed::add);
        }
        take(step, needed, named, text);
    }

    /** What a step that begins nothing of its own is done to: what it names, else what was at hand last. */
    private void goesOn(int step, String text, String verb, boolean beside, boolean gathers, Set<Integer> needed) {
        boolean joins = JOINS.contains(verb) || verb.isEmpty();
        if (needed.isEmpty() || SAME.matcher(text).find() || ADD.matcher(text).find() || joins && !beside) {
            needed.add(last);
        }
        if (SAME_PAN.matcher(text).find()) {
            IntStream.range(0, step)
                    .filter(before -> gears.get(before).kind() == StepGear.Kind.BURNER)
                    .max()
                    .ifPresent(needed::add);
        }
        // what nobody speaks of any more goes in here
        open(step).filter(other -> gathers || !spokenOf(other, step)).forEach(needed::add);
    }

    private boolean starts(String text, String verb, boolean fresh, boolean beside, StepGear.Kind gear) {
        if (last < 0) {
            return true;
        }
        if (gear == StepGear.Kind.KETTLE || FOR.matcher(text).find()) {
            return true;
        }
        if (WATER.matcher(text).find() && !fresh && named(text).isEmpty()) {
            return true;
        }
        boolean object = !text.matches("(?s)\\W*" + Pattern.quote(verb) + NO_OBJECT);
        boolean mixes = MIXES.contains(verb)
                && text.matches("(?s)\\W*" + Pattern.quote(verb) + "\\s+(?:together\\s+)?(?:the|\\d|½|an?)\\b.*");
        return beside && (fresh || !JOINS.contains(verb) && !DOES.contains(verb))
                || mixes
                || fresh && !JOINS.contains(verb) && object && !verb.isEmpty();
    }

    /** An oven or grill that is heated, with nothing in it. */
    private boolean preheats(String text, StepGear.Kind gear, Set<Integer> named) {
        boolean hot = gear == StepGear.Kind.OVEN || gear == StepGear.Kind.HOT_AIR;
        boolean only = named.stream().allMatch(line -> lines.get(line).stream().anyMatch(TRIFLES::contains));
        boolean goesOn = StepTime.read(text).waitMin() > 0 && !text.contains("heat");
        return hot
                && only
                && !goesOn
                && (HEATED.matcher(text).find() || DIAL.matcher(text).find())
                && !MADE.matcher(text).find();
    }

    /** Whether it is boiled in the water that was put on for it. */
    private boolean water(int step, String verb, String text, Set<Integer> needed) {
        if (WATER.matcher(text).find() && water.isEmpty() && needed.isEmpty()) {
            water.set(step);
            return false;
        }
        if (!water.isEmpty()
                && BOILS.contains(verb)
                && gears.get(step).kind() == StepGear.Kind.BURNER
                && !text.matches("(?s).*\\b(?:fry|brown|oil|skillet|wok)\\b.*")) {
            water.stream().forEach(needed::add);
            water.clear();
            return true;
        }
        return false;
    }

    private void begins(int step, Set<Integer> held, String text) {
        needs.add(new TreeSet<>());
        holds.add(new LinkedHashSet<>(held));
        called.add(products(text));
        held.forEach(line -> holder[line] = step);
    }

    /** What it needs is in it from now on; of what was only cut, what it names. */
    private void take(int step, Set<Integer> needed, Set<Integer> named, String text) {
        begins(step, named, text);
        needs.get(step).addAll(needed);
        for (int from : needed) {
            boolean some = cut(from)
                    && holds.get(from).stream().anyMatch(named::contains)
                    && !GATHERS.matcher(text).find();
            Set<Integer> all = new LinkedHashSet<>(holds.get(from));
            if (some) {
                all.retainAll(named);
            }
            holds.get(from).removeAll(all);
            holds.get(step).addAll(all);
            all.forEach(line -> holder[line] = step);
            if (holds.get(from).isEmpty()) {
                taken.set(from);
            }
            called.get(step).addAll(called.get(from));
            heated.clear(from);
        }
        named.forEach(line -> {
            for (int other = 0; other < step; other++) {
                holds.get(other).remove(line);
            }
            holds.get(step).add(line);
            holder[line] = step;
        });
        last = step;
    }

    private boolean cut(int step) {
        return gears.get(step).kind() == StepGear.Kind.HANDS;
    }

    /** Steps before this one whose food is still where they left it. */
    private IntStream open(int step) {
        return IntStream.range(0, step).filter(other -> !taken.get(other) && !heated.get(other));
    }

    /** Whether a later step names what a step holds. */
    private boolean spokenOf(int other, int step) {
        for (int later = step + 1; later < steps.size(); later++) {
            String text = steps.get(later);
            if (GATHERS.matcher(text).find()
                    || named(text).stream().anyMatch(holds.get(other)::contains)
                    || products(text).stream().anyMatch(called.get(other)::contains)) {
                return true;
            }
        }
        return false;
    }

    /** Adds the steps that made what it calls by a name of its own: the sauce, the dough. */
    private void made(String text, boolean nothing, Set<Integer> needed) {
        Matcher found = MADE.matcher(text);
        while (found.find()) {
            String word = found.group();
            int maker = -1;
            for (int other = 0; other < called.size(); other++) {
                maker = called.get(other).contains(word) ? other : maker;
            }
            if (maker >= 0) {
                needed.add(maker);
            } else if (last >= 0
                    && (nothing
                                    && !MIXES.contains(verb(text))
                                    && DEFINITE.matcher(text.substring(0, found.start()))
                                            .find()
                            || INTO_MADE
                                    .matcher(text.substring(0, found.start()))
                                    .find())) {
                needed.add(last);
                open(called.size()).filter(other -> !cut(other)).forEach(needed::add);
            }
        }
    }

    /** Whether what it names first goes into something: "take the pan off the heat and stir in the cheese". */
    private boolean joined(String text) {
        int first = lines.stream()
                .flatMap(Set::stream)
                .filter(word -> !BOTH.contains(word))
                .map(word -> said(word).matcher(text))
                .filter(Matcher::find)
                .mapToInt(Matcher::start)
                .min()
                .orElse(0);
        return JOINED.matcher(text.substring(0, first)).find();
    }

    private static Set<String> products(String text) {
        Matcher found = MADE.matcher(text);
        Set<String> products = new LinkedHashSet<>();
        while (found.find()) {
            products.add(found.group());
        }
        return products;
    }

    /** The lines a step names; salt, oil and their like only where it names nothing else. */
    private Set<Integer> named(String step) {
        String text = LITTLE.matcher(step).replaceAll(" ");
        Set<Integer> all = IntStream.range(0, lines.size())
                .filter(line -> lines.get(line).stream().anyMatch(word -> says(text, word)))
                .boxed()
                .collect(Collectors.toCollection(LinkedHashSet::new));
        Set<Integer> foods = all.stream()
                .filter(line -> lines.get(line).stream().noneMatch(TRIFLES::contains))
                .collect(Collectors.toCollection(LinkedHashSet::new));
        return foods.isEmpty() ? all : foods;
    }

    private static boolean says(String text, String word) {
        return said(word).matcher(text).find();
    }

    private static Pattern said(String word) {
        return SAID.computeIfAbsent(word, StepGraph::pattern);
    }

    private static Pattern pattern(String word) {
        if (BOTH.contains(word)) {
            return Pattern.compile("\\b(?:the|your|this|half|of) " + word + "\\b");
        }
        String many = word.endsWith("y")
                ? Pattern.quote(word.substring(0, word.length() - 1)) + "(?:y|ies)"
                : Pattern.quote(word) + "(?:e?s)?";
        return Pattern.compile("\\b" + many + "\\b");
    }

    /** The first thing it says to do; empty where it begins with no verb. */
    private static String verb(String text) {
        return StepClauses.of(text).stream()
                .filter(clause -> !clause.verb().isEmpty())
                .findFirst()
                .map(StepClauses.Clause::verb)
                .filter(verb -> text.indexOf(verb) < 40)
                .orElse("");
    }
}
