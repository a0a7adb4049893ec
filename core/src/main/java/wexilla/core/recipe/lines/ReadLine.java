package wexilla.core.recipe.lines;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.Scaling;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.State;
import wexilla.core.food.book.WordLists;
import wexilla.core.food.facts.Part;
import wexilla.core.food.facts.Yield;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.text.Packs;

/**
 * A typed line as understood.
 *
 * @param text as typed
 * @param quantity null when no amount was written: "salt to taste"
 * @param packs when it was written as packs of a size, or as so many pieces with their total
 * @param foodName the food as shown; the typed words when the book does not know it
 * @param food the food of the book, or null
 * @param state how it is said to be: cooked, frozen, tinned; null when nothing was said
 * @param preparation "finely diced, drained"; empty when there is none
 * @param alternatives what may be taken instead: "beef or lamb"
 * @param also further foods of the line, each a line of its own
 * @param optional "optional" was written
 * @param written where its amount stands, as read; null for a line that was stored
 * @param notUnderstood pieces of the text that led to nothing
 */
public record ReadLine(
        String text,
        @Nullable Quantity quantity,
        @Nullable Packs packs,
        String foodName,
        @Nullable Food food,
        @Nullable State state,
        String preparation,
        List<String> alternatives,
        List<ReadLine> also,
        boolean optional,
        @Nullable LineAmount written,
        List<String> notUnderstood) {

    /** An amount and "halved". */
    private static final int SHORTEST = 8;

    private static final Pattern WHOLE = WordLists.of("step-words").list("whole");
    private static final Pattern READY = WordLists.of("step-words").list("ready");
    private static final Pattern PEELED = WordLists.of("step-words").list("peeled");
    private static final Pattern VESSEL = Pattern.compile(
            "\\b(?:for|to) (?:grease|greasing|dusting|lining|line)\\b|\\bfor the (?:tin|tray|dish|mould|pan)\\b"
                    + "|\\bfor (?:the )?(?:top|topping|lid|crust)\\b|\\bon top\\b|\\bto top\\b|\\bto sprinkle on top\\b",
            Pattern.CASE_INSENSITIVE);

    public ReadLine {
        alternatives = List.copyOf(alternatives);
        also = List.copyOf(also);
        notUnderstood = List.copyOf(notUnderstood);
    }

    /** A line of one food and nothing besides. */
    public static ReadLine of(
            String text, @Nullable Quantity quantity, String foodName, @Nullable Food food, String preparation) {
        return new ReadLine(
                text, quantity, null, foodName, food, null, preparation, List.of(), List.of(), false, null, List.of());
    }

    ReadLine written(LineAmount amount, boolean isOptional) {
        return new ReadLine(
                text,
                quantity,
                packs,
                foodName,
                food,
                state,
                preparation,
                alternatives,
                also,
                isOptional,
                amount,
                notUnderstood);
    }

    ReadLine notUnderstood(List<String> pieces) {
        return new ReadLine(
                text,
                quantity,
                packs,
                foodName,
                food,
                state,
                preparation,
                alternatives,
                also,
                optional,
                written,
                pieces);
    }

    /** The same line with its own words and without the further foods. */
    ReadLine alone(String own) {
        return new ReadLine(
                own,
                quantity,
                packs,
                foodName,
                food,
                state,
                preparation,
                alternatives,
                List.of(),
                optional,
                null,
                notUnderstood);
    }

    /** A line for each of its foods, this one first; each is read again as it is. */
    public List<ReadLine> each() {
        if (also.isEmpty()) {
            return List.of(this);
        }
        List<ReadLine> lines = new ArrayList<>();
        lines.add(alone(LineClause.words(quantity, packs, foodName, preparation)));
        lines.addAll(also);
        return lines;
    }

    /** How it follows the size of a batch: as what is done with it says, else as its food does. */
    public Scaling scaling() {
        if (saysForOrTop() && VESSEL.matcher(preparation).find()) {
            return Scaling.PER_VESSEL;
        }
        return food == null ? Scaling.LINEAR : food.scaling();
    }

    /** Whether "for" or "to" may be in it, without which no vessel is spoken of; a thousand recipes are asked at once. */
    private boolean saysForOrTop() {
        for (int i = 1; i < preparation.length(); i++) {
            if ((preparation.charAt(i) | ' ') == 'o' && "ftFT".indexOf(preparation.charAt(i - 1)) >= 0) {
                return true;
            }
        }
        return false;
    }

    /** Whether it is wanted in one piece: peppers to stuff. */
    public boolean whole() {
        // most lines name no preparation at all, and are asked often
        return text.length() > foodName.length() + SHORTEST
                && WHOLE.matcher(text).find();
    }

    /**
     * What is left of a gram as bought of what its amount says: 0.81 for "900 g potatoes, ready to cook"; one where the
     * amount is as bought, or nobody knows what is peeled off.
     */
    public Rational ofBought() {
        Quantity said = quantity;
        Yield ready = food == null ? null : food.traits().yield(Part.READY);
        boolean measured = said != null && said.unit().dimension() != Dimension.COUNT;
        return ready != null && measured && (READY.matcher(preparation).find() || weighedPeeled())
                ? ready.ofOne()
                : Rational.ONE;
    }

    /** "720 g peeled potatoes" were weighed without their peel; "900 g potatoes, peeled" with it. */
    private boolean weighedPeeled() {
        Matcher peeled = PEELED.matcher(text);
        if (food == null || !peeled.find()) {
            return false;
        }
        String behind = text.substring(peeled.end()).split("[,(]")[0];
        return text.substring(0, peeled.start()).indexOf(',') < 0
                && food.names().anyMatch(name -> FoodBook.same(last(name), last(behind)));
    }

    private static String last(String words) {
        String plain = words.strip();
        return plain.substring(plain.lastIndexOf(' ') + 1);
    }

    public Optional<Food> knownFood() {
        return Optional.ofNullable(food);
    }

    /** Its food with what the words of the line say of it: an animal, a claim. */
    public Optional<Food> saidFood() {
        return knownFood().map(known -> known.saying(text));
    }
}
