package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import wexilla.app.support.Cluster;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;
import wexilla.app.support.Node;

/** The committed TypeScript types are those of the running API. {@code ./wexilla types} writes them. */
class ApiTypesTest {

    private static final Path TYPES = Cluster.ROOT.resolve("web/src/api/schema.d.ts");

    @Test
    void typesAreCurrent() throws Exception {
        Http.Answer document = Kitchen.emptyHousehold().get("/api/openapi.json");
        assertThat(document.ok().path("paths").has("/api/cook")).isTrue();
        Path target = Files.createDirectories(Cluster.ROOT.resolve("app/target/types"));
        Path json = Files.write(target.resolve("openapi.json"), document.bytes());
        Path generated = target.resolve("schema.d.ts");
        generate(json, generated);
        if (Boolean.getBoolean("wexilla.write-types")) {
            Files.copy(generated, TYPES, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
        }
        assertThat(Files.readString(TYPES)).as("run ./wexilla types").isEqualTo(Files.readString(generated));
    }

    private static void generate(Path json, Path types) throws IOException, InterruptedException {
        Node.Ran ran = Node.run("node_modules/openapi-typescript/bin/cli.js", json.toString(), "-o", types.toString());
        assertThat(ran.code()).as(ran.said()).isZero();
    }
}
