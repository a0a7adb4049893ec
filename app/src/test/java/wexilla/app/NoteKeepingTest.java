package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import wexilla.app.household.Reference;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;
import wexilla.core.keeping.Storage;
import wexilla.core.quantity.Measures;
import wexilla.core.stock.notes.NoteKeeping;
import wexilla.core.stock.notes.NoteLine;
import wexilla.core.stock.notes.NoteReader;

/**
 * Where a thing of a note lies and until when: state, place and clock of the design, section 2, by the classes of the
 * FDA/USDA cold food storage chart (from memory). Typed on Monday 23 November 2026.
 */
class NoteKeepingTest {

    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 23);

    private final Reference reference = Kitchen.bean(Reference.class);
    private final NoteReader reader =
            new NoteReader(reference.book(), Currency.getInstance("EUR"), Measures.METRIC, MONDAY);
    private Http http;

    @BeforeEach
    void kitchen() {
        http = Kitchen.emptyHousehold();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            500 g minced beef                      | FRIDGE   | 2026-11-25
            leftover roast chicken from Sunday     | FRIDGE   | 2026-11-26
            8 frozen chicken breasts               | FREEZER  | 2027-08-23
            3 x 500 g mince Oct                    | FREEZER  | 2027-02-01
            half an onion                          | FRIDGE   | 2026-11-28
            chopped onions 2 cups, cut Saturday    | FRIDGE   | 2026-11-26
            leftover rice                          | FRIDGE   | 2026-11-24
            tomato paste opened Friday             | FRIDGE   | 2026-11-27
            3 cooked jacket potatoes               | FRIDGE   | 2026-11-27
            2 cups cooked brown rice               | FRIDGE   | 2026-11-24
            custard made Sunday                    | FRIDGE   | 2026-11-26
            4 cooked sausages last night           | FRIDGE   | 2026-11-27
            12 hard boiled eggs Sunday             | FRIDGE   | 2026-11-29
            curry for 4 made Thu, frozen Sat, out last night | FRIDGE | 2026-11-24
            wild garlic sausages                   | FRIDGE   | 2026-11-25
            mystery chops                          | FRIDGE   | 2026-11-25
            potatoes 2 kg                          | CUPBOARD | 2026-12-21
            6 tins tomatoes                        | CUPBOARD | 2030-11-23
            pumpkin 3 tins, best before 06/2027    | CUPBOARD | 2027-06-30
            2 jars salsa, unopened                 | CUPBOARD | 2028-11-23
            lentil soup 2 portions                 | FRIDGE   | 2026-11-27
            2 tins lentil soup                     | CUPBOARD | 2030-11-23
            half a jar of jam                      | FRIDGE   | 2027-01-22
            cooked bacon 8 rashers                 | FRIDGE   | 2026-11-27
            lamb chops 6, use by 24 Nov            | FRIDGE   | 2026-11-24
            yoghurt pots 5, bb 2 Dec               | FRIDGE   | 2026-12-02
            rest of the sour cream, opened Sunday  | FRIDGE   | 2026-11-29
            half an onion wrapped                  | FRIDGE   | 2026-11-28
            chicken and vegetable pie filling, frozen 20 Oct | FREEZER | 2027-04-20
            lentils red 500 g x 3                  | CUPBOARD | 2028-11-23
            beef stew 1 kg frozen 1 Nov            | FREEZER  | 2027-02-01
            relish opened Wednesday                | FRIDGE   | 2026-11-25
            glaze opened Monday                    | FRIDGE   | 2026-11-30
            milk opened Sunday, use by 25 Nov      | FRIDGE   | 2026-11-25
            chicken, jointed, 1.4 kg frozen        | FREEZER  | 2027-08-23
            stuffing from Sunday roast in fridge   | FRIDGE   | 2026-11-26
            """)
    void placeAndDate(String text, Storage place, LocalDate until) {
        NoteLine thing = reader.read(text).get(0);
        Storage likely = NoteKeeping.likely(thing, reference.keeping(), MONDAY);
        assertThat(likely).isEqualTo(place);
        // never later than the chart allows; it may be the safer day before
        assertThat(NoteKeeping.of(thing, likely, reference.keeping(), MONDAY)
                        .dates()
                        .last()
                        .orElseThrow())
                .isBetween(until.minusDays(1), until);
    }

    /** Whatever is typed and wherever it is said to lie, it has a date or a question. */
    @ParameterizedTest
    @CsvSource({
        "something",
        "zorkmid 3",
        "red stuff in a tub",
        "2 mystery",
        "a jar of something",
        "kangaroo steak",
        "old thing"
    })
    void neverUndatedWithoutAQuestion(String text) {
        for (Storage storage : Storage.values()) {
            NoteLine thing = reader.read(text).get(0);
            NoteKeeping keeping = NoteKeeping.of(thing, storage, reference.keeping(), MONDAY);
            assertThat(keeping.dates().last().isPresent() || keeping.unclear()).isTrue();
            assertThat(keeping.dates().last()).as(storage + " is dated").isPresent();
        }
    }

    /** A whole haul on one line is as many things as it names, known or not, each with its own price. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            heron wings 1.2 kg, turkey breast 600 g, bacon 200 g     | 1 x 1.2 kg heron wings; 1 x 600 g turkey breast; 1 x 200 g bacon
            pork shoulder 3.4 kg 5.99/kg, salmon 500 g 9.50          | 1 x 3.4 kg pork shoulder 20.37; 1 x 500 g salmon 9.50
            2 kg flour 1.10, 1 kg sugar 0.95                         | 1 x 2 kg plain flour 1.10; 1 x 1 kg sugar 0.95
            milk 3 x 2 l, 30 eggs given by a neighbour               | 3 x 2 l milk; 1 x 30 egg 0.00
            frozen sprouts 2 x 400 g, celery                         | 2 x 400 g frozen brussels sprouts; 1 x nothing celery
            onions, peppers, courgettes                              | 1 x nothing onion; 1 x nothing bell pepper; 1 x nothing courgette
            pork steaks 5 (700 g) 6.30                               | 1 x 700 g pork steaks 6.30
            tinned chickpeas 400 g (240 g drained) 0.85              | 1 x 400 g tinned chickpeas 0.85
            1 tin white beans 400 g                                  | 1 x 400 g tinned white beans
            400 g tin black beans 0.79                               | 1 x 400 g tinned black beans 0.79
            dried black beans 400 g, in the biscuit tin              | 1 x 400 g dried black beans
            bread, 1 loaf sliced                                     | 1 x 1 loaf bread
            ham and pea soup 2 portions                              | 1 x 2 portions ham and pea soup
            """)
    void severalThingsOnALine(String text, String things) {
        assertThat(reader.read(text).stream()
                        .map(one -> one.count() + " x " + (one.each() == null ? "nothing" : one.each()) + " "
                                + one.foodName()
                                + (one.price() == null ? "" : " " + one.price().decimal()))
                        .toList())
                .containsExactly(things.split("; "));
    }

    /** One price for three things: shared out alike, and asked about; the sum is what was paid. */
    @Test
    void onePriceForSeveralThings() {
        List<NoteLine> things = reader.read("carrots, swede, leeks 3.40");
        assertThat(things.stream().mapToLong(one -> one.price().minor()).sum()).isEqualTo(340);
        assertThat(things).allMatch(one -> one.asks().get(0).contains("3.40"));
    }

    @Test
    void oneBadLineDoesNotRefuseTheOthersAndStaysWithTheCook() {
        JsonNode stored = http.act(
                        "/api/onhand/note", Map.of("text", "1 kg onions\n-3 kg mince\nmilk, eggs 10, bit of cheddar"))
                .ok();
        assertThat(stored.path("left").valueStream().map(JsonNode::asString)).containsExactly("-3 kg mince");
        assertThat(stored.path("lots")).hasSize(4);
        assertThat(Sample.amounts(http, "onion")).containsExactly("1 kg");
        assertThat(Sample.amounts(http, "egg")).containsExactly("10");
        http.undo(stored.path("act").asString()).ok();
        assertThat(Sample.amounts(http, "onion")).isEmpty();
    }

    /** What is frozen goes to a freezer, wherever somebody said it lies; none left is no lot. */
    @Test
    void whatIsFrozenLiesInAFreezerAndNothingIsNoLot() {
        String fridge = Sample.place(http, "Fridge");
        List<JsonNode> read = http.act(
                        "/api/onhand/note/read", Map.of("text", "500 g frozen peas\nno eggs left", "place", fridge))
                .ok()
                .valueStream()
                .toList();
        assertThat(read.get(0).path("placeName").asString()).startsWith("Freezer");
        JsonNode stored =
                http.act("/api/onhand/note", Map.of("text", "no eggs left")).ok();
        assertThat(stored.path("lots")).isEmpty();
    }

    @Test
    void whatItCostsIsKeptWithTheHaul() {
        JsonNode stored = http.act(
                        "/api/onhand/note",
                        Map.of("text", "ground beef 5 lb 3.49/lb\ntomatoes 3 lb free from neighbor", "bought", true))
                .ok();
        assertThat(stored.path("subject").asString()).startsWith("Bought: minced beef");
        JsonNode lots = http.get("/api/onhand").ok();
        assertThat(lots.toString()).contains("17.45").contains("\"0.00\"");
    }
}
