package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import wexilla.app.support.Cluster;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Node;

/** What is exported belongs to the schema.org vocabulary, as the types of schema-dts write it down. */
class SchemaVocabularyTest {

    private static Path file(String name, String json) throws Exception {
        Path target = Files.createDirectories(Cluster.ROOT.resolve("app/target/schema"));
        return Files.writeString(target.resolve(name), json);
    }

    @Test
    void theWholeBookAndOneRecipeOfIt() throws Exception {
        Http demo = Kitchen.demoHousehold();
        String id =
                demo.get("/api/recipes").ok().path("cards").get(0).path("id").asString();
        String one = new String(demo.get("/api/recipes/" + id + "/file").bytes());
        String book = new String(demo.get("/api/recipes/file").bytes());
        Node.Ran ran = Node.run(
                "scripts/check-schema.mjs",
                file("one.json", one).toString(),
                file("book.json", book).toString());
        assertThat(ran.said()).isEmpty();
        assertThat(ran.code()).isZero();
        for (List<String> spoilt : List.of(
                List.of("\"recipeYield\"", "\"recipeYeld\""),
                List.of("\"HowToStep\"", "\"HowToStop\""),
                List.of("\"totalTime\":\"", "\"totalTime\":7,\"x\":\""))) {
            String bad = one.replaceFirst(spoilt.get(0), spoilt.get(1));
            assertThat(bad).isNotEqualTo(one);
            assertThat(Node.run(
                                    "scripts/check-schema.mjs",
                                    file("bad.json", bad).toString())
                            .code())
                    .as(spoilt.toString())
                    .isOne();
        }
    }
}
