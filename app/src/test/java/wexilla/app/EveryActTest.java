package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import wexilla.app.onhand.Ledger;
import wexilla.app.support.EveryAct;
import wexilla.app.support.EveryAct.Request;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Watched;

/** What holds for every act: the database has what the core says, it can be undone, it happens once however often it is sent, nonsense changes nothing. */
class EveryActTest {

    private static final Http DEMO = Kitchen.demoHousehold();
    private static final List<Request> ACTS = EveryAct.of(DEMO);

    private static final List<Object> NONSENSE = List.of(
            "",
            "  ",
            "x".repeat(5000),
            "-1",
            "1e308",
            "two handfuls of",
            "1900-01-01",
            "<b>",
            "\u0000",
            -1,
            1e308,
            2_147_483_648L,
            0,
            true,
            List.of(),
            Map.of(),
            "7c9e6679-7425-40de-944b-e07fc1f90ae7",
            "5-2 carrots",
            "1/0 bread",
            "-1 peas",
            "2 x 0 g tins",
            "0 g onions",
            "999999999 kg onions",
            "50 x 900000 kg onions",
            "0.0000001 g salt",
            "2 onions, 1/0 bread and 5-2 carrots",
            "9".repeat(300) + " g rice",
            "1." + "3".repeat(200) + " kg rice",
            " ".repeat(4000) + "onions",
            "\u200b\u200b",
            "two\nlines",
            "=1+1",
            0.5,
            1e-300);

    static List<Request> acts() {
        return ACTS;
    }

    /** All acts leave the household as it was, so that one look serves all. */
    private static final Map<String, JsonNode> BEFORE = EveryAct.seen(DEMO);

    /** The act as it is sent now. */
    private static Object text(Request act) {
        return act.body().isEmpty() ? act.text() : EveryAct.renewed(DEMO, act, act.body());
    }

    private static void nothingHasChanged() {
        Map<String, JsonNode> now = EveryAct.seen(DEMO);
        BEFORE.forEach((what, was) -> assertThat(now.get(what)).as(what).isEqualTo(was));
    }

    /** A new act has to come into the table, or this fails. */
    @Test
    void everyActOfTheApiIsHere() {
        Set<String> known = new TreeSet<>(ACTS.stream().map(Request::path).toList());
        Set<String> there = new TreeSet<>();
        for (Map.Entry<String, JsonNode> path :
                DEMO.get("/api/openapi.json").ok().path("paths").properties()) {
            boolean act =
                    path.getValue().path("post").path("parameters").toString().contains("Idempotency-Key");
            if (act && !path.getKey().equals("/api/acts/{act}/undo")) {
                there.add(path.getKey());
            }
        }
        assertThat(known).isEqualTo(there);
    }

    @ParameterizedTest
    @MethodSource("acts")
    void undoneItIsAsIfItHadNotBeen(Request act) {
        JsonNode done = Watched.during(() -> DEMO.act(act.url(), text(act)).ok());
        assertThat(EveryAct.seen(DEMO)).as(act.url() + " changes something").isNotEqualTo(BEFORE);
        DEMO.undo(done.path("act").asString()).ok();
        nothingHasChanged();
        assertThat(Kitchen.bean(Ledger.class).mismatches()).isEmpty();
    }

    /** A double click, or a phone that sends again: four times at once, one act, one answer. */
    @ParameterizedTest
    @MethodSource("acts")
    void sentFourTimesItHappensOnce(Request act) throws Exception {
        String key = EveryAct.key();
        Object text = text(act);
        ExecutorService clicks = Executors.newFixedThreadPool(4);
        List<Future<JsonNode>> answers = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            answers.add(clicks.submit(() -> DEMO.act(key, act.url(), text).ok()));
        }
        JsonNode first = answers.get(0).get();
        for (Future<JsonNode> answer : answers) {
            assertThat(answer.get()).isEqualTo(first);
        }
        clicks.shutdown();
        String done = first.path("act").asString();
        JsonNode history = DEMO.get("/api/acts").ok();
        assertThat(history.get(0).path("id").asString()).isEqualTo(done);
        assertThat(history.get(1).path("id").asString()).isNotEqualTo(done);
        DEMO.undo(first.path("act").asString()).ok();
    }

    /** A body with one field spoilt. */
    private record Spoilt(String field, Map<String, Object> body) {}

    /** Of the nonsense a field gets a share, another one than its neighbours; all of it with {@code -Dwexilla.all-nonsense=true}. */
    private static final int SHARE = Boolean.getBoolean("wexilla.all-nonsense") ? 1 : 5;

    /** Fields of an act after whose nonsense all pages are looked at. */
    private static final int SEEN = Boolean.getBoolean("wexilla.all-nonsense") ? 100 : 1;

    /** Every field of every act, one after the other, filled with nonsense. */
    @ParameterizedTest
    @MethodSource("acts")
    void nonsenseIsToldAndLeavesNothingHalfWritten(Request act) {
        List<Spoilt> bodies = new ArrayList<>();
        spoil("", act.body(), bodies::add);
        bodies.add(new Spoilt("surprise", Map.of("surprise", 1)));
        Set<String> taken = new TreeSet<>();
        for (Spoilt spoilt : bodies) {
            Map<String, Object> body = spoilt.body();
            Http.Answer answer = DEMO.act(act.url(), EveryAct.renewed(DEMO, act, body));
            assertThat(answer.status()).as(String.valueOf(body)).isLessThan(500);
            if (answer.status() == 200) {
                // whatever an act takes, every page can be read; looking at them again for each nonsense takes minutes
                if (taken.add(spoilt.field()) && taken.size() <= SEEN) {
                    EveryAct.seen(DEMO);
                }
                DEMO.undo(answer.body().path("act").asString()).ok();
            } else {
                assertThat(answer.detail()).as(String.valueOf(body)).isNotBlank();
            }
        }
        nothingHasChanged();
    }

    /** Hands over copies of this body, each with one field spoilt, also fields of what lies in it. */
    private static void spoil(String at, Map<String, Object> body, Consumer<Spoilt> use) {
        body.forEach((field, value) -> {
            String here = at + "/" + field;
            BiConsumer<String, Object> with = (which, other) -> {
                Map<String, Object> copy = new HashMap<>(body);
                copy.put(field, other);
                use.accept(new Spoilt(which, copy));
            };
            int from = Math.floorMod(here.hashCode() + body.size(), SHARE);
            for (int i = from; i < NONSENSE.size(); i += SHARE) {
                with.accept(here, NONSENSE.get(i));
            }
            with.accept(here, null);
            if (value instanceof List<?> list && !list.isEmpty()) {
                with.accept(here, Collections.nCopies(3000, list.get(0)));
                if (list.get(0) instanceof Map<?, ?> first) {
                    spoil(here, typed(first), spoilt -> {
                        List<Object> copy = new ArrayList<>(list);
                        copy.set(0, spoilt.body());
                        with.accept(spoilt.field(), copy);
                    });
                }
            }
            if (value instanceof Map<?, ?> inner) {
                spoil(here, typed(inner), spoilt -> with.accept(spoilt.field(), spoilt.body()));
            }
        });
    }

    @SuppressWarnings("unchecked")
    private static Map<String, Object> typed(Map<?, ?> map) {
        return (Map<String, Object>) map;
    }
}
