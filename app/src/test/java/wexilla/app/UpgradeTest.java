package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import wexilla.app.onhand.Ledger;
import wexilla.app.support.Cluster;

/**
 * Households of earlier releases, filled, backed up then and kept in {@code backups}: they are upgraded, every page of
 * theirs can be read, and what was done before can be undone.
 */
class UpgradeTest {

    private static final JsonMapper JSON = new JsonMapper();
    private static final int MOST_UNDONE = 60;

    private final HttpClient client = HttpClient.newHttpClient();

    static List<Path> backups() throws IOException {
        try (Stream<Path> files = Files.list(Cluster.ROOT.resolve("app/src/test/resources/backups"))) {
            return files.sorted().toList();
        }
    }

    @ParameterizedTest
    @MethodSource("backups")
    void whatWasKeptThenIsReadAndUndoneNow(Path backup) throws Exception {
        Cluster cluster = Cluster.fresh("main", "fast");
        try {
            Cluster.script("restore", backup.toString());
            String[] arguments = Stream.concat(
                            cluster.arguments().stream(),
                            Stream.of("--server.port=0", "--wexilla.first-household=none"))
                    .toArray(String[]::new);
            try (ConfigurableApplicationContext upgraded = SpringApplication.run(App.class, arguments)) {
                String base = "http://127.0.0.1:" + upgraded.getEnvironment().getProperty("local.server.port");
                read(base);
                assertThat(undo(base)).as("acts of " + backup.getFileName()).isGreaterThan(10);
                read(base);
                assertThat(upgraded.getBean(Ledger.class).mismatches()).isEmpty();
            }
        } finally {
            cluster.destroy();
        }
    }

    /** Every page that needs no id. */
    private void read(String base) throws Exception {
        List<String> broken = new ArrayList<>();
        JsonNode paths =
                JSON.readTree(ask(base, "GET", "/api/openapi.json").body()).path("paths");
        for (String path : paths.propertyNames()) {
            boolean readable = paths.path(path).has("get")
                    && !path.contains("{")
                    && !path.contains("stream")
                    && !paths.path(path)
                            .path("get")
                            .path("parameters")
                            .toString()
                            .contains("\"required\":true");
            int status = readable ? ask(base, "GET", path).statusCode() : 200;
            if (status >= 500) {
                broken.add(path + ": " + status);
            }
        }
        assertThat(broken).isEmpty();
    }

    /** Takes back what can be taken back, the newest first; what something stands on is told, and nothing fails. */
    private int undo(String base) throws Exception {
        int undone = 0;
        for (JsonNode act : JSON.readTree(ask(base, "GET", "/api/acts").body())) {
            if (undone == MOST_UNDONE
                    || act.has("undoneBy") && !act.path("undoneBy").isNull()) {
                continue;
            }
            HttpResponse<String> answer =
                    ask(base, "POST", "/api/acts/" + act.path("id").asString() + "/undo");
            assertThat(answer.statusCode()).as(act + ": " + answer.body()).isIn(200, 409, 422);
            undone += answer.statusCode() == 200 ? 1 : 0;
        }
        return undone;
    }

    private HttpResponse<String> ask(String base, String method, String path) throws Exception {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + path));
        if (method.equals("POST")) {
            request.header("Content-Type", "application/json")
                    .header("Idempotency-Key", UUID.randomUUID().toString())
                    .POST(HttpRequest.BodyPublishers.noBody());
        }
        return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }
}
