package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import wexilla.app.household.Reference;
import wexilla.app.support.Kitchen;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.FoodFact;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.Form;
import wexilla.core.food.facts.Part;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.lines.LineReader;

/** Every row of the reference files names its source and lies in plausible bounds. */
class ReferenceTest {

    private final Reference reference = Kitchen.bean(Reference.class);

    @Test
    void everyFoodKeepsByAKnownRule() {
        for (Food food : reference.foods()) {
            boolean known = reference.keeping().rule(food.keepingClass()).usualStorage() != null
                    && !reference.keeping().rule(food.keepingClass()).source().equals("none");
            assertThat(known).as(food.name() + ": " + food.keepingClass()).isTrue();
            assertThat(reference.keeping().rule(food.keepingClass()).source()).isNotBlank();
        }
    }

    @Test
    void noTwoFoodsShareAName() {
        Set<String> names = new TreeSet<>(String.CASE_INSENSITIVE_ORDER);
        reference
                .foods()
                .forEach(food -> food.names()
                        .distinct()
                        .forEach(name -> assertThat(names.add(name)).as(name).isTrue()));
    }

    /** Dried never silently replaces tinned: whatever there is in tins is meant when tins are written. */
    @Test
    void inATinItIsTheTinnedFood() {
        LineReader reader = new LineReader(new FoodBook(reference.foods()));
        List<String> tinned = reference.foods().stream()
                .map(Food::name)
                .filter(name -> name.startsWith("tinned "))
                .toList();
        assertThat(tinned).hasSizeGreaterThan(6);
        for (String name : tinned) {
            String plain = name.substring("tinned ".length());
            assertThat(reader.read("2 x 400 g tins " + plain).foodName()).isEqualTo(name);
            assertThat(reader.read("1 tin " + plain + ", drained").foodName()).isEqualTo(name);
        }
    }

    @Test
    void thereAreEnoughFoodsAndManyLeadFromMassToVolume() {
        assertThat(reference.foods()).hasSizeGreaterThanOrEqualTo(900);
        long measured = reference.foods().stream()
                .filter(food -> Conversion.convert(food, Amount.of(100, Unit.G), Unit.ML, Measures.US)
                        instanceof Conversion.Converted)
                .count();
        // a weight nobody knows stays unknown: no weight is better than one of another food
        assertThat(measured).isGreaterThan(700);
    }

    /** What is left of a gram lies between a fifth and five times it; each yield and form names its source. */
    @Test
    void yieldsAndFormsAreInBounds() {
        int forms = 0;
        for (Food food : reference.foods()) {
            food.traits().yields().forEach((part, yield) -> {
                assertThat(yield.source()).as(food.name()).isNotBlank();
                assertThat(yield.ofOne().toDecimal(4).doubleValue())
                        .as(food.name() + " " + part)
                        .isBetween(0.1, part == Part.READY || part == Part.DRAINED ? 1.0 : 5.0);
            });
            for (Form form : reference.forms().of(food.key())) {
                forms++;
                assertThat(form.source()).as(food.name()).isNotBlank();
                assertThat(form.silent()
                                && form.by().name().startsWith("dried")
                                && food.name().startsWith("tinned"))
                        .as("dried never silently replaces tinned: " + form)
                        .isFalse();
                double gives = form.gives().toDecimal(6).doubleValue();
                boolean counted = !food.base().equals(form.by().base());
                assertThat(gives)
                        .as(food.name() + " by " + form.by().name())
                        .isBetween(counted ? 0.001 : 0.2, counted ? 1000 : 10.0);
            }
        }
        assertThat(forms)
                .as("no row of forms.csv is about a food that is not there")
                .isGreaterThan(90);
    }

    /** Nothing eaten is lighter than puffed grain or denser than honey; a piece weighs from a tenth of a gram to ten kilos. */
    @Test
    void factsAreInBounds() {
        for (Food food : reference.foods()) {
            for (FoodFact fact : food.facts()) {
                assertThat(fact.source()).as(food.name()).isNotBlank();
                Amount from = Measures.US.toBase(fact.from());
                double ratio = Measures.US
                        .toBase(fact.to())
                        .value()
                        .dividedBy(from.value())
                        .toDecimal(6)
                        .doubleValue();
                if (from.unit().dimension() == Dimension.VOLUME) {
                    assertThat(ratio).as(food.name() + " " + fact).isBetween(0.05, 1.5);
                } else {
                    assertThat(ratio).as(food.name() + " " + fact).isBetween(0.1, 10_000.0);
                }
            }
        }
    }
}
