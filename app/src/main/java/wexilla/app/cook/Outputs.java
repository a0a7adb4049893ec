package wexilla.app.cook;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.household.Foods;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.CookWords;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.stations.cook.Stove.Besides;

/** What a cooking gives beside its portions, as typed: broth, bones, a jar of fat. */
@Component
public class Outputs {

    private static final int MOST = 10;

    private final Foods foods;

    Outputs(Foods foods) {
        this.foods = foods;
    }

    private record Read(ReadLine line, Quantity quantity) {}

    private List<Read> read(Household household, String field, List<String> typed) {
        if (typed.size() > MOST) {
            throw Problem.at(field, typed.size() + " things besides; " + MOST + " are the most.");
        }
        LineReader reader = new LineReader(foods.known(household).book());
        List<Read> all = new ArrayList<>();
        for (int i = 0; i < typed.size(); i++) {
            String text = typed.get(i);
            ReadLine line = Asked.at(field + "/" + i, () -> reader.read(text));
            Quantity quantity = line.quantity();
            if (quantity == null || quantity.max().value().isZero()) {
                throw Problem.at(field + "/" + i, "“" + text + "” says no amount; write it like 2 l chicken stock.");
            }
            all.add(new Read(line, quantity));
        }
        return all;
    }

    /** As the recipe says, for a batch of this size. @param factor of the recipe as written */
    List<String> sized(Household household, List<String> alsoMakes, Rational factor) {
        LineReader reader = new LineReader(foods.known(household).book());
        return alsoMakes.stream()
                .map(reader::readStored)
                .map(line -> line.quantity() == null
                        ? line.text()
                        : CookWords.amount(line.quantity().max().times(factor)) + " " + line.foodName())
                .toList();
    }

    /** What comes out beside the dish, as typed; a food nobody knows becomes the household's own. */
    public List<Besides> of(Household household, List<String> typed) {
        List<Besides> all = new ArrayList<>();
        for (Read one : read(household, "/outputs", typed)) {
            Food food = one.line().food();
            Amount written = household.measures().toBase(one.quantity().max());
            if (food == null) {
                food = foods.own(household, one.line().foodName(), written.unit());
            }
            Amount amount = inBase(food, written, household);
            all.add(new Besides(
                    food, Amount.of(Rational.of(amount.value().toDecimal(Change.DECIMALS)), amount.unit())));
        }
        return all;
    }

    private static Amount inBase(Food food, Amount written, Household household) {
        Unit base = food.base();
        return Conversion.convert(food, written, base, household.measures()) instanceof Conversion.Converted converted
                ? converted.amount()
                : written;
    }

    /** What is typed, or what the recipe says where nothing is. */
    static List<String> said(@Nullable List<String> typed, List<String> recipe) {
        return typed == null
                ? recipe
                : typed.stream()
                        .map(String::strip)
                        .filter(text -> !text.isEmpty())
                        .toList();
    }
}
