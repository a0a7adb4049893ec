package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionTemplate;
import wexilla.app.household.Households;
import wexilla.app.platform.Acts;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.core.kitchen.house.Household;

/** One act that takes for ever stops nobody who reads, and who waits behind it is told. */
class WaitingTest {

    private static final int MORE_THAN_THE_POOL = 14;

    private final Http http = Kitchen.emptyHousehold();

    @Test
    void whoReadsIsAnsweredWhileWritersWait() throws Exception {
        ExecutorService phones = Executors.newFixedThreadPool(MORE_THAN_THE_POOL);
        List<Future<Http.Answer>> waiting = new ArrayList<>();
        Kitchen.bean(TransactionTemplate.class).executeWithoutResult(status -> {
            Kitchen.bean(JdbcClient.class)
                    .sql("select id from household where id = ?::uuid for update")
                    .param(http.household())
                    .query()
                    .singleRow();
            for (int i = 0; i < MORE_THAN_THE_POOL; i++) {
                String text = i + 1 + " kg flour";
                waiting.add(phones.submit(() -> http.act("/api/onhand/note", Map.of("text", text))));
            }
            for (int i = 0; i < 10; i++) {
                assertThat(http.get("/api/onhand").status()).isEqualTo(200);
            }
            for (Future<Http.Answer> one : waiting) {
                assertThat(answer(one).status()).isEqualTo(503);
            }
        });
        phones.shutdown();
        assertThat(http.act("/api/onhand/note", Map.of("text", "1 kg flour")).status())
                .isEqualTo(200);
        assertThat(http.get("/api/acts").ok()).hasSize(1);
    }

    /** What takes long is found while nobody is kept waiting, again when somebody wrote meanwhile, and never twice for one key. */
    @Test
    void whatTakesLongIsFoundBeforeTheHouseholdIsHeld() {
        Household household = Kitchen.bean(Households.class)
                .find(Optional.of(http.household()))
                .orElseThrow();
        Acts acts = Kitchen.bean(Acts.class);
        String key = UUID.randomUUID().toString();
        List<Integer> seen = new ArrayList<>();
        Function<Instant, Integer> find = at -> {
            if (seen.size() < 2) {
                // another phone writes, and is answered at once
                http.act("/api/onhand/note", Map.of("text", "1 kg flour")).ok();
            }
            seen.add(http.get("/api/acts").ok().size());
            return seen.get(seen.size() - 1);
        };
        Acts.Said said = acts.say(household, key, "test", "", find, (act, found) -> "found " + found);
        assertThat(seen).containsExactly(1, 2, 2);
        assertThat(said.subject()).isEqualTo("found 2");
        assertThat(acts.say(household, key, "test", "", find, (act, found) -> "again"))
                .as("sent again")
                .isEqualTo(said);
        assertThat(seen).hasSize(3);
        // sent twice at once: while this one looks, the other one does it, and nothing is left to find
        String racing = UUID.randomUUID().toString();
        Function<Instant, Integer> late = at -> {
            acts.say(household, racing, "test", "", now -> 1, (act, found) -> "done by the other");
            throw new IllegalStateException("nothing is left to do");
        };
        assertThat(acts.say(household, racing, "test", "", late, (act, found) -> "never")
                        .subject())
                .isEqualTo("done by the other");
    }

    private static Http.Answer answer(Future<Http.Answer> waiting) {
        try {
            return waiting.get();
        } catch (Exception failed) {
            throw new AssertionError(failed);
        }
    }
}
