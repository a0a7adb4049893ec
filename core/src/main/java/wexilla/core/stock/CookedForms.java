package wexilla.core.stock;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.Form;
import wexilla.core.food.book.Forms;
import wexilla.core.food.book.State;
import wexilla.core.food.book.WordLists;
import wexilla.core.food.facts.Yield;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/**
 * What a big buy was cut into, and what was just cooked and weighed or measured, as the cooked food it is: 612 g of it
 * are met by "300 g cooked turkey" of any recipe. For raw meat they are offered; only the dish they were cut for takes
 * them in its place without asking (design: things, section 3).
 */
public final class CookedForms {

    /** What has been done to cooked meat already, so that these steps of a recipe fall away. */
    private static final List<String> DONE =
            WordLists.of("step-words").words("cooks").stream().sorted().toList();

    /** What is done already of what swelled while it was cooked. */
    private static final List<String> SOFT = List.of("soak", "boil");

    private CookedForms() {}

    /**
     * What was made and weighed, measured or counted, as the foods other recipes ask for: a pot of beans meets cooked
     * beans, the tin of them and the dry ones; dumplings meet the line that names them, by the piece or by weight. A kind
     * of it ("turkey dumplings" where a line says dumplings) is offered.
     *
     * @param by where it lies; {@code raw} whether it is only put together and still to be cooked
     */
    public static List<Form> made(
            Key by, String name, Unit unit, boolean raw, FoodBook book, Forms forms, Measures measures) {
        Food made = Food.unknown(by, name, unit);
        List<Form> all = new ArrayList<>();
        Optional<Food> same = book.named(name);
        same.ifPresent(food -> {
            Rational swells = raw ? Rational.ONE : swelling(food);
            Rational one = each(food, unit, measures);
            boolean soft = swells.compareTo(Rational.ONE) > 0;
            if (one != null) {
                List<String> done = soft ? SOFT : List.of();
                all.add(new Form(food.key(), made, one.dividedBy(swells), true, done, "", "made at home"));
            }
            if (soft) {
                forms.by(food.key())
                        .forEach(form -> all.add(new Form(
                                form.need(),
                                made,
                                form.gives().dividedBy(swells),
                                true,
                                List.of(),
                                "",
                                form.source())));
            }
        });
        if (!raw) {
            Stream.of(book.named("cooked " + name), same.flatMap(food -> book.inState(food, State.COOKED, name)))
                    .flatMap(Optional::stream)
                    .filter(food -> food.base().equals(unit))
                    .forEach(food ->
                            all.add(new Form(food.key(), made, Rational.ONE, true, List.of(), "", "made at home")));
        }
        if (unit.equals(Unit.PIECE)) {
            kindOf(name, book).ifPresent(food -> {
                Rational one = each(food, unit, measures);
                if (one != null) {
                    all.add(new Form(food.key(), made, one, false, List.of(), "", "made at home"));
                }
            });
        }
        Set<Key> told = new HashSet<>();
        return all.stream().filter(form -> told.add(form.need())).toList();
    }

    /** Grams of it once cooked of one gram dry; one where it does not swell. */
    private static Rational swelling(Food food) {
        Yield yield = food.traits().cooked();
        return yield == null || yield.ofOne().compareTo(Rational.ONE) < 0 ? Rational.ONE : yield.ofOne();
    }

    /** Base units of a food in one of these units; null where nobody knows. */
    private static @Nullable Rational each(Food food, Unit unit, Measures measures) {
        return Conversion.convert(food, Amount.of(1, unit), food.base(), measures) instanceof Conversion.Converted one
                        && one.amount().value().signum() > 0
                ? one.amount().value()
                : null;
    }

    /** What it is a kind of: the food its last words name. */
    private static Optional<Food> kindOf(String name, FoodBook book) {
        String rest = name.strip();
        while (rest.contains(" ")) {
            rest = rest.substring(rest.indexOf(' ') + 1).strip();
            Optional<Food> kind = book.named(rest);
            if (kind.isPresent()) {
                return kind;
            }
        }
        return Optional.empty();
    }

    /** Grams cut from a food that was cooked. @param by where they lie, {@code called} what they are called there */
    public static List<Form> cut(Key by, String called, Food raw, FoodBook book) {
        Food part = Food.unknown(by, called, Unit.G);
        List<Form> forms = new ArrayList<>();
        book.inState(raw, State.COOKED, raw.name())
                .filter(cooked -> cooked.base().equals(Unit.G))
                .ifPresent(cooked -> forms.add(
                        new Form(cooked.key(), part, Rational.ONE, true, List.of(), "", "cut from what was cooked")));
        Yield yield = raw.traits().cooked();
        if (yield != null && raw.base().equals(Unit.G)) {
            Rational raised = Rational.ONE.dividedBy(yield.ofOne());
            forms.add(new Form(raw.key(), part, raised, false, DONE, "", yield.source()));
        }
        return List.copyOf(forms);
    }
}
