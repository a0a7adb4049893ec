package wexilla.app.support;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Talks to the application as a browser would, for one household. */
public record Http(int port, UUID household) {

    private static final HttpClient CLIENT = HttpClient.newHttpClient();
    private static final JsonMapper JSON = new JsonMapper();

    /** What came back; {@code body} is missing where it was no JSON. */
    public record Answer(int status, JsonNode body, byte[] bytes, Map<String, java.util.List<String>> headers) {

        public String field() {
            return body.path("field").asString("");
        }

        public String detail() {
            return body.path("detail").asString("");
        }

        /** The body of a success; anything else fails the test with what was said. */
        public JsonNode ok() {
            if (status != 200) {
                throw new AssertionError(status + ": " + body);
            }
            return body;
        }
    }

    public Answer get(String path) {
        return send(request(path).GET());
    }

    /** An act with a key of its own. */
    public Answer act(String path, Object body) {
        return act(UUID.randomUUID().toString(), path, body);
    }

    public Answer act(String key, String path, Object body) {
        return send(request(path)
                .header("Idempotency-Key", key)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(text(body))));
    }

    public Answer put(String path, String ifMatch, Object body) {
        return send(request(path)
                .header("Idempotency-Key", UUID.randomUUID().toString())
                .header("If-Match", ifMatch)
                .header("Content-Type", "application/json")
                .PUT(HttpRequest.BodyPublishers.ofString(text(body))));
    }

    public Answer undo(String act) {
        return act("/api/acts/" + act + "/undo", "");
    }

    /** A stock note. */
    public JsonNode note(String text) {
        return act("/api/onhand/note", Map.of("text", text)).ok();
    }

    public HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .header("X-Test-Household", household.toString());
    }

    public Answer send(HttpRequest.Builder request) {
        try {
            HttpResponse<byte[]> response = CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
            String type = response.headers().firstValue("Content-Type").orElse("");
            JsonNode body = type.contains("json") ? JSON.readTree(response.body()) : JSON.missingNode();
            return new Answer(
                    response.statusCode(),
                    body,
                    response.body(),
                    response.headers().map());
        } catch (IOException broken) {
            throw new IllegalStateException(broken);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }

    private static String text(Object body) {
        return body instanceof String raw ? raw : JSON.writeValueAsString(body);
    }
}
