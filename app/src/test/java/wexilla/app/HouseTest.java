package wexilla.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wexilla.app.support.Cluster;

/** The rules of docs/architecture.md that a machine can hold. */
class HouseTest {

    private static final JavaClasses APP = new ClassFileImporter().importPackages("wexilla.app");

    @Test
    void namesSayWhatAClassDoes() {
        noClasses()
                .should()
                .haveSimpleNameEndingWith("Service")
                .orShould()
                .haveSimpleNameEndingWith("Manager")
                .orShould()
                .haveSimpleNameEndingWith("Helper")
                .orShould()
                .haveSimpleNameEndingWith("Util")
                .check(APP);
    }

    /** A name means one thing: what the core decides has another name than what writes it down. */
    @Test
    void noNameStandsInBothModules() {
        JavaClasses all = new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("wexilla");
        Map<String, Set<String>> modules = all.stream()
                .filter(one -> one.isTopLevelClass() && !one.getSimpleName().equals("package-info"))
                .collect(Collectors.groupingBy(
                        JavaClass::getSimpleName,
                        Collectors.mapping(one -> one.getPackageName().split("\\.")[1], Collectors.toSet())));
        assertThat(modules.values()).as("the classes of both modules").hasSizeGreaterThan(500);
        modules.values().removeIf(in -> in.size() == 1);
        assertThat(modules).isEmpty();
    }

    @Test
    void noTestContextOfTheFramework() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAPackage("org.springframework.test..")
                .check(APP);
    }

    @Test
    void stationsHaveNoCycles() {
        JavaClasses stations = new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("wexilla.app");
        slices().matching("wexilla.app.(*)..").should().beFreeOfCycles().check(stations);
    }

    /** One class writes lots and movements. */
    @Test
    void onlyTheLedgerWritesLotsAndMovements() throws IOException {
        try (Stream<Path> files = Files.walk(Cluster.ROOT.resolve("app/src/main/java"))) {
            List<String> writers = files.filter(file -> file.toString().endsWith(".java"))
                    .filter(HouseTest::writesStock)
                    .map(file -> file.getFileName().toString())
                    .toList();
            assertThat(writers).containsExactly("Ledger.java");
        }
    }

    private static boolean writesStock(Path file) {
        try {
            return java.util.regex.Pattern.compile("(insert into|update|delete from) +(lot|movement|lot_source)\\b")
                    .matcher(Files.readString(file))
                    .find();
        } catch (IOException unreadable) {
            throw new java.io.UncheckedIOException(unreadable);
        }
    }
}
