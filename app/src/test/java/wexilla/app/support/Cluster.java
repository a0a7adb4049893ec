package wexilla.app.support;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** A PostgreSQL cluster of the tests' own, made and unmade by the project's script. */
public final class Cluster {

    public static final Path ROOT = root();
    /** Each of the JVMs that run tests side by side has its own. */
    public static final Path STATE = ROOT.resolve("app/target/state" + System.getProperty("wexilla.fork", ""));

    private final String name;
    private final Map<String, String> told;

    private Cluster(String name, Map<String, String> told) {
        this.name = name;
        this.told = told;
    }

    private static Path root() {
        Path here = Path.of("").toAbsolutePath();
        return Files.exists(here.resolve("wexilla")) ? here : here.getParent();
    }

    /** A new and empty one. @param kind {@code fast} without fsync, {@code safe} as in use */
    public static Cluster fresh(String name, String kind) {
        return told(name, script("cluster", "new", name, kind));
    }

    /** Starts it again after it was killed. */
    public Cluster again() {
        return told(name, script("cluster", "up", name));
    }

    private static Cluster told(String name, String output) {
        Map<String, String> told = new java.util.HashMap<>();
        output.lines().filter(line -> line.matches("[a-z]+=.*")).forEach(line -> {
            String[] pair = line.split("=", 2);
            told.put(pair[0], pair[1]);
        });
        return new Cluster(name, told);
    }

    public String url() {
        return "jdbc:postgresql://127.0.0.1:" + told.get("port") + "/wexilla";
    }

    /** What the application is started with. */
    public List<String> arguments() {
        return List.of(
                "--spring.datasource.url=" + url(),
                "--spring.datasource.username=wexilla_app",
                "--spring.datasource.password=" + appPassword(),
                "--spring.flyway.url=" + url(),
                "--spring.flyway.user=wexilla_owner",
                "--spring.flyway.password=" + told.get("owner"));
    }

    public String appPassword() {
        return told.get("app");
    }

    public String ownerPassword() {
        return told.get("owner");
    }

    public String adminPassword() {
        return told.get("admin");
    }

    public void kill() {
        script("cluster", "kill", name);
    }

    public void destroy() {
        script("cluster", "destroy", name);
    }

    /** Runs the project's script with a state directory of the tests' own and returns what it prints. */
    public static String script(String... arguments) {
        try {
            List<String> command =
                    new ArrayList<>(List.of("bash", ROOT.resolve("wexilla").toString()));
            command.addAll(List.of(arguments));
            ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
            builder.environment().put("WEXILLA_STATE", STATE.toString());
            Process process = builder.start();
            String output = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            if (process.waitFor() != 0) {
                throw new IllegalStateException(String.join(" ", arguments) + ": " + output);
            }
            return output;
        } catch (IOException broken) {
            throw new IllegalStateException(broken);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }
}
