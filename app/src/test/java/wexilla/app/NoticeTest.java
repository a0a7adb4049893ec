package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;
import wexilla.app.support.Cluster;
import wexilla.app.support.Http;
import wexilla.app.support.Kitchen;

/** What others wrote ships with its licence, and the application shows it. */
class NoticeTest {

    /** Licences under which Wexilla may carry what it is built of. */
    private static final Pattern KNOWN = Pattern.compile(
            "Apache|MIT|BSD|ISC|OFL|EPL|EDL|LGPL|GPL.*Classpath|Public Domain|CC0|Go License|UPL|SEE LICENSE|Eclipse",
            2);

    private final Http http = Kitchen.emptyHousehold();

    private String read(String name) {
        Http.Answer answer = http.get("/third-party/" + name);
        assertThat(answer.status()).isEqualTo(200);
        return new String(answer.bytes(), StandardCharsets.UTF_8);
    }

    private static List<String> all(String pattern, String text) {
        return Pattern.compile(pattern, Pattern.MULTILINE)
                .matcher(text)
                .results()
                .map(MatchResult::group)
                .toList();
    }

    /** Every jar that is on the way to the classes and no test's own. */
    @Test
    void everyJarIsNamedWithItsLicence() throws Exception {
        String notice = read("java.txt");
        List<String> wanted = new ArrayList<>(all(
                "(?<=<artifactId>)[^<]+(?=</artifactId></dependency>|</artifactId><version>[^<]*</version></dependency>)",
                Files.readString(Path.of(Cluster.ROOT.toString(), "app/pom.xml"))));
        wanted.remove("wexilla-core");
        assertThat(wanted)
                .hasSizeGreaterThan(5)
                .allSatisfy(name -> assertThat(notice).contains(":" + name + ":"));
        assertThat(all("^ {5}\\(.*$", notice))
                .hasSizeGreaterThan(50)
                .allSatisfy(line ->
                        assertThat(line).matches(each -> KNOWN.matcher(each).find()));
    }

    /** What is checked in is what Maven says; when it is not: cp app/target/third-party/java.txt to it. */
    @Test
    void itIsUpToDate() throws Exception {
        assertThat(read("java.txt"))
                .isEqualTo(Files.readString(Cluster.ROOT.resolve("app/target/third-party/java.txt")));
    }

    @Test
    void everyPackageOfThePagesIsNamedWithItsLicence() throws Exception {
        String notice = read("web.txt");
        new JsonMapper()
                .readTree(Path.of(Cluster.ROOT.toString(), "web/package.json").toFile())
                .path("dependencies")
                .propertyNames()
                .forEach(name -> assertThat(notice).containsPattern("(?m)^" + Pattern.quote(name) + " "));
        assertThat(all("^\\S+ \\d+\\.\\d+\\.\\d+ \\(.*\\)$", notice))
                .hasSizeGreaterThan(10)
                .allSatisfy(line ->
                        assertThat(line).matches(each -> KNOWN.matcher(each).find()));
    }

    @Test
    void ourOwnLicenceIsThere() throws Exception {
        assertThat(Files.readString(Cluster.ROOT.resolve("LICENSE"))).contains("Apache License", "Version 2.0");
    }
}
