package wexilla.core.recipe.lines;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.Phrase;
import wexilla.core.food.book.State;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.AmountReader.Reading;
import wexilla.core.quantity.text.Packs;

/** One food of a line with its amount: what it is, how it is, and what is said of it. */
final class LineClause {

    private static final Unit TIN = Unit.named("tin");
    private static final Set<Unit> PINCHES = Set.of(Unit.TSP, Unit.named("pinch"), Unit.named("dash"));
    private static final Pattern DOT = Pattern.compile("(\\p{L})\\.(?=\\s|,|$)");

    private final FoodBook foods;
    private final LineAmount amount;
    private final String heading;
    final Phrase phrase;
    final List<String> words;
    private final @Nullable Unit behind;

    /** Its amount; what stands behind the food may still fix it. */
    @Nullable
    Reading reading;

    LineClause(
            FoodBook foods,
            LineAmount amount,
            String heading,
            Phrase phrase,
            List<String> words,
            @Nullable Reading reading) {
        this.foods = foods;
        this.amount = amount;
        this.heading = heading;
        this.phrase = phrase;
        this.words = words;
        this.behind = phrase.food() == null ? null : unitBehind(phrase, words, reading);
        this.reading = counted(reading, phrase, behind);
    }

    /** The words the food goes by. */
    private String called() {
        return String.join(" ", bare(words.subList(phrase.from(), Math.min(words.size(), phrase.to()))));
    }

    private static List<String> bare(List<String> words) {
        return words.stream().map(LineReader::bare).toList();
    }

    /** The clause as a line. @param remarks what else was said behind it */
    ReadLine line(String text, List<String> remarks, List<ReadLine> also, List<String> alternatives) {
        Reading reading = this.reading;
        Food food = phrase.food();
        List<State> states = new ArrayList<>(phrase.states());
        if (food == null && tinned(reading)) {
            food = foods.named("tinned " + phrase.name()).orElse(null);
        }
        if (food != null && tinned(reading)) {
            states.add(State.TINNED);
            food = foods.inState(food, State.TINNED, called()).orElse(food);
        }
        for (String remark : remarks) {
            List<String> said = bare(LineReader.words(remark));
            for (State state : Phrase.states(said)) {
                if (food != null && state.isSaidBehind(said.get(0))) {
                    food = foods.inState(food, state, called()).orElse(food);
                }
                states.add(state);
            }
        }
        if (food != null) {
            food = bySpoon(food);
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
            said.add(before(is));
            said.add(after());
        } else {
            said.add(String.join(" ", words.subList(Math.min(phrase.to(), words.size()), words.size())));
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
                preparation(amount, said, reading),
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
    private Food bySpoon(Food food) {
        // "1 tsp ground cumin and coriander": the spoon is of both
        Reading spoon = reading == null ? amount.reading() : reading;
        boolean pinch = spoon != null && PINCHES.contains(spoon.quantity().unit());
        boolean bare = !pinch
                && (reading == null || Unit.TBSP.equals(reading.quantity().unit()));
        if (!pinch && !bare) {
            return food;
        }
        boolean fresh = phrase.states().contains(State.FRESH);
        boolean several = bare && called().toLowerCase(java.util.Locale.ROOT).endsWith("peppers");
        return fresh || several ? food : foods.bySpoon(called(), bare).orElse(food);
    }

    private String before(Food food) {
        List<String> before = new ArrayList<>(words.subList(0, phrase.from()));
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

    private String after() {
        int to = phrase.to();
        boolean unit = behind != null
                && to < words.size()
                && Unit.parse(LineReader.bare(words.get(to)))
                        .filter(behind::equals)
                        .isPresent();
        return String.join(" ", words.subList(Math.min(words.size(), unit ? to + 1 : to), words.size()));
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
        Food food = phrase.food();
        Optional<Food> without = food == null || phrase.to() - phrase.from() < 2
                ? Optional.empty()
                : foods.named(String.join(" ", bare(of.subList(phrase.from(), phrase.to() - 1))));
        return without.flatMap(named -> Unit.parse(LineReader.bare(of.get(phrase.to() - 1)))
                        .filter(unit -> unit.dimension() == Dimension.COUNT)
                        .filter(unit -> named.equals(food) || weighed(food, unit)))
                .orElse(null);
    }

    /** Whether it is weighed, and known what one of these weighs: lasagne is a dish, and sheets of it are counted. */
    private static boolean weighed(@Nullable Food food, Unit unit) {
        return food != null
                && !food.base().equals(Unit.PIECE)
                && food.facts().stream().anyMatch(fact -> fact.from().unit().equals(unit));
    }

    private static @Nullable Reading counted(@Nullable Reading reading, Phrase phrase, @Nullable Unit behind) {
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

    static String preparation(LineAmount amount, List<String> said, @Nullable Reading reading) {
        List<String> parts = new ArrayList<>(said);
        parts.addAll(amount.notes());
        if (reading != null) {
            parts.addAll(reading.again());
        }
        return parts.stream()
                .map(LineClause::tidy)
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
