package wexilla.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.FoodBook;
import wexilla.core.quantity.AmountReader;
import wexilla.core.quantity.AmountReader.Packs;
import wexilla.core.quantity.AmountReader.Reading;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.quantity.Unit;

/**
 * Reads one recipe line: amount, unit, food, preparation, whether optional. It guesses no food: what the book does not
 * know keeps its own words and is named as not understood.
 */
public final class LineReader {

    /** Longest line accepted, in characters. */
    public static final int LONGEST = 300;

    private static final Pattern BRACKETS = Pattern.compile("\\(([^()]*)\\)");
    private static final Pattern OPTIONAL = Pattern.compile("\\boptional(ly)?\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern LEADING =
            Pattern.compile("^(of|the|some|a|an|fresh)(\\s+|$)", Pattern.CASE_INSENSITIVE);
    private static final Pattern BULLET = Pattern.compile("^[\\s•*·]+(?=\\S)|^[-–]\\s+");
    private static final Pattern OR = Pattern.compile(
            "(\\S.*?)\\s+or\\s+(?!to taste|more|less|so\\b|as )([^,]+)(,.*)?", Pattern.CASE_INSENSITIVE);
    private static final Unit TIN = Unit.named("tin");

    private final FoodBook foods;

    public LineReader(FoodBook foods) {
        this.foods = foods;
    }

    /**
     * @throws NotAnAmount if the line begins with a number that cannot be an amount, is blank, longer than
     *     {@link #LONGEST}, or names no food
     */
    public ReadLine read(String typed) {
        String text = BULLET.matcher(typed).replaceFirst("").strip();
        if (text.isEmpty()) {
            throw new NotAnAmount("an empty line; write an amount and a food, such as 500 g minced beef");
        }
        if (text.length() > LONGEST) {
            throw new NotAnAmount("this line has " + text.length() + " characters; " + LONGEST + " is the most");
        }
        Optional<Reading> reading = AmountReader.read(text);
        List<String> notes = new ArrayList<>();
        String rest = reading.map(Reading::rest).orElse(text);
        rest = BRACKETS.matcher(rest).replaceAll(found -> {
            notes.add(found.group(1).strip());
            return " ";
        });
        boolean optional = OPTIONAL.matcher(text).find();
        String words = OPTIONAL.matcher(rest).replaceAll("").strip();
        words = LEADING.matcher(words).replaceFirst("");
        if (words.isBlank()) {
            throw new NotAnAmount("“" + text + "” names no food; write what it is, such as 500 g minced beef");
        }
        Matcher either = OR.matcher(words);
        List<String> alternatives = either.matches() ? List.of(either.group(2).strip()) : List.of();
        String first = either.matches() ? either.group(1) + Objects.requireNonNullElse(either.group(3), "") : words;
        return understood(text, reading.orElse(null), first, notes, alternatives, optional);
    }

    private ReadLine understood(
            String text,
            @Nullable Reading reading,
            String words,
            List<String> notes,
            List<String> alternatives,
            boolean optional) {
        Packs packs = reading == null ? null : reading.packs();
        Optional<FoodBook.Match> match = find(words, reading);
        if (match.isPresent()) {
            FoodBook.Match met = match.get();
            String preparation = Stream.concat(Stream.of(met.before(), met.after()), notes.stream())
                    .map(LineReader::tidy)
                    .filter(part -> !part.isEmpty())
                    .collect(Collectors.joining(", "));
            return new ReadLine(
                    text,
                    reading == null ? null : reading.quantity(),
                    packs,
                    met.food().name(),
                    met.food(),
                    preparation,
                    alternatives,
                    optional,
                    List.of());
        }
        int comma = words.indexOf(',');
        String name = (comma < 0 ? words : words.substring(0, comma)).strip();
        String after = comma < 0 ? "" : words.substring(comma + 1).strip();
        String preparation = Stream.concat(Stream.of(after), notes.stream())
                .filter(p -> !p.isBlank())
                .collect(Collectors.joining(", "));
        return new ReadLine(
                text,
                reading == null ? null : reading.quantity(),
                packs,
                name.isEmpty() ? words : name,
                null,
                preparation,
                alternatives,
                optional,
                List.of(name.isEmpty() ? words : name));
    }

    /** In a tin it is the tinned food: "2 tins tomatoes" are tinned tomatoes, "2 tins white beans" never dried ones. */
    private Optional<FoodBook.Match> find(String words, @Nullable Reading reading) {
        boolean tinned = reading != null
                && (TIN.equals(reading.quantity().unit())
                        || (reading.packs() != null
                                && TIN.equals(reading.packs().container())));
        Optional<FoodBook.Match> plain = foods.find(words);
        if (tinned && plain.isPresent()) {
            Optional<FoodBook.Match> inTin = plain.get()
                    .food()
                    .names()
                    .flatMap(name -> foods.named("tinned " + name).stream())
                    .findFirst()
                    .map(food -> new FoodBook.Match(
                            food, plain.get().before(), plain.get().after()));
            return inTin.isPresent() ? inTin : plain;
        }
        return plain;
    }

    private static String tidy(String part) {
        return part.replaceAll("^(of|and)\\s+", "").replaceAll("\\s+", " ").strip();
    }
}
