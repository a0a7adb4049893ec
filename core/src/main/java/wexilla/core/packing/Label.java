package wexilla.core.packing;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Diet;
import wexilla.core.food.Food;
import wexilla.core.food.facts.Allergen;
import wexilla.core.food.facts.Country;
import wexilla.core.food.facts.Known;
import wexilla.core.food.facts.Making;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.KitchenRounding;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;

/**
 * What stands on a packet.
 *
 * @param holds "4 portions", "612 g"
 * @param weight "about 1.85 kg"; empty where {@code holds} says it, and where nobody knows
 * @param style how far it was taken, in words
 * @param until "eat by" or "best before", with the date; null when no keeping time is known
 * @param part which of {@code parts} packets that make one meal; 1 of 1 when it is one alone
 * @param contains the allergens in it and in what is added, with the foods nobody knows; empty without a recipe
 * @param add what is added on the night, at the size of this packet
 * @param finish what is left to do
 */
public record Label(
        String name,
        String code,
        String holds,
        String weight,
        String style,
        LocalDate packedOn,
        @Nullable Until until,
        int part,
        int parts,
        String contains,
        List<String> add,
        List<String> finish) {

    /** A date with the words in front of it. */
    public record Until(String words, LocalDate date) {}

    public Label {
        add = List.copyOf(add);
        finish = List.copyOf(finish);
    }

    private static final int LONGEST_BY_HAND = 24;
    private static final DateTimeFormatter SHORT = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter MONTH = DateTimeFormatter.ofPattern("MMM yyyy", Locale.ENGLISH);

    /** What is in it, with its weight. */
    public String content() {
        return weight.isEmpty() ? holds : holds + ", " + weight;
    }

    /** Four short lines for a marker pen; the code is written beside them. */
    public List<String> byHand() {
        String share = holds + (parts > 1 ? ", part " + part + "/" + parts : "");
        // what does not fit beside it is left out, never cut
        String weighed = weight.isEmpty() ? share : share + ", " + weight;
        String meal = weighed.length() <= LONGEST_BY_HAND ? weighed : share;
        Until end = until;
        String date = end == null
                ? "packed " + SHORT.format(packedOn)
                : SHORT.format(packedOn) + ", "
                        + (end.words().equals("eat by")
                                ? "eat by " + SHORT.format(end.date())
                                : "best " + MONTH.format(end.date()));
        String more = add.isEmpty() ? style : "+ " + String.join(", ", add);
        return List.of(cut(name), cut(meal), cut(date), cut(more));
    }

    private static String cut(String text) {
        return text.length() <= LONGEST_BY_HAND
                ? text
                : text.substring(0, LONGEST_BY_HAND - 1).strip() + "…";
    }

    /** What is added on the night to this much of a recipe that stops in this style, in kitchen measures. */
    public static List<String> toAdd(Sized packet, Style style) {
        return packet.onTheNight(style).stream().map(Label::toAdd).toList();
    }

    private static String toAdd(Sized.Line line) {
        String preparation = line.read().preparation();
        String name = line.read().foodName() + (preparation.isEmpty() ? "" : ", " + preparation);
        Amount exact = line.amount();
        if (exact == null) {
            return name;
        }
        Amount amount = KitchenRounding.nearest(exact);
        return amount + (amount.unit().equals(Unit.PIECE) ? " × " : " ") + name;
    }

    /**
     * The allergens of a recipe, held back or not, and of what went in besides, in the order of the regulation: "milk,
     * nuts"; foods the book does not know are named, since nobody can say what is in them, and so is what depends on its
     * maker. That there is no animal product in it is said only where every line is known.
     *
     * <p>Source: Regulation (EU) 1169/2011, Annex II (from memory).
     *
     * @param recipe null for what was cooked without one
     * @param wentIn foods that were really taken
     * @param country by whose list allergens are grouped; null for the EU's
     */
    public static String contains(@Nullable Recipe recipe, Collection<Food> wentIn, @Nullable Country country) {
        All all = new All(country);
        for (RecipeLine line : recipe == null ? List.<RecipeLine>of() : recipe.withMade()) {
            all.add(line.read().saidFood().orElse(null), line.read().foodName());
        }
        wentIn.forEach(food -> all.add(food, food.name()));
        return all.words();
    }

    /** What is in a packet, gathered food by food. */
    private static final class All {

        private final @Nullable Country country;
        private final Set<Allergen> in = new TreeSet<>();
        private final Set<String> unknown = new LinkedHashSet<>();
        private final Set<String> byMaker = new LinkedHashSet<>();
        private boolean plants = true;
        private boolean empty = true;

        All(@Nullable Country country) {
            this.country = country;
        }

        void add(@Nullable Food food, String name) {
            empty = false;
            plants &= food != null && Diet.VEGAN.against(food) == Known.WITHOUT;
            if (food == null || food.traits().contents().making() == Making.UNKNOWN) {
                unknown.add(name);
                return;
            }
            in.addAll(food.traits().contents().allergens(country));
            if (food.traits().contents().look()) {
                String often = food.traits().contents().often(country).stream()
                        .sorted()
                        .map(Allergen::words)
                        .collect(Collectors.joining(", "));
                byMaker.add(often.isEmpty() ? food.name() : food.name() + " (" + often + ")");
            }
        }

        String words() {
            return Stream.of(
                            in.stream().map(Allergen::words).collect(Collectors.joining(", ")),
                            unknown.isEmpty() ? "" : "not known: " + String.join(", ", unknown),
                            byMaker.isEmpty() ? "" : "look at the pack: " + String.join(", ", byMaker),
                            plants && !empty && byMaker.isEmpty() ? "no animal product" : "")
                    .filter(part -> !part.isEmpty())
                    .collect(Collectors.joining("; "));
        }
    }

    /** The steps left for the evening. */
    public static List<String> toFinish(Recipe recipe, Style style) {
        return recipe.stepsAfter(style).stream().map(RecipeStep::text).toList();
    }
}
