package wexilla.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.FoodBook;
import wexilla.core.food.Phrase;
import wexilla.core.food.State;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.AmountReader;
import wexilla.core.quantity.AmountReader.Packs;
import wexilla.core.quantity.AmountReader.Reading;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Unit;

/**
 * The words of one line behind its first amount: which food they name, what else the line asks for ("and 2 carrots"),
 * what may stand in ("or butter"), what a total fixes (", about 900 g") and what is only said ("finely diced").
 */
final class LineClauses {

    private static final Unit TIN = Unit.named("tin");
    private static final Set<String> AND = Set.of("and", "&", "+", "plus");
    private static final Set<String> OR = Set.of("or", "/");
    private static final Set<String> NO_ALTERNATIVE = Set.of(
            "to", "more", "less", "so", "as", "until", "about", "a", "enough", "any", "other", "similar", "not", "if");
    private static final Set<Unit> PINCHES = Set.of(Unit.TSP, Unit.named("pinch"), Unit.named("dash"));
    private static final Pattern DOT = Pattern.compile("(\\p{L})\\.(?=\\s|,|$)");
    private static final Pattern EACH_FOOD =
            Pattern.compile("^each(?:\\s+of)?\\s*:?\\s+(?=\\S)|^each:\\s*", Pattern.CASE_INSENSITIVE);

    /** Words between two separators. @param by the separator before them: a comma, "and", "or"; empty for the first */
    private record Segment(String by, List<String> words) {

        String text() {
            return LineReader.bare(String.join(" ", words));
        }
    }

    private final FoodBook foods;
    private final LineAmount amount;
    private final String heading;
    private final boolean each;
    private final List<String> words;

    LineClauses(FoodBook foods, LineAmount amount, List<String> words, String heading) {
        this.foods = foods;
        this.amount = amount;
        this.heading = heading;
        String text = String.join(" ", words);
        this.each = amount.reading() != null && EACH_FOOD.matcher(text).find();
        this.words = each ? LineReader.words(EACH_FOOD.matcher(text).replaceFirst("")) : words;
    }

    ReadLine read(String text) {
        List<Segment> segments = segments();
        List<String> first = new ArrayList<>(segments.get(0).words());
        int next = 1;
        while (next < segments.size()
                && Phrase.namesNothing(bare(first))
                && !OR.contains(segments.get(next).by())
                && amountOf(segments.get(next)).isEmpty()) {
            join(first, segments.get(next));
            next++;
        }
        Phrase phrase = Phrase.of(foods, first);
        for (int k = next; k < segments.size() && k <= next + 1; k++) {
            boolean chain = k == next
                    || phrase.food() == null && OR.contains(segments.get(k).by());
            phrase = chain ? shared(phrase, first, segments.get(k)) : phrase;
        }
        Reading reading = amount.reading();
        Unit behind = phrase.food() == null ? null : unitBehind(phrase, first, reading);
        Clause clause = new Clause(phrase, first, counted(reading, phrase, first, behind), behind);
        List<String> remarks = new ArrayList<>();
        List<ReadLine> also = new ArrayList<>();
        List<String> alternatives = new ArrayList<>();
        for (Segment segment : segments.subList(next, segments.size())) {
            if (phrase.food() == null && phrase.name().isEmpty() && also.isEmpty()) {
                remark(remarks, segment);
            } else {
                further(clause, segment, remarks, also, alternatives);
            }
        }
        if (phrase.food() == null && phrase.name().isEmpty()) {
            return nothing(text, remarks);
        }
        return line(text, clause, remarks, also, alternatives);
    }

    /** The food of the line as far as it is read. */
    private static final class Clause {
        private final Phrase phrase;
        private final List<String> words;
        private final @Nullable Unit behind;
        private @Nullable Reading reading;

        Clause(Phrase phrase, List<String> words, @Nullable Reading reading, @Nullable Unit behind) {
            this.phrase = phrase;
            this.words = words;
            this.reading = reading;
            this.behind = behind;
        }

        /** The words the food goes by. */
        String called() {
            return String.join(" ", bare(words.subList(phrase.from(), Math.min(words.size(), phrase.to()))));
        }
    }

    private List<Segment> segments() {
        List<Segment> segments = new ArrayList<>();
        Set<Integer> glued = glued();
        String by = "";
        List<String> open = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            String lower = words.get(i).toLowerCase(Locale.ROOT);
            boolean separator = (AND.contains(lower) || OR.contains(lower)) && !glued.contains(i);
            if (separator && !open.isEmpty()) {
                segments.add(new Segment(by, open));
                open = new ArrayList<>();
                by = lower;
            } else if (separator) {
                by = lower;
            } else {
                open.add(words.get(i));
                if (words.get(i).endsWith(",") && !glued.contains(i)) {
                    segments.add(new Segment(by, open));
                    open = new ArrayList<>();
                    by = ",";
                }
            }
        }
        if (!open.isEmpty() || segments.isEmpty()) {
            segments.add(new Segment(by, open));
        }
        return segments;
    }

    /** Words that part nothing since they stand in a name: "sweet and sour sauce", "pork shoulder, bone in". */
    private Set<Integer> glued() {
        return foods.inNames(words);
    }

    private static List<String> bare(List<String> words) {
        return words.stream().map(LineReader::bare).toList();
    }

    private static void join(List<String> first, Segment segment) {
        if (!segment.by().equals(",")) {
            first.add(segment.by());
        }
        first.addAll(segment.words());
    }

    /** A head that two share: "lime or lemon juice", "1 red and 1 yellow pepper", "fresh or 1 tsp dried oregano". */
    private Phrase shared(Phrase phrase, List<String> first, Segment second) {
        if (second.by().equals(",") && phrase.food() != null) {
            return phrase;
        }
        List<String> behind =
                amountOf(second).map(found -> LineReader.words(found.rest())).orElse(second.words());
        Phrase other = Phrase.of(foods, behind);
        if (other.food() == null) {
            return phrase;
        }
        boolean stateOnly = Phrase.namesNothing(bare(first));
        List<String> name = behind.subList(other.from(), other.to());
        if (!stateOnly && name.size() < 2) {
            return phrase;
        }
        List<String> borrowed =
                new ArrayList<>(bare(first.subList(0, Math.max(1, stateOnly ? first.size() : phrase.end()))));
        borrowed.addAll(bare(stateOnly ? name : name.subList(name.size() - 1, name.size())));
        Phrase whole = Phrase.of(foods, borrowed);
        boolean newly =
                whole.food() != null && (phrase.food() == null || !whole.food().equals(phrase.food()));
        if (!newly || !stateOnly && whole.to() < borrowed.size()) {
            return phrase;
        }
        first.clear();
        first.addAll(borrowed);
        return whole;
    }

    /** The amount a segment begins with, when a food stands behind it. */
    private Optional<Reading> amountOf(Segment segment) {
        return amount(String.join(" ", segment.words()))
                .filter(found -> !found.rest().isBlank());
    }

    private static Optional<Reading> amount(String text) {
        try {
            return AmountReader.read(text);
        } catch (NotAnAmount noAmount) {
            return Optional.empty();
        }
    }

    private void further(
            Clause clause, Segment segment, List<String> remarks, List<ReadLine> also, List<String> alternatives) {
        Optional<Reading> sized = LineAmount.sized(clause.reading, segment.text());
        if (sized.isPresent()) {
            clause.reading = sized.get();
            return;
        }
        boolean or = OR.contains(segment.by()) || segment.words().get(0).equalsIgnoreCase("or");
        List<String> own = segment.words().get(0).equalsIgnoreCase("or")
                        || AND.contains(segment.words().get(0).toLowerCase(Locale.ROOT))
                ? segment.words().subList(1, segment.words().size())
                : segment.words();
        if (own.isEmpty()
                || or && NO_ALTERNATIVE.contains(LineReader.bare(own.get(0)).toLowerCase(Locale.ROOT))) {
            remark(remarks, segment);
            return;
        }
        Segment bare = new Segment(segment.by(), own);
        Optional<Reading> counted = amountOf(bare);
        List<String> named =
                counted.map(found -> LineReader.words(found.rest())).orElse(own);
        List<String> meant = counted.isPresent() || or ? borrowed(clause, named) : named;
        Phrase other = Phrase.of(foods, meant);
        boolean surely =
                counted.isPresent() && !counted.get().bare() && !other.name().isEmpty();
        boolean food = other.food() != null || surely && !segment.by().equals(",");
        if (or
                && !segment.by().equals(",")
                && !food
                && !other.name().isEmpty()
                && counted.isEmpty()
                && clause.phrase.end() == clause.words.size()) {
            alternatives.add(bare.text());
            return;
        }
        if (!food || counted.isPresent() && counted.get().bare() && other.food() == null) {
            remark(remarks, segment);
            return;
        }
        if (or) {
            alternatives.add(bare.text());
            return;
        }
        if (counted.isPresent() && sameFood(clause, other, counted.get())) {
            Reading before = java.util.Objects.requireNonNull(clause.reading);
            Quantity more = counted.get().quantity();
            clause.reading = new Reading(
                    new Quantity(
                            before.quantity().min().plus(more.min()),
                            before.quantity().max().plus(more.max())),
                    null,
                    before.said(),
                    before.again(),
                    before.rest(),
                    before.bare());
            remarks.add(other.kind());
            remarks.add(String.join(" ", named.subList(0, other.from())));
            return;
        }
        String text = counted.isEmpty() && each && amount.reading() != null
                ? amount.reading().quantity() + " " + bare.text()
                : bare.text();
        ReadLine line = alone(text, other, meant, counted.orElse(each ? amount.reading() : null));
        also.add(line);
    }

    /** "2 tins tomatoes, or 800 g fresh", "2 whole eggs and 3 whites": with the name that was said before. */
    private List<String> borrowed(Clause clause, List<String> named) {
        Food food = clause.phrase.food();
        Phrase other = Phrase.of(foods, named);
        if (other.food() != null || food == null || named.isEmpty()) {
            return named;
        }
        List<String> before = List.of(food.name().split(" "));
        if (Phrase.namesNothing(bare(named)) && !Phrase.states(bare(named)).isEmpty()) {
            List<String> words = new ArrayList<>(bare(named));
            words.addAll(before);
            return words;
        }
        List<String> words = new ArrayList<>(before);
        words.addAll(bare(named.subList(0, Math.max(1, Math.min(named.size(), other.end())))));
        Phrase whole = Phrase.of(foods, words);
        boolean part = whole.food() != null
                && whole.to() - whole.from() > 1
                && !whole.food().equals(food);
        return part ? words : named;
    }

    private static boolean sameFood(Clause clause, Phrase other, Reading counted) {
        return clause.reading != null
                && other.food() != null
                && other.food().equals(clause.phrase.food())
                && clause.reading.packs() == null
                && counted.packs() == null
                && counted.quantity().unit().equals(clause.reading.quantity().unit());
    }

    private static void remark(List<String> remarks, Segment segment) {
        String text = String.join(" ", segment.words());
        if (!remarks.isEmpty() && !segment.by().equals(",") && !segment.by().isEmpty()) {
            int last = remarks.size() - 1;
            remarks.set(last, LineReader.bare(remarks.get(last)) + " " + segment.by() + " " + text);
        } else {
            boolean said = segment.by().equals("plus") || segment.by().equals("or");
            remarks.add(said ? segment.by() + " " + text : text);
        }
    }

    private ReadLine alone(String text, Phrase phrase, List<String> named, @Nullable Reading reading) {
        Unit behind = phrase.food() == null ? null : unitBehind(phrase, named, reading);
        Clause clause = new Clause(phrase, named, counted(reading, phrase, named, behind), behind);
        return line(text, clause, List.of(), List.of(), List.of()).alone(text);
    }

    private ReadLine line(
            String text, Clause clause, List<String> remarks, List<ReadLine> also, List<String> alternatives) {
        Phrase phrase = clause.phrase;
        Reading reading = clause.reading;
        Food food = phrase.food();
        List<State> states = new ArrayList<>(phrase.states());
        if (food == null && tinned(reading)) {
            food = foods.named("tinned " + phrase.name()).orElse(null);
        }
        if (food != null && tinned(reading)) {
            states.add(State.TINNED);
            food = foods.inState(food, State.TINNED, clause.called()).orElse(food);
        }
        for (String remark : remarks) {
            List<String> said = bare(LineReader.words(remark));
            for (State state : Phrase.states(said)) {
                if (food != null && state.isSaidBehind(said.get(0))) {
                    food = foods.inState(food, state, clause.called()).orElse(food);
                }
                states.add(state);
            }
        }
        if (food != null) {
            food = bySpoon(food, clause, reading);
        }
        Food is = food;
        String name = food == null ? phrase.name() : food.name();
        List<String> said = new ArrayList<>();
        if (reading != null) {
            said.addAll(reading.said());
        }
        said.add(amount.part());
        if (is != null) {
            said.add(phrase.kind());
            said.add(before(clause, is));
            said.add(after(clause));
        } else {
            said.add(String.join(
                    " ", clause.words.subList(Math.min(phrase.to(), clause.words.size()), clause.words.size())));
        }
        said.addAll(remarks);
        said.add(heading);
        said.addAll(phrase.read());
        List<String> lost = food == null ? List.of(name) : List.of();
        State state = state(states, food);
        return new ReadLine(
                text,
                reading == null ? null : reading.quantity(),
                reading == null ? null : reading.packs(),
                name,
                food,
                state,
                preparation(said, reading),
                alternatives,
                also,
                amount.optional(),
                amount,
                lost);
    }

    /** What was said first, else what its name says. */
    private static @Nullable State state(List<State> said, @Nullable Food food) {
        if (!said.isEmpty()) {
            return said.get(0);
        }
        return food == null
                ? null
                : Phrase.states(List.of(food.name().split(" ", 2)[0])).stream()
                        .filter(state -> food.name().contains(" "))
                        .findFirst()
                        .orElse(null);
    }

    private static boolean tinned(@Nullable Reading reading) {
        return reading != null
                && (TIN.equals(reading.quantity().unit())
                        || (reading.packs() != null
                                && TIN.equals(reading.packs().container())));
    }

    /** By the teaspoon pepper is the spice, by the piece the vegetable. */
    private Food bySpoon(Food food, Clause clause, @Nullable Reading reading) {
        boolean pinch = reading != null && PINCHES.contains(reading.quantity().unit());
        boolean bare = reading == null || Unit.TBSP.equals(reading.quantity().unit());
        if (!pinch && !bare) {
            return food;
        }
        boolean fresh = clause.phrase.states().contains(State.FRESH);
        return fresh ? food : foods.bySpoon(clause.called(), bare).orElse(food);
    }

    private String before(Clause clause, Food food) {
        List<String> before = new ArrayList<>(clause.words.subList(0, clause.phrase.from()));
        before.removeIf(word -> {
            String said = LineReader.bare(word).toLowerCase(Locale.ROOT);
            boolean inName = Phrase.states(List.of(said)).stream()
                    .anyMatch(state -> food.names().anyMatch(name -> name.startsWith(state.words() + " ")));
            return inName && !said.equals("freshly")
                    || said.equals("fresh")
                    || foods.named(said).filter(food::equals).isPresent();
        });
        return String.join(" ", before);
    }

    private static String after(Clause clause) {
        int to = clause.phrase.to();
        boolean unit = clause.behind != null
                && to < clause.words.size()
                && Unit.parse(LineReader.bare(clause.words.get(to)))
                        .filter(clause.behind::equals)
                        .isPresent();
        return String.join(
                " ", clause.words.subList(Math.min(clause.words.size(), unit ? to + 1 : to), clause.words.size()));
    }

    /** "3 garlic cloves", "12 lasagne sheets": the unit stands behind the food or is the end of its name. */
    private @Nullable Unit unitBehind(Phrase phrase, List<String> of, @Nullable Reading reading) {
        if (reading == null || !reading.bare()) {
            return null;
        }
        Unit inName = unitWordOf(phrase, of);
        if (inName != null) {
            return inName;
        }
        boolean follows = phrase.to() < of.size()
                && phrase.to() > 0
                && !of.get(phrase.to() - 1).endsWith(",");
        return follows
                ? Unit.parse(LineReader.bare(of.get(phrase.to())))
                        .filter(unit -> unit.dimension() == Dimension.COUNT
                                && !unit.equals(Unit.PIECE)
                                && !unit.equals(Unit.PORTION))
                        .orElse(null)
                : null;
    }

    private @Nullable Unit unitWordOf(Phrase phrase, List<String> of) {
        boolean whole = phrase.to() - phrase.from() > 1
                && foods.named(String.join(" ", bare(of.subList(phrase.from(), phrase.to() - 1))))
                        .filter(found -> found.equals(phrase.food()))
                        .isPresent();
        return whole
                ? Unit.parse(LineReader.bare(of.get(phrase.to() - 1)))
                        .filter(unit -> unit.dimension() == Dimension.COUNT)
                        .orElse(null)
                : null;
    }

    private static @Nullable Reading counted(
            @Nullable Reading reading, Phrase phrase, List<String> of, @Nullable Unit behind) {
        if (reading == null || behind == null || phrase.food() == null) {
            return reading;
        }
        Quantity quantity = reading.quantity();
        return new Reading(
                new Quantity(
                        Amount.of(quantity.min().value(), behind),
                        Amount.of(quantity.max().value(), behind)),
                reading.packs(),
                reading.said(),
                reading.again(),
                reading.rest(),
                reading.bare());
    }

    /** Words that only say how something is, without what it is. */
    private ReadLine nothing(String text, List<String> remarks) {
        String name = LineReader.bare(String.join(" ", words.subList(0, Math.min(words.size(), end()))));
        Reading reading = amount.reading();
        return new ReadLine(
                text,
                reading == null ? null : reading.quantity(),
                reading == null ? null : reading.packs(),
                name,
                null,
                null,
                preparation(new ArrayList<>(remarks), reading),
                List.of(),
                List.of(),
                amount.optional(),
                amount,
                List.of(name));
    }

    private int end() {
        int end = 0;
        while (end < words.size() && !words.get(end).endsWith(",")) {
            end++;
        }
        return end + 1;
    }

    private String preparation(List<String> said, @Nullable Reading reading) {
        List<String> parts = new ArrayList<>(said);
        parts.addAll(amount.notes());
        if (reading != null) {
            parts.addAll(reading.again());
        }
        return parts.stream()
                .map(LineClauses::tidy)
                .filter(part -> !part.isEmpty())
                .collect(Collectors.joining(", "));
    }

    private static String tidy(String part) {
        String tidy = DOT.matcher(part).replaceAll("$1").strip();
        for (String word : List.of("of ", "and ", "– ", "- ", "— ")) {
            tidy = tidy.startsWith(word) ? tidy.substring(word.length()).strip() : tidy;
        }
        return tidy.endsWith(",") ? tidy.substring(0, tidy.length() - 1) : tidy;
    }

    /** A line of these parts as it would be typed. */
    static String words(@Nullable Quantity quantity, @Nullable Packs packs, String name, String preparation) {
        String much = quantity == null ? "" : quantity + " ";
        if (packs != null && quantity != null && quantity.min().equals(quantity.max())) {
            String container =
                    packs.container() == null ? "" : packs.container().symbol() + " ";
            much = packs.count() + " x " + packs.each() + " " + container;
        }
        return much + name + (preparation.isEmpty() ? "" : ", " + preparation);
    }
}
