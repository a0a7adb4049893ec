package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import wexilla.app.support.Cluster;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Node;

/** What is exported belongs to the schema.org vocabulary, as the types of schema-dts write it down. */
class SchemaVocabularyTest {

    /** What stands in a right recipe, and a slip of the pen. */
    private static final List<List<String>> SPOILT = List.of(
            List.of("\"recipeYield\"", "\"recipeYeld\""),
            List.of("\"HowToStep\"", "\"HowToStop\""),
            List.of("\"totalTime\":\"", "\"totalTime\":7,\"x\":\""));

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
        // all in one run: reading the vocabulary takes longer than holding a file against it
        List<String> run = new ArrayList<>(List.of(
                "scripts/check-schema.mjs",
                file("one.json", one).toString(),
                file("book.json", book).toString()));
        for (int i = 0; i < SPOILT.size(); i++) {
            String bad = one.replaceFirst(SPOILT.get(i).get(0), SPOILT.get(i).get(1));
            assertThat(bad).isNotEqualTo(one);
            run.add(file("bad-" + i + ".json", bad).toString());
        }
        Node.Ran ran = Node.run(run.toArray(String[]::new));
        assertThat(ran.code()).isOne();
        assertThat(ran.said()).doesNotContain("one.json").doesNotContain("book.json");
        for (int i = 0; i < SPOILT.size(); i++) {
            assertThat(ran.said()).as(SPOILT.get(i).toString()).contains("bad-" + i + ".json: ");
        }
    }
}
