package wexilla.core.recipe.lines;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.Grammar;
import wexilla.core.food.book.Phrase;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.text.AmountReader;
import wexilla.core.quantity.text.AmountReader.Reading;

/**
 * The words of one line behind its first amount: which food they name, what else the line asks for ("and 2 carrots"),
 * what may stand in ("or butter"), what a total fixes (", about 900 g") and what is only said ("finely diced").
 */
final class LineClauses {

    private static final Set<String> NO_ALTERNATIVE = Grammar.words("no-alternative");
    private static final Pattern EACH_FOOD =
            Pattern.compile("^each(?:\\s+of)?\\s*:?\\s+(?=\\S)|^each:\\s*", Pattern.CASE_INSENSITIVE);

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
        String plain = each ? EACH_FOOD.matcher(text).replaceFirst("") : text;
        boolean shared = each || SharedHead.counted(plain);
        this.words = shared ? LineReader.words(SharedHead.of(foods, plain)) : words;
    }

    ReadLine read(String text) {
        List<LineSegment> segments = each ? LineSegment.ofEach(words, foods) : LineSegment.of(words, foods);
        List<String> first = new ArrayList<>(segments.get(0).words());
        int next = 1;
        while (next < segments.size()
                && namesNothing(first)
                && !LineSegment.OR.contains(segments.get(next).by())
                && amountOf(segments.get(next)).isEmpty()) {
            join(first, segments.get(next));
            next++;
        }
        Phrase phrase = Phrase.of(foods, first);
        for (int k = next; k < segments.size() && k <= next + 1; k++) {
            boolean chain = k == next
                    || phrase.food() == null
                            && LineSegment.OR.contains(segments.get(k).by());
            phrase = chain ? shared(phrase, first, segments.get(k)) : phrase;
        }
        Reading reading = amount.reading();
        LineClause clause = new LineClause(foods, amount, heading, phrase, first, reading);
        List<String> remarks = new ArrayList<>();
        List<ReadLine> also = new ArrayList<>();
        List<String> alternatives = new ArrayList<>();
        for (LineSegment segment : segments.subList(next, segments.size())) {
            if (phrase.food() == null && phrase.name().isEmpty() && also.isEmpty()) {
                remark(remarks, segment);
            } else {
                further(clause, segment, remarks, also, alternatives);
            }
        }
        if (phrase.food() == null && phrase.name().isEmpty()) {
            return nothing(text, remarks);
        }
        return clause.line(text, remarks, also, alternatives);
    }

    /** Whether these words only say how something is; cloves alone are a spice. */
    private boolean namesNothing(List<String> words) {
        return Phrase.namesNothing(bare(words))
                && foods.named(String.join(" ", bare(words))).isEmpty();
    }

    private static List<String> bare(List<String> words) {
        return words.stream().map(LineReader::bare).toList();
    }

    private static void join(List<String> first, LineSegment segment) {
        if (!segment.by().equals(",")) {
            first.add(segment.by());
        }
        first.addAll(segment.words());
    }

    /** A head that two share: "lime or lemon juice", "1 red and 1 yellow pepper", "fresh or 1 tsp dried oregano". */
    private Phrase shared(Phrase phrase, List<String> first, LineSegment second) {
        if (second.by().equals(",") && phrase.food() != null) {
            return phrase;
        }
        List<String> behind =
                amountOf(second).map(found -> LineReader.words(found.rest())).orElse(second.words());
        Phrase other = Phrase.of(foods, behind);
        if (other.food() == null) {
            return phrase;
        }
        boolean stateOnly = namesNothing(first);
        List<String> name = behind.subList(other.from(), other.to());
        boolean ownHead =
                LineSegment.AND.contains(second.by()) && foods.heads(LineReader.bare(name.get(name.size() - 1)));
        boolean again = !stateOnly && phrase.food() != null && FoodBook.same(name.get(0), first.get(0));
        if (!stateOnly && (name.size() < 2 || ownHead) || again) {
            return phrase;
        }
        List<String> own = bare(first.subList(0, Math.max(1, stateOnly ? first.size() : phrase.end())));
        for (int from = stateOnly ? 0 : 1; from < (stateOnly ? 1 : name.size()); from++) {
            List<String> borrowed = new ArrayList<>(own);
            borrowed.addAll(bare(name.subList(from, name.size())));
            Phrase whole = Phrase.of(foods, borrowed);
            boolean newly = whole.food() != null
                    && (phrase.food() == null || !whole.food().equals(phrase.food()));
            if (newly && (stateOnly || whole.to() == borrowed.size())) {
                first.clear();
                first.addAll(borrowed);
                return whole;
            }
        }
        return phrase;
    }

    /** The amount a segment begins with, when a food stands behind it. */
    private Optional<Reading> amountOf(LineSegment segment) {
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
            LineClause clause,
            LineSegment segment,
            List<String> remarks,
            List<ReadLine> also,
            List<String> alternatives) {
        Optional<Reading> sized = LineAmount.sized(clause.reading, segment.text());
        if (sized.isPresent()) {
            clause.reading = sized.get();
            return;
        }
        boolean or =
                LineSegment.OR.contains(segment.by()) || segment.words().get(0).equalsIgnoreCase("or");
        List<String> own = segment.words().get(0).equalsIgnoreCase("or")
                        || LineSegment.AND.contains(segment.words().get(0).toLowerCase(Locale.ROOT))
                ? segment.words().subList(1, segment.words().size())
                : segment.words();
        if (own.isEmpty()
                || !or && Phrase.namesNothing(bare(own))
                || or && NO_ALTERNATIVE.contains(LineReader.bare(own.get(0)).toLowerCase(Locale.ROOT))) {
            remark(remarks, segment);
            return;
        }
        LineSegment bare = new LineSegment(segment.by(), own);
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
                : meant.equals(named)
                        ? bare.text()
                        : counted.map(found -> found.quantity() + " ").orElse("") + String.join(" ", meant);
        ReadLine line = alone(text, other, meant, counted.orElse(each ? amount.reading() : null));
        also.add(line);
    }

    /** "2 tins tomatoes, or 800 g fresh", "2 whole eggs and 3 whites": with the name that was said before. */
    private List<String> borrowed(LineClause clause, List<String> named) {
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

    private static boolean sameFood(LineClause clause, Phrase other, Reading counted) {
        return clause.reading != null
                && other.food() != null
                && other.food().equals(clause.phrase.food())
                && clause.reading.packs() == null
                && counted.packs() == null
                && counted.quantity().unit().equals(clause.reading.quantity().unit());
    }

    private static void remark(List<String> remarks, LineSegment segment) {
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
        LineClause clause = new LineClause(foods, amount, heading, phrase, named, reading);
        return clause.line(text, List.of(), List.of(), List.of()).alone(text);
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
                LineClause.preparation(amount, remarks, reading),
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
}
