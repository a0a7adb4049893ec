package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wexilla.app.support.Cluster;
import wexilla.app.support.Http;

/** Both processes are killed in the middle of work: nothing that was answered is lost, nothing is half there. */
class KillTest {

    @Test
    void whatWasAnsweredSurvivesKillNine() throws Exception {
        Cluster cluster = Cluster.fresh("kill", "safe");
        try {
            Process application = start(cluster, cluster.arguments());
            Http http = new Http(port, UUID.randomUUID());
            List<String> answered = new CopyOnWriteArrayList<>();
            for (int i = 0; i < 12; i++) {
                answered.add(http.note(note(i)).path("act").asString());
            }
            Thread writer = new Thread(() -> {
                for (int i = 12; i < 500; i++) {
                    try {
                        answered.add(http.note(note(i)).path("act").asString());
                    } catch (IllegalStateException | AssertionError killed) {
                        return;
                    }
                }
            });
            writer.start();
            while (answered.size() < 20 && writer.isAlive()) {
                Thread.onSpinWait();
            }
            cluster.kill();
            application.destroyForcibly().waitFor();
            writer.join();
            assertThat(answered).hasSizeBetween(20, 499);

            Cluster again = cluster.again();
            Process second = start(again, again.arguments());
            Http after = new Http(port, UUID.randomUUID());
            List<String> kept = new ArrayList<>();
            for (JsonNode act : after.get("/api/acts").ok()) {
                kept.add(act.path("id").asString());
            }
            // the history shows the newest 60; every answered one among the newest must be there
            List<String> newest = answered.subList(Math.max(0, answered.size() - 50), answered.size());
            assertThat(kept).containsAll(newest);
            int onions = 0;
            for (JsonNode place : after.get("/api/onhand").ok().path("places")) {
                onions += place.path("lots").size();
            }
            // every note made two lots, also one that was stored and never answered
            assertThat(onions).isEven().isBetween(2 * answered.size(), 2 * answered.size() + 2);
            second.destroyForcibly().waitFor();
        } finally {
            cluster.destroy();
        }
    }

    private int port;

    private static String note(int i) {
        return (i + 1) + " kg onions 0.89\n" + (i + 1) + " kg carrots 0.79";
    }

    private Process start(Cluster cluster, List<String> arguments) throws IOException, InterruptedException {
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                App.class.getName(),
                "--server.port=" + port,
                "--wexilla.first-household=empty"));
        command.addAll(arguments);
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(Cluster.ROOT.resolve("app/target/kill.log").toFile())
                .start();
        Http http = new Http(port, UUID.randomUUID());
        for (int tries = 0; tries < 600; tries++) {
            assertThat(process.isAlive()).as("see app/target/kill.log").isTrue();
            try {
                if (http.get("/api/household").status() == 200) {
                    return process;
                }
            } catch (IllegalStateException notYet) {
                process.waitFor(100, java.util.concurrent.TimeUnit.MILLISECONDS);
            }
        }
        throw new AssertionError("the application does not answer");
    }
}
