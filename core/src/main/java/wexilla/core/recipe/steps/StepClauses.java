package wexilla.core.recipe.steps;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.book.WordLists;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.text.Blanks;
import wexilla.core.quantity.text.ReadOnce;

/**
 * A step read clause by clause: each verb with what it is done to, its own time, and whether hands are at it. "Slice the
 * leeks and fry gently for 8 minutes, then simmer 20" is a knife, a pan and a wait.
 */
final class StepClauses {

    /** What a verb does to the clock. */
    enum Does {
        WAIT,
        STOVE,
        COOK,
        CUT,
        SHAPE,
        WORK,
        SMALL,
        /** A time without a verb: "LOW 18 min". */
        NONE
    }

    /**
     * A clause.
     *
     * @param sentence it stands in
     * @param said minutes it says, of all its loads but none of its moments; 0 for none
     * @param alone whether they go on without hands
     */
    record Clause(Does does, String verb, String text, String sentence, int said, boolean alone) {

        /** What it is done to: "mince" of a verb is no mince. */
        String object() {
            return text.substring(Math.min(verb.length(), text.length()));
        }

        private Clause with(int minutes, boolean waits) {
            return new Clause(does, verb, text, sentence, said + minutes, waits);
        }
    }

    private static final WordLists VERBS = WordLists.of("step-verbs");
    private static final Map<Does, Pattern> DOES = Arrays.stream(Does.values())
            .filter(does -> does != Does.NONE)
            .collect(Collectors.toMap(
                    does -> does,
                    does -> VERBS.list(does.name().toLowerCase(Locale.ROOT)),
                    (one, other) -> one,
                    () -> new EnumMap<>(Does.class)));
    private static final Pattern ANY = any();
    private static final Pattern BEGIN =
            Pattern.compile("(?:^|[,;:(&+/–—-]|\\b(?:" + String.join("|", VERBS.words("begin")) + "|\\w{3,}ly))\\s*$");
    private static final Pattern TO = Pattern.compile("\\b(?:to|let|leave)\\s*$");
    private static final Pattern THE =
            Pattern.compile("^\\s+(?:the|all|your|garlic|ginger|it|them|for|in|at|until|another|with|\\d)\\b");
    /** What is to come of it, and when: no verb of it is done here. */
    private static final Pattern UNTIL = Pattern.compile(
            "\\b(?:until|till|so that|before|when|while|as soon as)\\b[^,;:]*?(?=,|;|:|$|\\bthen\\b|\\b(?:about |for )?(?:\\d|½)[^,;:]{0,12}(?:min|hour|hr|h\\b))");

    private static final List<String> NOUNS =
            List.of("mince", "cheese", "stew", "roast", "rest", "heat", "top", "core", "cube", "stick", "cream");

    private static final Pattern MOMENT = Pattern.compile(
            "\\b(?:first|last|final|remaining|every|every few|after|halfway|another few)\\s*$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern SIDE = Pattern.compile("\\bsides?\\b");
    private static final Pattern LESS = Pattern.compile("^\\s*(?:less|before|earlier)\\b");
    private static final Pattern EACH_SIDE = Pattern.compile(
            "^\\s*(?:on|per|a|for|each|for each|on each)?\\s*(?:each|per|a|both)?\\s*sides?\\b",
            Pattern.CASE_INSENSITIVE);
    /** What stands between two times of which one is meant: "high 2 hours or low 4", "20 thawed / 25 frozen". */
    private static final Pattern EITHER = Pattern.compile(
            "^[^.;,]{0,24}?(?:\\bor\\b|/)[^.;,]{0,24}$"
                    + "|^\\s*for\\s+(?:soft|hard|rare|medium|firm|runny|al dente|well done)[^.;]{0,12},?\\s*(?:and|or)?\\s*$"
                    + "|^\\s*,?\\s*(?:on\\s+)?(?:low|high)\\s*$",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern REPEAT = Pattern.compile("\\brepeat with\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern BARE = Pattern.compile(
            "\\b("
                    + Stream.of("wait", "stove", "cook")
                            .flatMap(list -> VERBS.words(list).stream())
                            .map(Pattern::quote)
                            .collect(Collectors.joining("|"))
                    + ")\\s+(\\d{1,2}(?:\\s?[-–]\\s?\\d{1,2})?)(?=\\s*(?:[,;.]|$|then\\b|and\\b|till\\b|until\\b))",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern SENTENCES = Pattern.compile("[;.!](?:\\s|$)");
    /** Somebody stands at what would go on alone no longer than this. */
    private static final int MOST_TENDED = 45;
    /** Longer than this nobody stands at what nobody said hands are at. */
    private static final int MOST_STANDING = 15;

    private static final int SHORT = 8;

    /** Small things of a step that is something else besides. */
    private static final int MOST_MOMENTS = 3;
    /** Looking after what goes on alone. */
    private static final int TENDS = 2;

    private static final Pattern TENDING = Pattern.compile(
            "\\b(?:stirring|turning|basting|skimming|shaking|rotating|turn|stir|shake)\\b(?![^,;]*\\bevery\\b)");
    private static final Pattern STANDING = Pattern.compile("\\b(?:pan|wok|skillet)\\b");
    /** What takes no moment of its own beside something that takes time. */
    private static final Set<String> TRIFLES =
            Set.of("lift", "remove", "serve", "return", "take", "turn", "set", "taste", "season");

    /** "Stir every 20 minutes", "check at 15": a look, no task. */
    private static final Pattern WATCHED = Pattern.compile("\\bevery\\b|\\b(?:at|after)\\s+\\d");

    private static final Pattern PLACED = Pattern.compile("\\b(?:rest|stand|counter|table|aside|bowl)\\b");
    private static final Pattern TENDED = VERBS.list("tended");
    private static final Pattern TURNED = VERBS.list("turned");
    private static final Pattern COVERED = VERBS.list("covered");
    private static final Pattern MACHINE = VERBS.list("machine");
    private static final Pattern BOILED = VERBS.list("boiled");
    private static final Pattern PAN = VERBS.list("pan");
    private static final Pattern COOKING = VERBS.list("cooking");
    private static final Pattern SETTINGS = VERBS.list("settings");

    private final List<Clause> clauses = new ArrayList<>();
    private final StepGear.Kind whole;

    private StepClauses(String text) {
        this.whole = StepGear.anywhere(text);
    }

    private static Pattern any() {
        String all = Arrays.stream(Does.values())
                .filter(does -> does != Does.NONE)
                .flatMap(does -> VERBS.words(does.name().toLowerCase(Locale.ROOT)).stream())
                .distinct()
                .sorted(Comparator.comparing(String::length).reversed())
                .map(Pattern::quote)
                .collect(Collectors.joining("|"));
        return Pattern.compile("(?<![\\p{L}-])(?:" + all + ")(?![\\p{L}-])", Pattern.CASE_INSENSITIVE);
    }

    private static final ReadOnce<List<Clause>> READ = new ReadOnce<>(StepClauses::search);

    /** The clauses of a step. */
    static List<Clause> of(String text) {
        return READ.of(text);
    }

    private static List<Clause> search(String text) {
        StepClauses all = new StepClauses(text);
        for (String sentence : SENTENCES.split(minutes(StepTime.spelt(Blanks.single(text))))) {
            if (!sentence.isBlank()) {
                all.sentence(sentence);
            }
        }
        if (REPEAT.matcher(text).find()) {
            all.again();
        }
        return List.copyOf(all.clauses);
    }

    /** "Remove and repeat with the rest": what last said a time is done once more. */
    private void again() {
        for (int i = clauses.size() - 1; i >= 0; i--) {
            Clause clause = clauses.get(i);
            if (clause.said() > 0) {
                clauses.set(i, clause.with(clause.said(), clause.alone()));
                return;
            }
        }
    }

    /** "Fry 5, simmer 15": a note's numbers behind such a verb are minutes. */
    private static String minutes(String text) {
        return BARE.matcher(text).replaceAll("$1 $2 min");
    }

    private record Verb(Does does, String word, int at, int end) {}

    private void sentence(String sentence) {
        String lower = sentence.toLowerCase(Locale.ROOT);
        List<Verb> verbs = verbs(blanked(UNTIL, lower));
        List<Clause> own = new ArrayList<>();
        int begin = 0;
        if (verbs.isEmpty() || verbs.get(0).at() > 0) {
            int end = verbs.isEmpty() ? lower.length() : verbs.get(0).at();
            own.add(new Clause(Does.NONE, "", lower.substring(0, end), lower, 0, false));
            begin = 1;
        }
        for (int i = 0; i < verbs.size(); i++) {
            int end = i + 1 < verbs.size() ? verbs.get(i + 1).at() : lower.length();
            Verb verb = verbs.get(i);
            own.add(new Clause(verb.does(), verb.word(), lower.substring(verb.at(), end), lower, 0, false));
        }
        times(lower, verbs, own, begin);
        if (begin == 1 && own.get(0).said() == 0 && own.size() > 1) {
            own.remove(0);
        }
        clauses.addAll(own);
    }

    private static List<Verb> verbs(String text) {
        List<Verb> verbs = new ArrayList<>();
        Matcher found = ANY.matcher(text);
        while (found.find()) {
            String before = text.substring(0, found.start());
            String after = text.substring(found.end());
            String word = found.group().toLowerCase(Locale.ROOT);
            Does does = does(word);
            boolean adjacent = !verbs.isEmpty()
                    && text.substring(verbs.get(verbs.size() - 1).end(), found.start())
                            .isBlank();
            boolean begins = BEGIN.matcher(before).find();
            boolean listed = before.stripTrailing().endsWith("and")
                    && NOUNS.contains(word)
                    && !THE.matcher(after).find();
            boolean goes = does == Does.WAIT && TO.matcher(before).find();
            if (begins && !listed && !adjacent || goes) {
                verbs.add(new Verb(does, word, found.start(), found.end()));
            }
        }
        return verbs;
    }

    private static Does does(String word) {
        return DOES.entrySet().stream()
                .filter(entry -> entry.getValue().matcher(word).matches())
                .map(Map.Entry::getKey)
                .findFirst()
                .orElseThrow();
    }

    private static String blanked(Pattern pattern, String text) {
        return pattern.matcher(text)
                .replaceAll(found -> " ".repeat(found.group().length()));
    }

    /** Gives each time of a sentence to the verb it is said of. */
    private void times(String sentence, List<Verb> verbs, List<Clause> own, int begin) {
        Matcher found = StepTime.TIME.matcher(sentence);
        int end = -1;
        while (found.find()) {
            String before = sentence.substring(0, found.start());
            boolean moment = MOMENT.matcher(before).find()
                    || LESS.matcher(sentence.substring(found.end())).find();
            boolean other = end >= 0
                    && EITHER.matcher(sentence.substring(end, found.start())).matches();
            if (moment || other) {
                continue;
            }
            end = found.end();
            int sides = EACH_SIDE.matcher(sentence.substring(found.end())).find() ? 2 : 1;
            int minutes = Math.min(StepTime.MOST_MINUTES, StepTime.minutes(found) * sides);
            int at = at(verbs, found.start()) + begin;
            if (at < 0 || at >= own.size()) {
                at = 0;
            }
            Clause clause = own.get(at);
            String near = at > 0 ? own.get(at - 1).text() + clause.text() : clause.text();
            own.set(at, clause.with(minutes, alone(clause, near, before, sentence, minutes)));
        }
    }

    /** The verb a time is said of: the last one before it. */
    private static int at(List<Verb> verbs, int time) {
        int at = -1;
        for (int i = 0; i < verbs.size(); i++) {
            if (verbs.get(i).at() < time) {
                at = i;
            }
        }
        return at;
    }

    /** Whether so many minutes of it go on without hands. */
    private boolean alone(Clause clause, String near, String before, String sentence, int minutes) {
        boolean tended = TENDED.matcher(sentence).find() && minutes <= MOST_TENDED;
        boolean appliance = appliance(sentence);
        return switch (clause.does()) {
            case WAIT ->
                !tended
                        && !(clause.verb().matches("grill|broil")
                                && minutes <= MOST_STANDING
                                && (TURNED.matcher(sentence).find()
                                        || SIDE.matcher(sentence).find()));
            case STOVE -> COVERED.matcher(clause.text()).find();
            case COOK ->
                !tended
                        && (appliance
                                || COVERED.matcher(sentence).find()
                                || BOILED.matcher(near).find()
                                        && !PAN.matcher(near).find()
                                || minutes >= MOST_STANDING
                                        && !PAN.matcher(sentence).find());
            case CUT, SHAPE -> false;
            case WORK -> MACHINE.matcher(clause.text()).find() || appliance(clause.text());
            case SMALL -> aside(clause, before, minutes, appliance);
            case NONE ->
                !(STANDING.matcher(before).find() && minutes <= MOST_STANDING)
                        && said(before).map(Does.WAIT::equals).orElse(appliance || whole(minutes));
        };
    }

    private boolean aside(Clause clause, String before, int minutes, boolean appliance) {
        Optional<Does> said = said(before.substring(Math.min(
                before.length(),
                before.lastIndexOf(clause.verb()) + clause.verb().length())));
        return said.map(Does.WAIT::equals)
                .orElse(!PAN.matcher(clause.text()).find() && (appliance || minutes > MOST_STANDING));
    }

    private boolean whole(int minutes) {
        return whole != StepGear.Kind.BURNER && whole != StepGear.Kind.HANDS || minutes >= SHORT;
    }

    /** Whether a word of cooking that is no command stands before a time, and what it does. */
    private static Optional<Does> said(String before) {
        Matcher found = COOKING.matcher(before);
        Does does = null;
        while (found.find()) {
            does = found.group().toLowerCase(Locale.ROOT).matches("browning|frying|searing|softening|toasting")
                    ? Does.STOVE
                    : Does.WAIT;
        }
        return Optional.ofNullable(does);
    }

    /** Whether something cooks or cools it that needs nobody. */
    private static boolean appliance(String sentence) {
        StepGear.Kind kind = StepGear.anywhere(sentence);
        return kind != StepGear.Kind.BURNER && kind != StepGear.Kind.HANDS
                || SETTINGS.matcher(sentence).find() && !PAN.matcher(sentence).find();
    }

    /** Whether a step says a time in which something goes on, and no verb of what that is: "back in 20-25 min". */
    static boolean goesOn(String text) {
        List<Clause> timed =
                of(text).stream().filter(clause -> clause.said() > 0).toList();
        return !timed.isEmpty()
                && timed.stream()
                        .allMatch(clause -> clause.alone()
                                && (clause.does() == Does.NONE
                                        || clause.does() == Does.SMALL
                                        || clause.does() == Does.COOK)
                                && !PLACED.matcher(clause.text()).find());
    }

    /** Whether hands are at something in a pan for a time, and no word says which: "spices in, 1 min". */
    static boolean goesOnTended(String text) {
        List<Clause> timed =
                of(text).stream().filter(clause -> clause.said() > 0).toList();
        return !timed.isEmpty()
                && timed.stream()
                        .allMatch(clause -> !clause.alone()
                                && clause.said() <= MOST_STANDING
                                && (clause.does() == Does.NONE
                                        || clause.does() == Does.COOK
                                        || clause.verb().equals("add")));
    }

    /** Whether a step says that this is cut. */
    static boolean cuts(String text, StepAmounts.Of of) {
        return of(text).stream()
                .anyMatch(clause -> clause.does() == Does.CUT
                        && of.pattern().matcher(clause.object()).find());
    }

    /** Minutes of hands for what says no time. */
    static int assumed(List<Clause> clauses, StepAmounts amounts) {
        Cut cut = cut(clauses, amounts);
        Rational sum = cut.told();
        boolean shaped = false;
        int small = 0;
        int put = 0;
        boolean timed = false;
        boolean tended = false;
        for (Clause clause : clauses) {
            if (clause.said() > 0) {
                timed = true;
                boolean goesAlone = MACHINE.matcher(clause.text()).find()
                        || COVERED.matcher(clause.text()).find();
                if (clause.alone() && (clause.does() == Does.WORK || clause.does() == Does.STOVE)) {
                    // "rub with oil, then oven 25 min"; a lid or a machine is put on
                    sum = sum.plus(goesAlone ? Rational.ONE : HandTimes.of(clause));
                }
                tended |= clause.alone() && TENDING.matcher(clause.sentence()).find();
                continue;
            }
            if (clause.does() == Does.SHAPE && !shaped) {
                shaped = true;
                sum = sum.plus(HandTimes.shaping(clause, amounts));
            } else if (clause.does() == Does.STOVE
                    || clause.does() == Does.WORK
                    || clause.verb().equals("freeze")) {
                sum = sum.plus(HandTimes.of(clause));
            } else if (clause.does() == Does.COOK) {
                sum = sum.plus(Rational.of(2));
            } else if (clause.does() != Does.CUT
                    && clause.does() != Does.SHAPE
                    && !WATCHED.matcher(clause.text()).find()) {
                small++;
                put += clause.does() == Does.SMALL && !TRIFLES.contains(clause.verb()) ? 1 : 0;
            }
        }
        boolean work = !sum.isZero();
        int moments = work ? small / 2 : timed ? Math.max(put, small - 1) : small == 0 ? 0 : 2 + (small - 1) / 2;
        return sum.plus(cut.untold()).rounded().intValueExact()
                + Math.min(MOST_MOMENTS, moments)
                + (tended ? TENDS : 0);
    }

    /** @param told minutes of what it says to cut, {@code untold} of what goes in cut */
    private record Cut(Rational told, Rational untold) {}

    private static Cut cut(List<Clause> clauses, StepAmounts amounts) {
        CutTimes cuts = new CutTimes(amounts);
        Rational sum = Rational.ZERO;
        CutTimes.Knife last = null;
        StringBuilder all = new StringBuilder();
        Set<String> sentences = new LinkedHashSet<>();
        for (Clause clause : clauses) {
            all.append(clause.object());
            sentences.add(clause.sentence());
            if (clause.does() == Does.CUT && clause.said() == 0) {
                last = knife(clause.verb());
                sum = sum.plus(cuts.minutes(clause.object(), last));
            } else if (clause.verb().matches("pulse|blitz")) {
                // peeled and cut in pieces first
                sum = sum.plus(cuts.minutes(clause.object(), CutTimes.Knife.ROUGH));
            }
        }
        if (last != null && sum.isZero()) {
            Rational anywhere = cuts.minutes(all.toString(), last);
            sum = anywhere.isZero() ? CutTimes.usual(last) : anywhere;
        }
        return new Cut(sum, cuts.unsaid(String.join(" ", sentences)));
    }

    private static CutTimes.Knife knife(String verb) {
        return verb.matches("quarter|halve")
                ? CutTimes.Knife.ROUGH
                : verb.matches("shred|pull|pick") ? CutTimes.Knife.PULLED : CutTimes.Knife.FINE;
    }

    /** What the clauses keep busy: the longest that heats, else what cools. */
    static @Nullable Kinds gear(List<Clause> clauses) {
        Map<StepGear.Kind, Integer> minutes = new EnumMap<>(StepGear.Kind.class);
        for (Clause clause : clauses) {
            if (clause.said() > 0) {
                StepGear.Kind kind = gear(clause);
                if (kind != StepGear.Kind.HANDS) {
                    minutes.merge(kind, clause.said(), Integer::sum);
                }
            }
        }
        return minutes.isEmpty()
                ? null
                : new Kinds(minutes.entrySet().stream()
                        .max(Map.Entry.<StepGear.Kind, Integer>comparingByValue(
                                        Comparator.comparing((Integer of) -> of))
                                .thenComparing(Map.Entry.comparingByKey(Comparator.reverseOrder())))
                        .orElseThrow()
                        .getKey());
    }

    /** @param kind that is busy longest */
    record Kinds(StepGear.Kind kind) {}

    private static StepGear.Kind gear(Clause clause) {
        StepGear.Kind own = StepGear.anywhere(clause.text());
        StepGear.Kind around = StepGear.anywhere(clause.sentence());
        if (own == StepGear.Kind.BURNER && clause.verb().matches("|heat|warm|keep|reheat") && around != own) {
            // "in the oven to heat"
            return around;
        }
        if (own != StepGear.Kind.HANDS) {
            return own;
        }
        boolean stove = clause.does() == Does.STOVE
                || clause.does() == Does.COOK
                || !clause.alone()
                        && (clause.verb().matches("stir|toss")
                                || TENDED.matcher(clause.sentence()).find());
        return stove && (around == StepGear.Kind.HANDS || around == StepGear.Kind.COLD || !clause.alone())
                ? StepGear.Kind.BURNER
                : around;
    }
}
