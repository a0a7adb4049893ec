package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.boot.SpringApplication;
import wexilla.app.support.Cluster;

/** The script's backup and restore, on a cluster named as the running application's, in the tests' own state folder. */
class BackupTest {

    private static final Path FOLDER = Cluster.ROOT.resolve("app/target/backup");

    private static Cluster cluster;

    @BeforeAll
    static void fill() throws Exception {
        Files.createDirectories(FOLDER);
        cluster = Cluster.fresh("main", "fast");
        String[] arguments = java.util.stream.Stream.concat(
                        cluster.arguments().stream(),
                        java.util.stream.Stream.of("--server.port=0", "--wexilla.first-household=demo"))
                .toArray(String[]::new);
        SpringApplication.run(App.class, arguments).close();
    }

    @AfterAll
    static void destroy() {
        cluster.destroy();
    }

    private static String one(String sql) throws SQLException {
        try (Connection connection = DriverManager.getConnection(cluster.url(), "wexilla_app", cluster.appPassword());
                ResultSet rows = connection.createStatement().executeQuery(sql)) {
            rows.next();
            return rows.getString(1);
        }
    }

    private static void rename(String name) throws SQLException {
        try (Connection connection = DriverManager.getConnection(cluster.url(), "wexilla_app", cluster.appPassword())) {
            connection.createStatement().execute("update household set name = '" + name + "'");
        }
    }

    @Test
    void whatWasBackedUpComesBackWholeAndDamageIsRefused() throws Exception {
        Path file = FOLDER.resolve("house.wexilla");
        Files.deleteIfExists(file);
        String movements = one("select count(*) || ' ' || sum(cost) || ' ' || sum(amount) from movement");
        Cluster.script("backup", file.toString());
        assertThatThrownBy(() -> Cluster.script("backup", file.toString())).hasMessageContaining("is there already");
        rename("changed since");

        byte[] whole = Files.readAllBytes(file);
        Path damaged = FOLDER.resolve("damaged.wexilla");
        byte[] flipped = whole.clone();
        flipped[flipped.length / 2] ^= 1;
        Files.write(damaged, flipped);
        assertThatThrownBy(() -> Cluster.script("restore", damaged.toString())).hasMessageContaining("damaged");
        Files.write(damaged, java.util.Arrays.copyOf(whole, whole.length / 2));
        assertThatThrownBy(() -> Cluster.script("restore", damaged.toString())).hasMessageContaining("untouched");
        Files.writeString(damaged, "a letter to the harbour master");
        assertThatThrownBy(() -> Cluster.script("restore", damaged.toString()))
                .hasMessageContaining("no Wexilla backup");
        assertThat(one("select name from household")).isEqualTo("changed since");

        Cluster.script("restore", file.toString());
        assertThat(one("select name from household")).isEqualTo("The terrace above the harbour");
        assertThat(one("select count(*) || ' ' || sum(cost) || ' ' || sum(amount) from movement"))
                .isEqualTo(movements);
        // what the application may do came back too
        assertThatThrownBy(() -> one("delete from movement returning 1")).hasMessageContaining("permission denied");
        assertThat(Files.getPosixFilePermissions(file)).isEqualTo(PosixFilePermissions.fromString("rw-------"));
        // there and back: nothing a restore puts away is lost
        Cluster.script("restore", "--back");
        assertThat(one("select name from household")).isEqualTo("changed since");
        Cluster.script("restore", "--back");
        assertThat(one("select name from household")).isEqualTo("The terrace above the harbour");
        Files.delete(file);
    }

    /** The state a restore of an older version could leave when it was interrupted between its two renames. */
    @Test
    void whereOnlyTheOlderDatabaseIsThereNoNewHouseholdIsMadeBesideIt() throws Exception {
        String name = one("select name from household");
        asAdmin("drop database if exists wexilla_before with (force)");
        asAdmin("select pg_terminate_backend(pid) from pg_stat_activity where datname = 'wexilla'");
        asAdmin("alter database wexilla rename to wexilla_before");
        assertThatThrownBy(() -> Cluster.script("start", "--port=8099"))
                .hasMessageContaining("./wexilla restore --back");
        Cluster.script("restore", "--back");
        assertThat(one("select name from household")).isEqualTo(name);
        assertThatThrownBy(() -> Cluster.script("restore", "--back")).hasMessageContaining("nothing to go back to");
    }

    private static void asAdmin(String sql) throws SQLException {
        String postgres = cluster.url().replaceAll("wexilla$", "postgres");
        try (Connection connection = DriverManager.getConnection(postgres, "wexilla_admin", cluster.adminPassword())) {
            connection.createStatement().execute(sql);
        }
    }

    /** A lot changed behind the ledger's back is named. */
    @Test
    void theOperatorCanCheckTheBooks() throws Exception {
        assertThat(Cluster.script("check")).contains("the books are right");
        String lot = one("update lot set amount = amount + 1 where id = (select id from lot where amount > 0 limit 1) "
                + "returning id");
        assertThatThrownBy(() -> Cluster.script("check")).hasMessageContaining(lot);
        one("update lot set amount = amount - 1 where id = '" + lot + "' returning id");
        assertThat(Cluster.script("check")).contains("the books are right");
    }
}
