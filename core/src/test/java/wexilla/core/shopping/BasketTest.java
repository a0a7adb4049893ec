package wexilla.core.shopping;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.Scaling;
import wexilla.core.food.book.Forms;
import wexilla.core.food.facts.Traits;
import wexilla.core.money.Money;
import wexilla.core.pricing.WholePacks;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.AmountReader;
import wexilla.core.quantity.text.CookWords;
import wexilla.core.shopping.Needs.Want;
import wexilla.core.stock.Supply;

class BasketTest {

    private static final Currency EURO = Currency.getInstance("EUR");
    private static final LocalDate DAY = LocalDate.of(2026, 11, 23);

    private static Food food(String name, String aisle) {
        return new Food(
                Key.food(name),
                name,
                List.of(),
                Unit.G,
                "dry-goods",
                false,
                Scaling.LINEAR,
                List.of(),
                new Traits(aisle, "", Map.of()));
    }

    private static Amount amount(String text) {
        return AmountReader.read(text).orElseThrow().quantity().max();
    }

    private static Want want(Food food, String amount, int inDays) {
        return Want.food(food, amount(amount), DAY.plusDays(inDays), "dish " + inDays);
    }

    /** Wants of one food are summed over the days, bought in the cheapest whole packs, by aisle. */
    @Test
    void needsBecomePacksByAisle() {
        Food rice = food("rice", "dry");
        Food leek = food("leek", "vegetables");
        Food salt = food("salt", "spices");
        Needs needs = Needs.of(
                List.of(want(rice, "700 g", 3), want(leek, "250 g", 1), want(rice, "600 g", 1), want(salt, "5 g", 1)),
                Supply.of(Map.of(), Set.of(Key.food("salt")), Forms.NONE),
                Measures.METRIC);
        WholePacks kilo = new WholePacks(amount("1000 g"), Money.of(175, EURO), null);
        WholePacks half = new WholePacks(amount("500 g"), Money.of(99, EURO), null);
        Basket basket = Basket.of(needs.items(), List.of(salt), Map.of(Key.food("rice"), List.of(kilo, half)), EURO);
        assertThat(basket.lines())
                .as("a kilo and 500 g, two things on the shelf")
                .extracting(l -> l.food().name())
                .containsExactly("leek", "rice", "rice", "salt");
        Basket.Line line = basket.lines().get(1);
        assertThat(line.need()).isEqualTo(amount("1300 g"));
        assertThat(line.buy()).isNotNull();
        assertThat(line.buy().cost()).isEqualTo(Money.of(175, EURO));
        assertThat(basket.lines().get(2).buy().cost()).isEqualTo(Money.of(99, EURO));
        assertThat(line.firstDay()).isEqualTo(DAY.plusDays(1));
        assertThat(line.dishes()).containsExactly("dish 1", "dish 3");
        assertThat(basket.expected().complete()).isFalse();
        assertThat(basket.expected().known()).isEqualTo(Money.of(175 + 99, EURO));
    }

    /** A kilo and 500 g: the kilo taken, the half is still on the list; what other sizes leave of it is packed anew. */
    @ParameterizedTest
    @CsvSource({
        "1 x 1000 g, 1 x 500 g",
        "1 x 500 g, 1 x 1000 g",
        "1 x 1000 g + 1 x 500 g, ''",
        "2 x 700 g, ''",
        "1 x 1300 g, ''",
        "1 x 900 g, 1 x 500 g",
        "1 x 200 g, 1 x 1000 g + 1 x 500 g",
        "1 x any, ''"
    })
    void whatWasTakenIsOffTheListAndNoMore(String taken, String left) {
        Food rice = food("rice", "dry");
        Needs needs = Needs.of(List.of(want(rice, "1300 g", 1)), Supply.none(), Measures.METRIC);
        Map<Key, List<WholePacks>> packs = Map.of(
                Key.food("rice"),
                List.of(
                        new WholePacks(amount("1000 g"), Money.of(175, EURO), null),
                        new WholePacks(amount("500 g"), Money.of(99, EURO), null)));
        List<Basket.Taken> basket = Arrays.stream(taken.split(" \\+ "))
                .map(one -> one.substring(4))
                .map(one -> new Basket.Taken(
                        Key.food("rice"), one.equals("any") ? null : amount(one), taken.startsWith("2") ? 2 : 1))
                .toList();
        String rest = Basket.of(needs.items(), List.of(), packs, EURO).without(basket, packs).stream()
                .map(line -> line.buy().packs() + " x "
                        + CookWords.amount(line.buy().kind().pack()))
                .collect(Collectors.joining(" + "));
        assertThat(rest).isEqualTo(left.replace("1000 g", "1 kg"));
    }

    @Test
    void whatHasNoAmountIsOnTheListWithItsReason() {
        Food leek = food("leek", "");
        Needs needs = Needs.of(List.of(Want.food(leek, null, DAY, "soup")), Supply.none(), Measures.METRIC);
        Basket.Line line =
                Basket.of(needs.items(), List.of(), Map.of(), EURO).lines().get(0);
        assertThat(line.aisle()).isEqualTo("other");
        assertThat(line.need()).isNull();
        assertThat(line.why()).isEqualTo("no amount of leek");
    }
}
