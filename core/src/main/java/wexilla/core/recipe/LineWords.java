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
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.AmountReader.Packs;
import wexilla.core.quantity.AmountReader.Reading;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Unit;

/** The words of one line without its amount: which food they name, and what they say of it. */
final class LineWords {

    private static final Unit TIN = Unit.named("tin");
    /** Words that say in which state a food is bought or kept; before its name they may make it another food. */
    private static final Set<String> STATES =
            Set.of("cooked", "tinned", "canned", "frozen", "dried", "dry", "browned", "leftover");
    /** Behind these words stands what is done to the food, or another one: its name begins before. */
    private static final Set<String> BORDERS = Set.of(
            "in",
            "with",
            "for",
            "from",
            "plus",
            "dissolved",
            "to",
            "at",
            "cut",
            "as",
            "or",
            "and",
            "&",
            "+",
            "weighing",
            "–",
            "—",
            "-",
            "/");

    private static final Set<String> AND = Set.of("and", "&", "+", "plus");
    private static final Set<String> NO_ALTERNATIVE = Set.of("to", "more", "less", "so", "as", "until", "about");
    private static final Pattern DOT = Pattern.compile("(\\p{L})\\.(?=\\s|,|$)");

    private final FoodBook foods;
    private final LineAmount amount;
    private final List<String> words;
    private final List<String> bare;
    /** How many words stand before the first comma or border. */
    private final int head;

    LineWords(FoodBook foods, LineAmount amount, List<String> words) {
        this.foods = foods;
        this.amount = amount;
        this.words = words;
        this.bare = words.stream().map(LineReader::bare).toList();
        int end = 0;
        while (end < words.size()
                && (end == 0 || !BORDERS.contains(bare.get(end).toLowerCase(Locale.ROOT)))
                && (end == 0 || !words.get(end - 1).endsWith(","))) {
            end++;
        }
        this.head = end;
    }

    ReadLine read(String text) {
        Optional<FoodBook.Match> inHead = foods.find(words, 0, head);
        Optional<FoodBook.Match> met = inHead.isPresent() ? inHead : foods.find(words, head, words.size());
        Reading reading = amount.reading();
        Quantity quantity = reading == null ? null : reading.quantity();
        Packs packs = reading == null ? null : reading.packs();
        List<String> said = new ArrayList<>();
        if (reading != null) {
            said.addAll(reading.said());
        }
        said.add(amount.part());
        if (met.isEmpty()) {
            return unknown(text, quantity, packs, said);
        }
        FoodBook.Match match = beforeItsUnit(met.get());
        Food food = inItsState(match, reading);
        List<String> before = new ArrayList<>(words.subList(0, match.from()));
        before.removeIf(word -> isState(word, food)
                || LineReader.bare(word).equalsIgnoreCase("fresh")
                || foods.named(LineReader.bare(word))
                        .filter(match.food()::equals)
                        .isPresent());
        int to = match.to();
        if (quantity != null && reading != null && reading.bare()) {
            Unit unit = unitBehind(match);
            if (unit != null) {
                quantity = new Quantity(
                        Amount.of(quantity.min().value(), unit),
                        Amount.of(quantity.max().value(), unit));
                to = unitWordOf(match) ? to : to + 1;
            }
        }
        List<String> alternatives = new ArrayList<>();
        List<String> after = instead(inHead.isPresent(), to, alternatives);
        said.add(match.kind());
        said.add(String.join(" ", before));
        said.add(String.join(" ", after));
        return new ReadLine(
                text,
                quantity,
                packs,
                food.name(),
                food,
                preparation(said),
                alternatives,
                amount.optional(),
                amount,
                second(match));
    }

    /** In "garlic cloves" the cloves are a unit, not the spice. */
    private FoodBook.Match beforeItsUnit(FoodBook.Match match) {
        boolean unit = match.to() == match.from() + 1
                && Unit.parse(bare.get(match.from()))
                        .filter(found -> found.dimension() == Dimension.COUNT)
                        .isPresent();
        return !unit
                ? match
                : foods.find(words, 0, match.from())
                        .filter(earlier -> earlier.to() == match.from())
                        .orElse(match);
    }

    /** "Parsley and 2 eggs" are two lines in one; the food that is left over is named. */
    private List<String> second(FoodBook.Match match) {
        if (match.to() != head || head == words.size() || !AND.contains(bare.get(head))) {
            return List.of();
        }
        return foods.find(words, head + 1, words.size())
                .map(found -> List.of(String.join(" ", bare.subList(found.from(), found.to()))))
                .orElse(List.of());
    }

    private ReadLine unknown(String text, @Nullable Quantity quantity, @Nullable Packs packs, List<String> said) {
        int comma = 0;
        while (comma < words.size() && !words.get(comma).endsWith(",")) {
            comma++;
        }
        int end = Math.min(comma + 1, words.size());
        String name = LineReader.bare(String.join(" ", words.subList(0, end)));
        said.add(String.join(" ", words.subList(end, words.size())));
        return new ReadLine(
                text,
                quantity,
                packs,
                name,
                null,
                preparation(said),
                List.of(),
                amount.optional(),
                amount,
                List.of(name));
    }

    /** "2 tins tomatoes" are tinned tomatoes, "cooked, shredded chicken" is cooked chicken. */
    private Food inItsState(FoodBook.Match match, @Nullable Reading reading) {
        boolean tinned = reading != null
                && (TIN.equals(reading.quantity().unit())
                        || (reading.packs() != null
                                && TIN.equals(reading.packs().container())));
        if (tinned) {
            return inState("tinned", match.food());
        }
        for (String word : bare.subList(0, match.from())) {
            Food food = STATES.contains(word) ? inState(stated(word), match.food()) : match.food();
            if (!food.equals(match.food())) {
                return food;
            }
        }
        return match.food();
    }

    private Food inState(String state, Food food) {
        return food.names()
                .flatMap(name -> foods.named(state + " " + name).stream())
                .findFirst()
                .orElse(food);
    }

    private boolean isState(String word, Food food) {
        String state = LineReader.bare(word).toLowerCase(Locale.ROOT);
        return STATES.contains(state) && food.names().anyMatch(name -> name.startsWith(stated(state) + " "));
    }

    private static String stated(String word) {
        return word.equals("dry") ? "dried" : word.equals("canned") ? "tinned" : word;
    }

    /** "3 garlic cloves", "12 lasagne sheets": the unit stands behind the food or is the end of its name. */
    private @Nullable Unit unitBehind(FoodBook.Match match) {
        if (unitWordOf(match)) {
            return Unit.parse(bare.get(match.to() - 1)).orElse(null);
        }
        boolean follows = match.to() < bare.size() && !words.get(match.to() - 1).endsWith(",");
        return follows
                ? Unit.parse(bare.get(match.to()))
                        .filter(unit -> unit.dimension() == Dimension.COUNT
                                && !unit.equals(Unit.PIECE)
                                && !unit.equals(Unit.PORTION))
                        .orElse(null)
                : null;
    }

    private boolean unitWordOf(FoodBook.Match match) {
        return match.to() - match.from() > 1
                && Unit.parse(bare.get(match.to() - 1))
                        .filter(unit -> unit.dimension() == Dimension.COUNT)
                        .isPresent()
                && foods.named(String.join(" ", bare.subList(match.from(), match.to() - 1)))
                        .filter(match.food()::equals)
                        .isPresent();
    }

    /** The words behind the food; "or lamb" becomes what may be taken instead. */
    private List<String> instead(boolean inHead, int to, List<String> alternatives) {
        List<String> after = words.subList(to, words.size());
        boolean either = inHead
                && after.size() > 1
                && to == head
                && !words.get(to - 1).endsWith(",")
                && after.get(0).equalsIgnoreCase("or")
                && !NO_ALTERNATIVE.contains(LineReader.bare(after.get(1)).toLowerCase(Locale.ROOT));
        if (!either) {
            return after;
        }
        int end = 1;
        while (end < after.size() && !after.get(end - 1).endsWith(",")) {
            end++;
        }
        alternatives.add(LineReader.bare(String.join(" ", after.subList(1, end))));
        return after.subList(end, after.size());
    }

    private String preparation(List<String> said) {
        List<String> parts = new ArrayList<>(said);
        Reading reading = amount.reading();
        parts.addAll(amount.notes());
        if (reading != null) {
            parts.addAll(reading.again());
        }
        return parts.stream()
                .map(LineWords::tidy)
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
}
