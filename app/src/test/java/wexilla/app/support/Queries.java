package wexilla.app.support;

import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

/** What a GET of the API document must be asked with. */
public final class Queries {

    private Queries() {}

    /** The path with something for each query parameter it cannot do without. */
    public static String asked(String path, JsonNode operations) {
        String query = operations
                .path("get")
                .path("parameters")
                .valueStream()
                .filter(one -> one.path("required").asBoolean()
                        && one.path("in").asString().equals("query"))
                .map(one -> one.path("name").asString() + "=moon")
                .collect(Collectors.joining("&"));
        return query.isEmpty() ? path : path + "?" + query;
    }
}
