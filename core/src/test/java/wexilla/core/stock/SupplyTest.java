package wexilla.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static wexilla.core.Samples.BEANS;
import static wexilla.core.Samples.EGG;
import static wexilla.core.Samples.FLOUR;
import static wexilla.core.Samples.MINCE;
import static wexilla.core.Samples.ONION;
import static wexilla.core.Samples.TOMATO;
import static wexilla.core.Samples.TOMATOES;
import static wexilla.core.Samples.amount;
import static wexilla.core.Samples.euro;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wexilla.core.food.Key;
import wexilla.core.food.book.Form;
import wexilla.core.food.book.Forms;
import wexilla.core.keeping.LotClock;
import wexilla.core.money.Cost;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;

/** One owner of what is left. */
class SupplyTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);

    private static OpenLot lot(String id, String amount, String cost, int keepsDays) {
        LocalDate end = TODAY.plusDays(keepsDays);
        return new OpenLot(
                id, amount(amount), Cost.of(euro(cost)), end, end, LotClock.start("raw-mince", TODAY), false);
    }

    /** 240 of 400 g drained, dried 2.3 times when cooked: common practice, no source. */
    @Test
    void anotherFormStandsInAndWhatIsNotSilentDoesNot() {
        Forms forms = new Forms(List.of(
                new Form(TOMATOES.key(), BEANS, Rational.of(4), false, List.of(), "soak", "practice"),
                new Form(TOMATOES.key(), TOMATO, Rational.of(3, 2), true, List.of("peel"), "", "practice"),
                new Form(TOMATOES.key(), ONION, Rational.ONE, true, List.of(), "", "own definition")));
        Map<Key, List<OpenLot>> lots = Map.of(
                BEANS.key(), List.of(lot("dried", "900 g", "3.00", 90)),
                TOMATOES.key(), List.of(lot("tin", "400 g", "0.80", 90)),
                ONION.key(), List.of(lot("later", "500 g", "1.00", 9)),
                TOMATO.key(), List.of(lot("sooner", "200 g", "0.60", 1)));
        Supply supply = Supply.of(lots, Set.of(), forms);
        Supply other = supply.copy();
        Supply.Serving use = supply.take(TOMATOES, amount("1000 g"), TODAY);
        assertThat(use.takes()).extracting(take -> take.lot().id()).containsExactly("tin", "sooner", "later");
        assertThat(use.takes()).extracting(take -> take.amount().toString()).containsExactly("400 g", "200 g", "300 g");
        assertThat(use.lacking()).hasToString("0 g");
        assertThat(use.instead()).extracting(form -> form.by().name()).containsExactly("tomatoes", "onion");
        assertThat(supply.left(BEANS.key()).get(0).amount())
                .as("dried never silently")
                .hasToString("900 g");
        assertThat(supply.left(TOMATO.key())).isEmpty();
        Supply.Serving more = supply.take(TOMATOES, amount("1000 g"), TODAY);
        assertThat(more.lacking()).hasToString("800 g");
        assertThat(other.take(TOMATOES, amount("1000 g"), TODAY).whole())
                .as("a copy has it still")
                .isTrue();
    }

    private static OpenLot warned(String id, int end, int warn) {
        OpenLot lot = lot(id, "400 g", "0.80", end);
        return new OpenLot(
                id,
                lot.amount(),
                lot.cost(),
                lot.keepBy(),
                TODAY.plusDays(warn),
                lot.limit(),
                lot.clock(),
                false,
                null,
                null);
    }

    /** Soon is what its warning has begun for: own definition. What has no date is there and never soon. */
    @Test
    void whatIsThereAndWhatMustGoSoon() {
        OpenLot undated = new OpenLot(
                "u", amount("1 kg"), Cost.of(euro("1")), null, null, LotClock.start("dry-goods", TODAY), false);
        Supply supply = Supply.of(
                Map.of(
                        MINCE.key(), List.of(lot("past", "1 kg", "5.00", -1)),
                        ONION.key(), List.of(lot("gone", "0 g", "0.00", 2)),
                        TOMATO.key(), List.of(warned("week", 7, 0)),
                        TOMATOES.key(), List.of(warned("later", 8, 7), warned("first", 3, -1)),
                        BEANS.key(), List.of(warned("eighth", 8, 1)),
                        FLOUR.key(), List.of(undated)),
                Set.of(),
                Forms.NONE);
        assertThat(supply.there(TODAY))
                .containsExactlyInAnyOrder(TOMATO.key(), TOMATOES.key(), BEANS.key(), FLOUR.key());
        assertThat(supply.soon(TODAY)).containsExactly(TOMATOES.key(), TOMATO.key());
    }

    /** What stands in goes by its date, not by the order it is listed in. */
    @Test
    void theStandInNearestItsDateGoesFirst() {
        Forms forms = new Forms(List.of(
                new Form(TOMATOES.key(), TOMATO, Rational.ONE, true, List.of(), "", "practice"),
                new Form(TOMATOES.key(), ONION, Rational.ONE, true, List.of(), "", "own definition")));
        Supply supply = Supply.of(
                Map.of(
                        TOMATO.key(), List.of(lot("later", "500 g", "1.00", 9)),
                        ONION.key(), List.of(lot("sooner", "500 g", "1.00", 1))),
                Set.of(),
                forms);
        assertThat(supply.take(TOMATOES, amount("600 g"), TODAY).takes())
                .extracting(take -> take.lot().id())
                .containsExactly("sooner", "later");
    }

    /** A cabbage has no weight here: a head in stock meets a head asked for, grams do not. */
    @Test
    void anAmountIsReckonedAsItsStockIsCounted() {
        Supply supply = Supply.of(
                Map.of(
                        MINCE.key(), List.of(lot("m", "2 heads", "1.00", 3)),
                        FLOUR.key(), List.of(lot("f", "500 g", "1.00", 99))),
                Set.of(EGG.key()),
                Forms.NONE);
        assertThat(supply.reckon(FLOUR, amount("2 cups"), Measures.US).need()).hasToString("250 g");
        assertThat(supply.reckon(MINCE, amount("1 head"), Measures.US).need()).hasToString("1 head");
        Supply.Reckoned unknown = supply.reckon(MINCE, amount("1 cup"), Measures.US);
        assertThat(unknown.need()).isNull();
        assertThat(unknown.missing()).isEqualTo("density of minced beef");
        assertThat(supply.has(EGG.key())).isTrue();
        assertThat(supply.has(FLOUR.key())).isFalse();
    }

    @Test
    void whatIsPastItsLimitIsKnownAndNotTaken() {
        Supply supply = Supply.of(
                Map.of(MINCE.key(), List.of(lot("old", "300 g", "1.00", -1), lot("new", "200 g", "1.00", 0))),
                Set.of(),
                Forms.NONE);
        assertThat(supply.past(MINCE.key(), TODAY)).extracting(OpenLot::id).containsExactly("old");
        assertThat(supply.usable(MINCE.key(), TODAY)).extracting(OpenLot::id).containsExactly("new");
        assertThat(supply.take(MINCE.key(), amount("500 g"), TODAY).lacking()).hasToString("300 g");
    }
}
