package wexilla.app.onhand;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.app.household.Foods;
import wexilla.app.household.Households;
import wexilla.app.household.Reference;
import wexilla.app.platform.Acts;
import wexilla.app.support.Http;
import wexilla.core.kitchen.Answer;
import wexilla.core.kitchen.Change.Kind;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.Refused;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Place;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.stations.onhand.Handling;

/** What an act says it changes is what the database holds once it is written down, and undone it is as before. */
class KitchenAfterTest {

    private static final String THERE = """
            1.2 kg minced beef 9.60
            6 tins chopped tomatoes 4.80
            2 l milk 2.30
            1 chicken 1.8 kg 7.20
            12 portions goulash
            500 g frozen peas 1.10
            salt
            3 onions
            """;

    private final Http http = wexilla.app.support.Kitchen.emptyHousehold();
    private final Household household =
            bean(Households.class).find(Optional.of(http.household())).orElseThrow();

    private static <T> T bean(Class<T> type) {
        return wexilla.app.support.Kitchen.bean(type);
    }

    private Kitchen stored() {
        return Kitchen.stock(
                household,
                household.at(bean(Clock.class).instant()),
                bean(Reference.class).keeping(household),
                bean(Foods.class).known(household),
                bean(Lots.class).there(household),
                bean(Households.class).places(household));
    }

    private static Map<UUID, Lot> byId(Kitchen kitchen) {
        return kitchen.lots().stream()
                .filter(lot -> lot.staple() || !lot.amount().value().isZero())
                .collect(Collectors.toMap(Lot::id, Function.identity()));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void itIsTheKitchenAfterIt(long seed) {
        http.note(THERE);
        Random random = new Random(seed);
        int done = 0;
        for (int i = 0; i < 60; i++) {
            Kitchen before = stored();
            List<Lot> open = before.open();
            Lot lot = open.get(random.nextInt(open.size()));
            Rational part = Rational.of(1 + random.nextInt(4), 3);
            Amount some =
                    Amount.of(lot.amount().value().times(part), lot.amount().unit());
            Answer answer;
            try {
                answer = hand(
                        new Handling(before, java.time.LocalDate.of(2026, 11, 23), UUID::randomUUID),
                        lot,
                        some,
                        random);
            } catch (Refused refused) {
                assertThat(refused.words()).isNotBlank();
                continue;
            }
            Acts.Said said = bean(Acts.class).say(household, UUID.randomUUID().toString(), "test", "", act -> {
                bean(Ledger.class).write(act, answer.changes());
                return answer.words();
            });
            Kitchen after = before.after(answer.changes());
            assertThat(byId(stored())).as(answer.words()).isEqualTo(byId(after));
            if (random.nextInt(3) == 0) {
                http.undo(said.act()).ok();
                assertThat(byId(stored())).as("undone: " + answer.words()).isEqualTo(byId(before));
            }
            done++;
        }
        assertThat(done).isGreaterThan(30);
        assertThat(bean(Ledger.class).mismatches()).isEmpty();
    }

    private static Answer hand(Handling hands, Lot lot, Amount some, Random random) {
        List<Place> places = hands.kitchen().places();
        return switch (lot.staple() ? 7 : random.nextInt(7)) {
            case 0 -> hands.use(lot, some, Kind.USED, "");
            case 1 -> hands.use(lot, some, Kind.WASTED, "forgotten");
            case 2 -> hands.count(lot, some);
            case 3 -> hands.open(lot);
            case 4 -> hands.keepsAs(lot, "soup");
            case 5 -> hands.cooked(lot, hands.amount(lot, null), "cooked-dish");
            case 7 -> hands.level(lot, Lot.Level.values()[1 + random.nextInt(3)]);
            default ->
                hands.move(
                        lot,
                        hands.amount(lot, random.nextBoolean() ? null : some),
                        places.get(random.nextInt(places.size())).id());
        };
    }
}
