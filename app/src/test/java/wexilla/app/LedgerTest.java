package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.app.household.Households;
import wexilla.app.onhand.Ledger;
import wexilla.app.platform.Act;
import wexilla.app.platform.Acts;
import wexilla.app.support.EveryAct;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Sample;
import wexilla.core.kitchen.house.Household;

class LedgerTest {

    /** The application's own role may not rewrite history, whatever the application does. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "delete from movement",
                "update movement set amount = 0",
                "delete from act",
                "update recipe_version set title = ''",
                "delete from lot",
                "drop table movement",
                "update flyway_schema_history set success = false"
            })
    void historyCannotBeRewritten(String sql) throws SQLException {
        Kitchen.emptyHousehold();
        try (Connection connection = DriverManager.getConnection(
                Kitchen.cluster().url(), "wexilla_app", Kitchen.cluster().appPassword())) {
            assertThatThrownBy(() -> connection.createStatement().execute(sql))
                    .isInstanceOf(SQLException.class)
                    .hasMessageMatching("(?s).*(permission denied|must be owner).*");
        }
    }

    /** Eight cooks at once want 300 g each of 1 kg: three get it from stock, nothing goes below zero or twice. */
    @Test
    void cooksAtTheSameTimeDoNotTakeTheSameGramTwice() throws Exception {
        Http http = Kitchen.emptyHousehold();
        http.note("1 kg minced beef 7.80");
        String recipe = http.act("/api/recipes", Sample.recipe("Mince", 2, List.of("300 g minced beef"), List.of()))
                .ok()
                .path("id")
                .asString();
        ExecutorService cooks = Executors.newFixedThreadPool(8);
        List<Future<Integer>> answers = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            answers.add(cooks.submit(
                    () -> http.act("/api/cook", Sample.cook(recipe, 2)).status()));
        }
        for (Future<Integer> answer : answers) {
            assertThat(answer.get()).isEqualTo(200);
        }
        cooks.shutdown();
        assertThat(Sample.amounts(http, "minced beef")).isEmpty();
        assertThat(http.get("/api/batches").ok()).hasSize(8);
        long total = 0;
        for (var batch : http.get("/api/batches").ok()) {
            total += Math.round(Double.parseDouble(batch.path("cost").asString()) * 100);
        }
        // 2.4 kg at 7.80 the kilo: 1 kg from the lot, the rest at the price; each act rounds at most twice
        assertThat(total).isBetween(1872L - 8, 1872L + 8);
        assertThat(Kitchen.bean(Ledger.class).mismatches()).isEmpty();
    }

    /** What a dish cost is what went in, to the cent: its sources and the flat sum. */
    @Test
    void aDishCostsWhatWentIn() throws SQLException {
        Kitchen.demoHousehold();
        String unequal = """
                select count(*), count(*) filter (where made.cost <> b.flat_cost + went_in.cost) from batch b
                join lot l on l.household_id = b.household_id and l.batch = b.id and l.made_by = b.act
                join movement made on made.household_id = l.household_id and made.lot = l.id and made.kind = 'MADE'
                cross join lateral (select coalesce(sum(s.cost), 0) as cost from lot_source s
                    where s.household_id = l.household_id and s.child = l.id) went_in""";
        try (Connection connection = DriverManager.getConnection(
                        Kitchen.cluster().url(),
                        "wexilla_app",
                        Kitchen.cluster().appPassword());
                java.sql.ResultSet rows = connection.createStatement().executeQuery(unequal)) {
            rows.next();
            assertThat(rows.getInt(1)).isGreaterThanOrEqualTo(6);
            assertThat(rows.getInt(2)).isZero();
        }
    }

    @Test
    void theDemoHouseholdsBooksAreRight() {
        Http demo = Kitchen.demoHousehold();
        assertThat(demo.get("/api/onhand").ok().path("frozenPortions").asInt()).isGreaterThan(20);
        assertThat(demo.get("/api/ribbon").ok().path("past").asInt()).isZero();
        assertThat(demo.get("/api/pack").ok().path("waiting")).hasSize(1);
        assertThat(Kitchen.bean(Ledger.class).mismatches()).isEmpty();
    }

    /** The same key makes the same things, also after the first try came to nothing; another key, another household others. */
    @Test
    void idsComeFromTheActsKey() {
        Household household = Kitchen.bean(Households.class)
                .find(Optional.of(Kitchen.emptyHousehold().household()))
                .orElseThrow();
        Household other = Kitchen.bean(Households.class)
                .find(Optional.of(Kitchen.emptyHousehold().household()))
                .orElseThrow();
        String key = EveryAct.key();
        List<UUID> first = new ArrayList<>();
        assertThatThrownBy(() -> made(household, key, act -> {
                    first.addAll(List.of(act.newId(), act.newId()));
                    throw new IllegalStateException("the power is gone");
                }))
                .hasMessage("the power is gone");
        List<UUID> again = made(household, key, act -> List.of(act.newId(), act.newId()));
        assertThat(again).isEqualTo(first).doesNotHaveDuplicates();
        assertThat(made(household, EveryAct.key(), act -> List.of(act.newId(), act.newId())))
                .doesNotContainAnyElementsOf(first);
        assertThat(made(other, key, act -> List.of(act.newId(), act.newId()))).doesNotContainAnyElementsOf(first);
    }

    private static List<UUID> made(Household household, String key, Function<Act, List<UUID>> work) {
        List<UUID> ids = new ArrayList<>();
        Kitchen.bean(Acts.class).say(household, key, "test", "", act -> {
            ids.addAll(work.apply(act));
            return "made";
        });
        return ids;
    }
}
