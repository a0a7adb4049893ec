package wexilla.app.onhand;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wexilla.core.food.Food;
import wexilla.core.food.FoodBook;
import wexilla.core.food.Form;
import wexilla.core.food.Key;
import wexilla.core.food.State;
import wexilla.core.food.Yield;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Style;

/**
 * What a big buy was cut into, and what was just cooked and weighed or measured, as the cooked food it is: 612 g of it are met by "300 g cooked turkey" of any recipe. For
 * raw meat they are offered; only the dish they were cut for takes them in its place without asking (design: things,
 * section 3).
 */
final class Parts {

    /** How a batch of a big buy is called behind the food it was. */
    private static final String COOKED = ", cooked";

    /** What has been done to it already, so that these steps of a recipe fall away. */
    private static final List<String> DONE =
            List.of("cook", "roast", "poach", "boil", "simmer", "fry", "brown", "bake", "grill", "sear", "slow cook");

    private Parts() {}

    static List<Form> forms(Collection<Lots.Lot> open, FoodBook book) {
        return open.stream()
                .filter(lot -> lot.batch() != null && lot.style() == Style.PLAIN_PART)
                .filter(lot -> lot.cookedBy() == null && !lot.amount().unit().equals(Unit.PORTION))
                .flatMap(lot -> lot.name().endsWith(COOKED) ? cut(lot, book) : justCooked(lot, book))
                .distinct()
                .toList();
    }

    /** A pot of beans, broth in litres: by its name the food that other recipes ask for. */
    private static Stream<Form> justCooked(Lots.Lot lot, FoodBook book) {
        String name = lot.name();
        Food made = Food.unknown(
                Key.batch(String.valueOf(lot.batch())), name, lot.amount().unit());
        return Stream.of(
                        book.named("cooked " + name),
                        book.named(name).filter(food -> KeepingGuide.homeCooked(food.keepingClass())),
                        book.named(name).flatMap(food -> book.inState(food, State.COOKED, name)))
                .flatMap(Optional::stream)
                .filter(food -> food.base().equals(made.base()))
                .map(Food::key)
                .distinct()
                .map(need -> new Form(need, made, Rational.ONE, true, List.of(), "", "just cooked"));
    }

    private static Stream<Form> cut(Lots.Lot lot, FoodBook book) {
        if (!lot.amount().unit().equals(Unit.G)) {
            return Stream.empty();
        }
        String name = lot.name().substring(0, lot.name().length() - COOKED.length());
        Optional<Food> raw = book.named(name);
        if (raw.isEmpty()) {
            return Stream.empty();
        }
        Food part = Food.unknown(Key.batch(String.valueOf(lot.batch())), lot.name(), Unit.G);
        List<Form> forms = new ArrayList<>();
        book.inState(raw.get(), State.COOKED, name)
                .filter(cooked -> cooked.base().equals(Unit.G))
                .ifPresent(cooked -> forms.add(
                        new Form(cooked.key(), part, Rational.ONE, true, List.of(), "", "cut from what was cooked")));
        Yield yield = raw.get().traits().cooked();
        if (yield != null && raw.get().base().equals(Unit.G)) {
            Rational raised = Rational.ONE.dividedBy(yield.ofOne());
            forms.add(new Form(raw.get().key(), part, raised, false, DONE, "", yield.source()));
        }
        return forms.stream();
    }
}
