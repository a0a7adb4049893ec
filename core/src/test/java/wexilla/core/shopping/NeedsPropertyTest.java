package wexilla.core.shopping;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Currency;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.Forms;
import wexilla.core.keeping.LotClock;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.shopping.Needs.Met;
import wexilla.core.shopping.Needs.Want;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.StockUse.Take;
import wexilla.core.stock.Supply;

/** Whatever is wanted of whatever is there: nothing is promised twice, nothing is lost, nothing past its limit is taken. */
class NeedsPropertyTest {

    private static final LocalDate DAY = LocalDate.of(2026, 11, 23);
    private static final Currency EURO = Currency.getInstance("EUR");
    private static final List<Food> FOODS = List.of(
            Food.unknown(Key.food("rice"), "rice", Unit.G),
            Food.unknown(Key.food("mince"), "mince", Unit.G),
            Food.unknown(Key.food("leek"), "leek", Unit.G));

    @RepeatedTest(200)
    void nothingIsPromisedTwiceAndNothingIsLost(RepetitionInfo repetition) {
        Random seeded = new Random(repetition.getCurrentRepetition());
        Map<Key, List<OpenLot>> stock = new HashMap<>();
        Map<String, Rational> there = new HashMap<>();
        for (int i = 0; i < seeded.nextInt(12); i++) {
            Food food = FOODS.get(seeded.nextInt(FOODS.size()));
            OpenLot lot = lot("lot " + i, 1 + seeded.nextInt(900), DAY.plusDays(seeded.nextInt(20)));
            stock.computeIfAbsent(food.key(), key -> new ArrayList<>()).add(lot);
            there.put(lot.id(), lot.amount().value());
        }
        List<Want> wants = new ArrayList<>();
        for (int i = 0; i < seeded.nextInt(15); i++) {
            Food food = FOODS.get(seeded.nextInt(FOODS.size()));
            Amount amount = Amount.of(1 + seeded.nextInt(700), Unit.G);
            wants.add(Want.food(food, amount, DAY.plusDays(seeded.nextInt(14)), "dish " + i));
        }

        Needs needs = Needs.of(wants, Supply.of(stock, Set.of(), Forms.NONE), Measures.METRIC);

        assertThat(needs.met()).hasSize(wants.size());
        assertThat(needs.met())
                .isSortedAccordingTo((a, b) -> a.want().day().compareTo(b.want().day()));
        for (Met met : needs.met()) {
            Rational taken = met.takes().stream().map(t -> t.amount().value()).reduce(Rational.ZERO, Rational::plus);
            Rational lacking =
                    met.lacking() == null ? Rational.ZERO : met.lacking().value();
            Rational wanted = met.want().amount().value();
            // nothing is lost but what is near enough to nothing
            Rational near = wanted.minus(taken).minus(lacking);
            assertThat(near.signum()).isNotNegative();
            assertThat(near.times(Rational.of(100)).compareTo(lacking.isZero() ? wanted : Rational.ZERO))
                    .isNotPositive();
            assertThat(met.takes())
                    .noneMatch(take -> take.lot().pastLimit(met.want().day()));
            met.takes()
                    .forEach(take -> there.merge(take.lot().id(), take.amount().value(), Rational::minus));
        }
        assertThat(there.values()).allMatch(left -> left.signum() >= 0);
        Rational toBuy = needs.items().stream()
                .flatMap(item -> item.lacking().stream())
                .map(Amount::value)
                .reduce(Rational.ZERO, Rational::plus);
        Rational lackingInAll = needs.met().stream()
                .filter(met -> met.lacking() != null)
                .map(met -> met.lacking().value())
                .reduce(Rational.ZERO, Rational::plus);
        assertThat(toBuy).isEqualTo(lackingInAll);
        assertThat(firstToExpireFirst(needs.met())).isTrue();
    }

    private static OpenLot lot(String id, int grams, LocalDate limit) {
        Cost cost = Cost.of(Money.of(grams, EURO));
        return new OpenLot(id, Amount.of(grams, Unit.G), cost, limit, limit, LotClock.start("raw-mince", DAY), false);
    }

    private static boolean firstToExpireFirst(List<Met> met) {
        for (Met one : met) {
            List<Take> takes = one.takes();
            for (int i = 1; i < takes.size(); i++) {
                LocalDate before = takes.get(i - 1).lot().keepBy();
                LocalDate here = takes.get(i).lot().keepBy();
                if (before == null || here == null || here.isBefore(before)) {
                    return false;
                }
            }
        }
        return true;
    }
}
