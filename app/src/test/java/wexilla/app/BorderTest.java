package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;

/** What a hostile page in the same browser could try. */
class BorderTest {

    private static final Http HTTP = Kitchen.emptyHousehold();

    @ParameterizedTest
    @CsvSource({
        "evil.example,,421",
        "127.0.0.1.evil.example,,421",
        "127.0.0.1,http://evil.example,403",
        "127.0.0.1,null,403",
        "localhost,,200",
        "127.0.0.1,,200"
    })
    void hostAndOriginAreChecked(String host, String origin, int status) throws IOException {
        String request = "GET /api/household HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\nX-Test-Household: "
                + HTTP.household() + "\r\n" + (origin == null ? "" : "Origin: " + origin + "\r\n") + "\r\n";
        try (Socket socket = new Socket("127.0.0.1", HTTP.port());
                InputStream in = socket.getInputStream()) {
            socket.getOutputStream().write(request.getBytes(StandardCharsets.US_ASCII));
            String answer = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            assertThat(answer).startsWith("HTTP/1.1 " + status);
            if (status >= 400) {
                assertThat(answer).contains("application/problem+json");
            }
        }
    }

    /** What is read is what is answered to, however it is written. */
    @ParameterizedTest
    @CsvSource({
        "/%61pi/household,403",
        "/api/recipes?without=%20,422",
        "/api/foods?text=a%00b,400",
        "/api/foods?text=%7f,400"
    })
    void anAddressIsComparedAsItIsMeant(String path, int status) throws IOException {
        String request = "GET " + path + " HTTP/1.1\r\nHost: 127.0.0.1\r\nConnection: close\r\nX-Test-Household: "
                + HTTP.household() + "\r\n" + (status == 403 ? "Sec-Fetch-Site: cross-site\r\n" : "") + "\r\n";
        try (Socket socket = new Socket("127.0.0.1", HTTP.port());
                InputStream in = socket.getInputStream()) {
            socket.getOutputStream().write(request.getBytes(StandardCharsets.US_ASCII));
            assertThat(new String(in.readAllBytes(), StandardCharsets.UTF_8)).startsWith("HTTP/1.1 " + status);
        }
    }

    @Test
    void writesAreJsonOfBoundedLength() {
        HttpRequest.Builder form = HTTP.request("/api/onhand/note")
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString("text=1+onion"));
        assertThat(HTTP.send(form).status()).isEqualTo(415);
        String large = "{\"text\": \"" + "x".repeat(600_000) + "\"}";
        assertThat(HTTP.act("/api/onhand/note", large).status()).isEqualTo(413);
        HttpRequest.Builder endless = HTTP.request("/api/onhand/note")
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.fromPublisher(HttpRequest.BodyPublishers.ofString("{}")));
        assertThat(HTTP.send(endless).status()).isEqualTo(411);
    }

    /** Who drips his words holds up nobody else: a file is read while three others are still on their way. */
    @Test
    void aFileThatDripsHoldsUpNoOther() throws IOException {
        try (Socket first = new Socket("127.0.0.1", HTTP.port());
                Socket second = new Socket("127.0.0.1", HTTP.port())) {
            for (Socket drips : new Socket[] {first, second}) {
                drips.getOutputStream()
                        .write(
                                ("POST /api/recipes/read HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\n"
                                                + "Content-Length: 4000\r\n\r\n{\"text\"")
                                        .getBytes(StandardCharsets.UTF_8));
                drips.getOutputStream().flush();
            }
            assertThat(HTTP.act("/api/recipes/read", "{\"text\": \"Soup\\n\\n1 onion\\n\\nBoil it.\"}")
                            .status())
                    .isLessThan(500)
                    .isNotEqualTo(408);
        }
    }

    /** Streams that were opened and left do not block the next device. */
    @Test
    void leftStreamsBlockNobody() throws IOException {
        String ask = "GET /api/cookday/run/events HTTP/1.1\r\nHost: 127.0.0.1\r\nX-Test-Household: " + HTTP.household()
                + "\r\n\r\n";
        for (int i = 0; i < 30; i++) {
            try (Socket stream = new Socket("127.0.0.1", HTTP.port())) {
                stream.getOutputStream().write(ask.getBytes(StandardCharsets.UTF_8));
                byte[] head = new byte[12];
                assertThat(stream.getInputStream().readNBytes(head, 0, head.length))
                        .isEqualTo(head.length);
                assertThat(new String(head, StandardCharsets.UTF_8)).isEqualTo("HTTP/1.1 200");
            }
        }
    }

    @Test
    void pagesCarryAPolicyWithoutInlineScript() {
        Http.Answer page = HTTP.get("/onhand");
        assertThat(page.status()).isEqualTo(200);
        String policy = page.headers().get("content-security-policy").get(0);
        assertThat(policy)
                .contains("default-src 'self'")
                .doesNotContain("script-src")
                .contains("frame-ancestors 'none'");
        assertThat(page.headers()).containsKeys("x-content-type-options", "referrer-policy", "x-frame-options");
        String html = new String(page.bytes(), StandardCharsets.UTF_8);
        assertThat(html.replaceAll("<script[^>]* src=\"[^\"]+\"></script>", "")).doesNotContain("<script");
        assertThat(HTTP.get("/assets/none.js").status()).isEqualTo(404);
    }
}
