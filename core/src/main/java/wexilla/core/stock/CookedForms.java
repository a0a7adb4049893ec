package wexilla.core.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.Form;
import wexilla.core.food.book.State;
import wexilla.core.food.book.WordLists;
import wexilla.core.food.facts.Yield;
import wexilla.core.keeping.KeepingGuide;
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

    private CookedForms() {}

    /** A pot of beans, broth in litres: by its name the food that other recipes ask for. @param by where it lies */
    public static List<Form> justCooked(Key by, String name, Unit unit, FoodBook book) {
        Food made = Food.unknown(by, name, unit);
        return Stream.of(
                        book.named("cooked " + name),
                        book.named(name).filter(food -> KeepingGuide.homeCooked(food.keepingClass())),
                        book.named(name).flatMap(food -> book.inState(food, State.COOKED, name)))
                .flatMap(Optional::stream)
                .filter(food -> food.base().equals(unit))
                .map(Food::key)
                .distinct()
                .map(need -> new Form(need, made, Rational.ONE, true, List.of(), "", "just cooked"))
                .toList();
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
