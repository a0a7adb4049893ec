package wexilla.core.stations;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.MadeKitchen;
import wexilla.core.kitchen.Refused;
import wexilla.core.money.Cost;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Style;
import wexilla.core.stations.eat.Serving;

/** What is served leaves the stock with its cost, what is left of it stays safe; over made kitchens. */
class ServingTest {

    private static final LocalDate DAY = LocalDate.of(2026, 11, 23);
    private static final Cost NOTHING = Cost.zero(MadeKitchen.EUR);

    /** Nothing is lost and nothing appears: portions and money before are those after and those eaten. */
    @RepeatedTest(60)
    void booksClose(RepetitionInfo seed) {
        Random random = new Random(seed.getCurrentRepetition());
        MadeKitchen made = new MadeKitchen(DAY);
        UUID batch = made.id();
        Storage[] where = {Storage.FRIDGE, Storage.FREEZER, Storage.COUNTER};
        for (int i = 0; i <= random.nextInt(4); i++) {
            made.dish(
                    batch,
                    random.nextInt(4) == 0 ? Style.RAW_BAG : Style.COOKED,
                    1 + random.nextInt(6),
                    random.nextInt(900),
                    where[random.nextInt(3)],
                    random.nextInt(2));
        }
        Kitchen before = made.kitchen();
        Rational portions = Rational.of(1 + random.nextInt(40), 5);
        Rational there = MadeKitchen.portions(before, batch).value();
        Rational left = Rational.min(Rational.min(portions, there), Rational.of(random.nextInt(3)));

        Serving.Served served = new Serving(before, DAY, made::id).dish(batch, List.of(), portions, left, NOTHING);
        Kitchen after = before.after(served.changes());

        Rational eaten = Rational.min(portions, there).minus(left);
        Rational gone = there.minus(MadeKitchen.portions(after, batch).value());
        // what would stay of a packet and is nobody's helping goes with it
        assertThat(gone.minus(eaten)).isBetween(Rational.ZERO, Rational.of(74, 100));
        assertThat(MadeKitchen.worth(before) - MadeKitchen.worth(after))
                .isEqualTo(served.cost().known().minor());
        assertThat(after.lots())
                .allMatch(lot ->
                        lot.amount().value().signum() >= 0 && lot.cost().known().minor() >= 0);
    }

    /** Facts 3: what was raw and is left over is a dish of its own, cooked today, in the fridge. */
    @Test
    void whatIsLeftOfARawBagIsCooked() {
        MadeKitchen made = new MadeKitchen(DAY);
        UUID batch = made.id();
        made.dish(batch, Style.RAW_BAG, 4, 800, Storage.FRIDGE, 1);
        Kitchen before = made.kitchen();
        Kitchen after = before.after(new Serving(before, DAY, made::id)
                .dish(batch, List.of(), Rational.of(4), Rational.ONE, NOTHING)
                .changes());
        List<Lot> left = after.open();
        assertThat(left).hasSize(1);
        assertThat(left.get(0).state()).isEqualTo(Lot.State.COOKED);
        assertThat(left.get(0).storage()).isEqualTo(Storage.FRIDGE);
        assertThat(left.get(0).dates().eatBy()).isEqualTo(DAY.plusDays(4));
        assertThat(left.get(0).cost().known().minor()).isEqualTo(200);
    }

    @Test
    void moreThanWasThereCannotBeLeft() {
        MadeKitchen made = new MadeKitchen(DAY);
        UUID batch = made.id();
        made.dish(batch, Style.COOKED, 2, 300, Storage.FRIDGE, 0);
        Serving serving = new Serving(made.kitchen(), DAY, made::id);
        assertThatThrownBy(() -> serving.dish(batch, List.of(), Rational.of(4), Rational.of(3), NOTHING))
                .isInstanceOfSatisfying(
                        Refused.class, refused -> assertThat(refused.field()).isEqualTo("/left"));
    }

    /** A question that looks at what was not read is a fault of ours, never a quiet empty answer. */
    @Test
    void whatWasNotReadIsNotAnsweredFrom() {
        Kitchen kitchen = new MadeKitchen(DAY).kitchen();
        Kitchen narrow = Kitchen.stock(kitchen.household(), kitchen.now(), kitchen.guide(), null, kitchen.lots(), null);
        assertThatThrownBy(narrow::places).isInstanceOf(IllegalStateException.class);
        assertThatThrownBy(narrow::supply).isInstanceOf(IllegalStateException.class);
    }
}
