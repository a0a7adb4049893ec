package wexilla.core.stock;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.Form;
import wexilla.core.food.book.Forms;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.stock.StockUse.Take;

/**
 * What is left of what there is, and who may take it: the one owner of what is promised. Whatever is taken is gone for
 * the next who asks, so that nothing is promised twice; {@link #copy} is for questions that do not take from each other.
 */
public final class Supply {

    /** What will be there before it is cooked or cut: where it will lie, and what it stands in for. */
    public record Ahead(Key key, OpenLot lot, List<Form> forms) {

        public Ahead {
            forms = List.copyOf(forms);
        }
    }

    private final Map<Key, List<OpenLot>> left;
    private final Set<Key> had;
    private final Forms forms;

    private Supply(Map<Key, List<OpenLot>> left, Set<Key> had, Forms forms) {
        this.left = left;
        this.had = had;
        this.forms = forms;
    }

    /**
     * @param lots with something in them
     * @param had staples that are there without an amount: nothing is wanted of them
     * @param forms which foods stand in for which
     */
    public static Supply of(Map<Key, List<OpenLot>> lots, Set<Key> had, Forms forms) {
        return new Supply(new HashMap<>(lots), Set.copyOf(had), forms);
    }

    /** Nothing at all. */
    public static Supply none() {
        return of(Map.of(), Set.of(), Forms.NONE);
    }

    /** The same supply for another question; what one takes the other still has. */
    public Supply copy() {
        return new Supply(new HashMap<>(left), had, forms);
    }

    /** The same where nothing is counted: staples are still had, and what stands in for what is known. */
    public Supply bare() {
        return new Supply(new HashMap<>(), had, forms);
    }

    /** Whether it is a staple that is there without an amount. */
    public boolean has(Key key) {
        return had.contains(key);
    }

    /** What is left of it, past its limit or not. */
    public List<OpenLot> left(Key key) {
        return left.getOrDefault(key, List.of());
    }

    /** What is left of it and may still be eaten on this day. */
    public List<OpenLot> usable(Key key, LocalDate day) {
        return left(key).stream().filter(lot -> !lot.pastLimit(day)).toList();
    }

    /** What is left of it but past its limit by this day. */
    public List<OpenLot> past(Key key, LocalDate day) {
        return left(key).stream().filter(lot -> lot.pastLimit(day)).toList();
    }

    /** What stands in for a food without asking, whether any of it is there or not. */
    public List<Form> silent(Food food) {
        return forms.silent(food.key());
    }

    /** What a food that no shop sells is made of: {@link Forms#source}. */
    public Optional<Form> source(Food food) {
        return forms.source(food);
    }

    /** The same of a food, with what silently stands in for it. */
    public List<OpenLot> past(Food food, LocalDate day) {
        List<OpenLot> past = new ArrayList<>(past(food.key(), day));
        forms.silent(food.key()).forEach(form -> past.addAll(past(form.by().key(), day)));
        return past;
    }

    /** What there is that may still be eaten on this day. */
    public Set<Key> there(LocalDate day) {
        return left.keySet().stream()
                .filter(key -> firstOut(key, day).isBefore(LocalDate.MAX))
                .collect(Collectors.toSet());
    }

    /** What is to be used soon, the first to expire first. */
    public List<Key> soon(LocalDate day) {
        return left.keySet().stream()
                .filter(key -> usable(key, day).stream()
                        .anyMatch(lot -> lot.soon(day) && !lot.amount().value().isZero()))
                .sorted(Comparator.comparing((Key key) -> firstOut(key, day)).thenComparing(Key::id))
                .toList();
    }

    /** A need as it can be taken, or the fact without which it cannot. @param asWritten in its base unit */
    public record Reckoned(
            @Nullable Amount need,
            Amount asWritten,
            @Nullable String missing) {}

    /**
     * A wanted amount in the unit its stock is counted in: the food's own, else the one written, where some of it is
     * counted so. The ledger keeps six decimals; it is rounded to them once, before anything is taken.
     */
    public Reckoned reckon(Food food, Amount wanted, Measures measures) {
        Amount asWritten = rounded(measures.toBase(wanted));
        Conversion.Answer answer = Conversion.convert(food, wanted, food.base(), measures);
        if (answer instanceof Conversion.Converted converted) {
            return new Reckoned(rounded(converted.amount()), asWritten, null);
        }
        if (!food.described() && asWritten.unit().isPack() && food.base().equals(Unit.PIECE)) {
            // nobody knows what a tub of it weighs; the same pack meets the same pack
            Amount packs = Amount.of(asWritten.value(), Unit.PIECE);
            return new Reckoned(packs, packs, null);
        }
        boolean counted =
                left(food.key()).stream().anyMatch(lot -> lot.amount().unit().equals(asWritten.unit()));
        return counted
                ? new Reckoned(asWritten, asWritten, null)
                : new Reckoned(null, asWritten, ((Conversion.Missing) answer).fact());
    }

    private static Amount rounded(Amount amount) {
        return Amount.of(Rational.of(amount.value().toDecimal(6)), amount.unit());
    }

    /**
     * How a need is met.
     *
     * @param takes in the units of the lots they are from
     * @param lacking in the unit of the need
     * @param instead the forms that were taken
     * @param onlyInstead whether all of the need is met by them
     */
    public record Serving(List<Take> takes, Amount lacking, List<Form> instead, boolean onlyInstead) {

        public Serving {
            takes = List.copyOf(takes);
            instead = List.copyOf(instead);
        }

        /** Whether nothing is lacking. */
        public boolean whole() {
            return lacking.value().isZero();
        }
    }

    /** Takes what is there of exactly this, nothing in its place. */
    public Serving take(Key key, Amount need, LocalDate day) {
        List<Take> takes = new ArrayList<>();
        Amount lacking = take(key, need, day, takes, lot -> true);
        return new Serving(takes, lacking, List.of(), false);
    }

    /**
     * Takes a food from its own lots first, then from what silently stands in for it. All of a group ("any white beans")
     * counts as its own: what is nearest its date goes first.
     *
     * @param need as {@link #reckon} says it
     */
    public Serving take(Food food, Amount need, LocalDate day) {
        return take(food, need, day, "");
    }

    /**
     * The same for a dish: what was cut or cooked for it is taken first, whatever form its line names, and what was cut
     * for another dish is left to that.
     *
     * @param dish its title; empty for what is of no dish
     */
    public Serving take(Food food, Amount need, LocalDate day, String dish) {
        List<Take> takes = new ArrayList<>();
        List<Form> instead = new ArrayList<>();
        Amount open = need;
        boolean convertible = need.unit().equals(food.base());
        if (convertible && !dish.isEmpty()) {
            for (Form form : forms.of(food.key())) {
                open = takeInstead(form, open, day, takes, instead, lot -> isFor(dish, lot));
            }
        }
        int pinned = takes.size();
        Predicate<OpenLot> free = lot -> lot.pin() == null || isFor(dish, lot);
        open = take(food.key(), open, day, takes, free);
        boolean ownTaken = takes.size() > pinned;
        if (convertible) {
            List<Form> silent = new ArrayList<>(forms.silent(food.key()));
            silent.sort(Comparator.comparing(form -> firstOut(form.by().key(), day)));
            for (Form form : silent) {
                open = takeInstead(form, open, day, takes, instead, free);
            }
        }
        boolean only = !ownTaken && !instead.isEmpty() && open.value().isZero();
        return new Serving(takes, open, instead.stream().distinct().toList(), only);
    }

    private static boolean isFor(String dish, OpenLot lot) {
        return lot.pin() != null && lot.pin().equalsIgnoreCase(dish);
    }

    /** @return what is still lacking, in the unit of the food asked for */
    private Amount takeInstead(
            Form form, Amount open, LocalDate day, List<Take> takes, List<Form> instead, Predicate<OpenLot> which) {
        if (open.value().isZero()) {
            return open;
        }
        Rational wanted = Rational.of(open.value().dividedBy(form.gives()).toDecimal(6));
        Amount asked = Amount.of(wanted, form.by().base());
        Amount lacking = take(form.by().key(), asked, day, takes, which);
        Rational given = asked.value().minus(lacking.value()).times(form.gives());
        if (given.isZero()) {
            return open;
        }
        instead.add(form);
        Rational rest = lacking.value().isZero() ? Rational.ZERO : open.value().minus(given);
        return Amount.of(rest.signum() < 0 ? Rational.ZERO : rest, open.unit());
    }

    private Amount take(Key key, Amount need, LocalDate day, List<Take> takes, Predicate<OpenLot> which) {
        List<OpenLot> lots = left(key);
        StockUse use = StockUse.of(lots.stream().filter(which).toList(), need, day);
        left.put(key, use.after(lots));
        takes.addAll(use.takes());
        return use.lacking();
    }

    /** The day the first of these expires; far off when none is there. */
    private LocalDate firstOut(Key key, LocalDate day) {
        return usable(key, day).stream()
                .filter(lot -> !lot.amount().value().isZero())
                .map(lot -> lot.keepBy() == null ? LocalDate.MAX.minusDays(1) : lot.keepBy())
                .min(Comparator.naturalOrder())
                .orElse(LocalDate.MAX);
    }
}
