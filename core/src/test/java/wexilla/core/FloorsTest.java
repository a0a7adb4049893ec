package wexilla.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** The floors of docs/architecture.md: lower knows nothing of higher, nothing between rooms, no world outside. */
class FloorsTest {

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("wexilla.core");

    @Test
    void lowerFloorsKnowNothingOfHigherOnes() {
        layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("values")
                .definedBy("..core.quantity..", "..core.money..")
                .layer("food")
                .definedBy("..core.food..", "..core.people..")
                .layer("recipe")
                .definedBy("..core.recipe..", "..core.keeping..")
                .layer("stock")
                .definedBy("..core.stock..")
                .layer("pricing")
                .definedBy("..core.pricing..")
                .layer("packing")
                .definedBy("..core.packing..", "..core.stretch..")
                .whereLayer("packing")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("pricing")
                .mayOnlyBeAccessedByLayers("packing")
                .whereLayer("stock")
                .mayOnlyBeAccessedByLayers("pricing", "packing")
                .whereLayer("recipe")
                .mayOnlyBeAccessedByLayers("stock", "pricing", "packing")
                .whereLayer("food")
                .mayOnlyBeAccessedByLayers("recipe", "stock", "pricing", "packing")
                .check(CORE);
    }

    @Test
    void roomsHaveNoCycles() {
        slices().matching("wexilla.core.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void theCoreIsPure() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideOutsideOfPackages(
                        "java.lang..", "java.math..", "java.time..", "java.util..", "wexilla.core..", "org.jspecify..")
                .check(CORE);
        noClasses().should().callMethod(java.time.LocalDate.class, "now").check(CORE);
        noClasses().should().callMethod(java.time.Instant.class, "now").check(CORE);
    }
}
