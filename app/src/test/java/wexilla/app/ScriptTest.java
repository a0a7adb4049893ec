package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.BufferedReader;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.app.support.Cluster;

/** What the script says when it is asked for what cannot be. */
class ScriptTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            start --port=abc   | --port=abc is no port
            start --port=70000 | --port=70000 is no port
            start --port       | --port needs a number
            start --now=soon   | --now=soon is no time
            start --prot=8081  | start does not know
            cook               | is none of these
            backup             | say where to
            restore            | there is no such backup
            restore /no/such   | there is no such backup
            backup /no/such/x  | there is no folder
            """)
    void refusesInWords(String command, String words) {
        assertThatThrownBy(() -> Cluster.script(command.strip().split(" "))).hasMessageContaining(words);
    }

    /** Held by somebody else, the lock turns a second start away before it changes anything. */
    @Test
    void twoStartsAtOnceAreOne() throws Exception {
        Path state = Cluster.STATE;
        Files.createDirectories(state);
        Process first = new ProcessBuilder(
                        "flock", "-o", state.resolve("lock").toString(), "sh", "-c", "echo held; sleep 60")
                .start();
        try (BufferedReader says = first.inputReader()) {
            assertThat(says.readLine()).isEqualTo("held");
            assertThatThrownBy(() -> Cluster.script("start")).hasMessageContaining("is under way");
        } finally {
            first.descendants().forEach(ProcessHandle::destroy);
            first.destroy();
        }
    }

    @Test
    void aloneItListsWhatItCanDo() {
        assertThat(Cluster.script())
                .contains("./wexilla start", "./wexilla test", "./wexilla backup FILE", "./wexilla restore FILE");
    }
}
