package wexilla.app.doors;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import wexilla.app.platform.Role;
import wexilla.app.support.EveryAct;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;

/** Who comes in, on what, and what he may do there: through the running application, each browser with its own cookies. */
class DoorsTest {

    private static final String PHRASE = "harbour kettle window";
    private static final JsonMapper JSON = new JsonMapper();

    /** A browser: cookies, and the token of its page. */
    private static final class Device {
        private final CookieManager cookies = new CookieManager();
        private final HttpClient client =
                HttpClient.newBuilder().cookieHandler(cookies).build();
        private final Http kitchen;
        private final String agent;

        Device(Http kitchen, String agent) {
            this.kitchen = kitchen;
            this.agent = agent;
        }

        Said get(String path) {
            return send(request(path).GET());
        }

        Said post(String path, Object body) {
            HttpRequest.Builder request = request(path)
                    .header("Content-Type", "application/json")
                    .header("Idempotency-Key", UUID.randomUUID().toString())
                    .POST(HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(body)));
            token().ifPresent(token -> request.header("X-XSRF-TOKEN", token));
            return send(request);
        }

        java.util.Optional<String> token() {
            return cookies.getCookieStore().getCookies().stream()
                    .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                    .map(HttpCookie::getValue)
                    .findFirst();
        }

        HttpRequest.Builder request(String path) {
            return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + kitchen.port() + path))
                    .header("User-Agent", agent)
                    .header("X-Test-Household", kitchen.household().toString());
        }

        Said send(HttpRequest.Builder request) {
            try {
                HttpResponse<String> answer = client.send(request.build(), HttpResponse.BodyHandlers.ofString());
                boolean json =
                        answer.headers().firstValue("Content-Type").orElse("").contains("json");
                return new Said(
                        answer.statusCode(),
                        json
                                ? JSON.readTree(answer.body())
                                : JSON.getNodeFactory().missingNode());
            } catch (java.io.IOException | InterruptedException broken) {
                throw new IllegalStateException(broken);
            }
        }
    }

    private record Said(int status, JsonNode body) {
        String field() {
            return body.path("field").asString("");
        }
    }

    private static Device cook(Http kitchen) {
        Device cook = new Device(kitchen, "Mozilla/5.0 (X11; Linux x86_64)");
        assertThat(cook.get("/api/household").status()).isEqualTo(200);
        Said set = cook.post("/api/door/phrase", Map.of("phrase", PHRASE, "name", "Ines"));
        assertThat(set.status()).as(set.body().toString()).isEqualTo(200);
        return cook;
    }

    private static Device phone(Http kitchen) {
        return new Device(kitchen, "Mozilla/5.0 (Linux; Android 16) Mobile");
    }

    private static Device invited(Device cook, String name, String role) {
        Said invitation = cook.post("/api/door/members", Map.of("name", name, "role", role));
        assertThat(invitation.status()).as(invitation.body().toString()).isEqualTo(200);
        Device phone = phone(cook.kitchen);
        String code = invitation.body().path("code").asString();
        assertThat(phone.post("/api/door/invited", Map.of("code", code.toLowerCase(java.util.Locale.ROOT)))
                        .status())
                .isEqualTo(200);
        // a code opens once
        assertThat(phone(cook.kitchen)
                        .post("/api/door/invited", Map.of("code", code))
                        .field())
                .isEqualTo("/code");
        return phone;
    }

    @Test
    void theKitchenIsOpenToItsOwnMachineUntilAPhraseIsSet() {
        Http kitchen = Kitchen.emptyHousehold();
        Device stranger = phone(kitchen);
        assertThat(stranger.get("/api/door").body().path("in").asBoolean()).isTrue();
        assertThat(stranger.post("/api/door/members", Map.of("name", "Alma", "role", "SHOPPER"))
                        .field())
                .isEqualTo("/phrase");
        for (String weak : new String[] {"short", "aaaaaaaaaaaaaa", "é".repeat(40)}) {
            assertThat(stranger.post("/api/door/phrase", Map.of("phrase", weak, "name", "Ines"))
                            .field())
                    .as(weak)
                    .isEqualTo("/phrase");
        }
        // between this machine and the kitchen stands something else: it is not this machine that asks
        assertThat(stranger.send(stranger.request("/api/household")
                                .header("X-Forwarded-For", "192.168.1.7")
                                .GET())
                        .status())
                .isEqualTo(401);
        Device cook = cook(kitchen);
        assertThat(stranger.get("/api/household").status()).isEqualTo(401);
        assertThat(stranger.post("/api/onhand/note", Map.of("text", "2 onions")).status())
                .isEqualTo(401);
        assertThat(stranger.get("/api/door").body().path("in").asBoolean()).isFalse();
        assertThat(stranger.post("/api/door/phrase", Map.of("phrase", "another one of mine", "name", "Eve"))
                        .status())
                .isEqualTo(401);
        assertThat(stranger.post("/api/preview/convert", Map.of("amount", "1 cup", "food", "plain flour", "to", "g"))
                        .status())
                .isNotEqualTo(401);
        assertThat(cook.get("/api/household").status()).isEqualTo(200);
        Http other = Kitchen.emptyHousehold();
        assertThat(phone(other).get("/api/household").status()).isEqualTo(200);
    }

    @Test
    void aPhraseIsTriedOnlySoOften() {
        Http kitchen = Kitchen.emptyHousehold();
        cook(kitchen);
        Device device = phone(kitchen);
        assertThat(device.post("/api/door/in", Map.of("name", "ines", "phrase", PHRASE))
                        .status())
                .isEqualTo(200);
        Device stranger = phone(kitchen);
        int wrong = 0;
        Said last = stranger.post("/api/door/in", Map.of("name", "Ines", "phrase", "not that one"));
        while (last.status() == 422 && wrong++ < 20) {
            last = stranger.post("/api/door/in", Map.of("name", "Ines", "phrase", "not that one"));
        }
        assertThat(last.status()).isEqualTo(429);
        assertThat(wrong).isBetween(3, 12);
        // and who is signed in already is not held up
        assertThat(device.get("/api/household").status()).isEqualTo(200);
        Kitchen.bean(JdbcClient.class).sql("delete from door_try").update();
    }

    @Test
    void aWriteOfASessionBringsTheTokenOfItsPage() {
        Device cook = cook(Kitchen.emptyHousehold());
        HttpRequest.Builder bare = cook.request("/api/onhand/note")
                .header("Content-Type", "application/json")
                .header("Idempotency-Key", UUID.randomUUID().toString())
                .POST(HttpRequest.BodyPublishers.ofString("{\"text\": \"2 onions\"}"));
        assertThat(cook.send(bare).status()).isEqualTo(403);
        assertThat(cook.post("/api/onhand/note", Map.of("text", "2 onions")).status())
                .isEqualTo(200);
    }

    @Test
    void eachDoesWhatHisRoleSays() {
        Http kitchen = Kitchen.emptyHousehold();
        Device cook = cook(kitchen);
        Device shopper = invited(cook, "Alma", "SHOPPER");
        Device child = invited(cook, "Ben", "CHILD");
        assertThat(shopper.get("/api/shop").status()).isEqualTo(200);
        Said added = shopper.post("/api/shop/items", Map.of("text", "2 onions"));
        assertThat(added.status()).as(added.body().toString()).isEqualTo(200);
        assertThat(child.post("/api/shop/items", Map.of("text", "sweets")).status())
                .isEqualTo(403);
        assertThat(shopper.post("/api/household/table", Map.of("adults", 1)).status())
                .isEqualTo(403);
        for (String path : new String[] {"/api/door/members", "/api/today"}) {
            assertThat(child.get(path).status()).as(path).isEqualTo(path.contains("door") ? 403 : 200);
        }
        Said note = cook.post("/api/onhand/note", Map.of("text", "3 carrots"));
        String act = note.body().path("act").asString();
        assertThat(shopper.post("/api/acts/" + act + "/undo", "").status()).isEqualTo(403);
        assertThat(shopper.post("/api/acts/" + added.body().path("act").asString() + "/undo", "")
                        .status())
                .isEqualTo(200);
        JsonNode history = cook.get("/api/acts").body();
        assertThat(history.toString()).contains("Ines, a computer").contains("Alma, a phone");
    }

    @Test
    void whoIsRemovedAndALostPhoneAreOutAtOnce() {
        Http kitchen = Kitchen.emptyHousehold();
        Device cook = cook(kitchen);
        Device phone = invited(cook, "Alma", "SHOPPER");
        JsonNode alma = member(cook, "Alma");
        String handle = alma.path("devices").path(0).path("handle").asString();
        assertThat(cook.post("/api/door/devices/" + handle + "/end", Map.of()).status())
                .isEqualTo(200);
        assertThat(phone.get("/api/household").status()).isEqualTo(401);
        String id = alma.path("id").asString();
        Said again = cook.post("/api/door/members/" + id + "/invite", Map.of());
        Device second = phone(kitchen);
        second.post(
                "/api/door/invited", Map.of("code", again.body().path("code").asString()));
        assertThat(second.get("/api/household").status()).isEqualTo(200);
        assertThat(cook.post("/api/door/members/" + id + "/remove", Map.of()).status())
                .isEqualTo(200);
        assertThat(second.get("/api/household").status()).isEqualTo(401);
        String ines = member(cook, "Ines").path("id").asString();
        assertThat(cook.post("/api/door/members/" + ines + "/remove", Map.of()).field())
                .isEqualTo("/role");
    }

    @Test
    void aNewPhraseEndsTheOtherSessions() {
        Http kitchen = Kitchen.emptyHousehold();
        Device cook = cook(kitchen);
        Device phone = invited(cook, "Alma", "COOK");
        assertThat(cook.post("/api/door/phrase", Map.of("phrase", "something else now", "was", "wrong one"))
                        .field())
                .isEqualTo("/was");
        assertThat(cook.post("/api/door/phrase", Map.of("phrase", "something else now", "was", PHRASE))
                        .status())
                .isEqualTo(200);
        assertThat(cook.get("/api/household").status()).isEqualTo(200);
        assertThat(phone.get("/api/household").status()).isEqualTo(401);
        assertThat(cook.post("/api/door/out", Map.of()).status()).isEqualTo(200);
        assertThat(cook.get("/api/household").status()).isEqualTo(401);
    }

    /** Every act there is: a child does none but saying what was eaten, and who shops none of recipes, plan and household. */
    @Test
    void whatOnlyLooksIsNoAct() {
        List<EveryAct.Request> acts = EveryAct.of(Kitchen.demoHousehold());
        assertThat(acts).hasSizeGreaterThan(40).allSatisfy(act -> {
            assertThat(Role.CHILD.writes(act.url()))
                    .as(act.url())
                    .isEqualTo(act.url().startsWith("/api/eat"));
            assertThat(Role.SHOPPER.writes(act.url()) && act.url().matches("/api/(recipes|plan|household|cook).*"))
                    .as(act.url())
                    .isFalse();
        });
    }

    @Test
    void whoeverCameInMayGo() {
        Device cook = cook(Kitchen.emptyHousehold());
        Device child = invited(cook, "Ben", "CHILD");
        assertThat(child.post("/api/door/out", Map.of()).status()).isEqualTo(200);
        assertThat(child.get("/api/household").status()).isEqualTo(401);
    }

    /** After an upgrade that reads sessions otherwise one signs in again; it is no fault of the kitchen. */
    @Test
    void aSessionNobodyCanReadSignsNobodyIn() {
        Device cook = cook(Kitchen.emptyHousehold());
        Kitchen.bean(JdbcClient.class)
                .sql("update spring_session_attributes set attribute_bytes = '\\x00'")
                .update();
        assertThat(cook.get("/api/household").status()).isEqualTo(401);
        assertThat(cook.post("/api/door/in", Map.of("name", "Ines", "phrase", PHRASE))
                        .status())
                .isEqualTo(200);
        assertThat(cook.get("/api/household").status()).isEqualTo(200);
    }

    private static JsonNode member(Device cook, String name) {
        JsonNode members = cook.get("/api/door/members").body().path("members");
        return java.util.stream.StreamSupport.stream(members.spliterator(), false)
                .filter(one -> one.path("name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }
}
