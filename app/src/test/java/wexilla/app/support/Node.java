package wexilla.app.support;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** Runs scripts of {@code web/} with Node. */
public final class Node {

    private Node() {}

    /** @param said all it printed */
    public record Ran(int code, String said) {}

    public static Ran run(String... script) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of("node"));
        command.addAll(List.of(script));
        Process process = new ProcessBuilder(command)
                .directory(Cluster.ROOT.resolve("web").toFile())
                .redirectErrorStream(true)
                .start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return new Ran(process.waitFor(), said);
    }
}
