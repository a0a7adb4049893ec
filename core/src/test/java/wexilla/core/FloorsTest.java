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
                .definedBy("..core.food..", "..core.people..", "..core.equipment..")
                .layer("recipe")
                .definedBy("..core.recipe..", "..core.keeping..")
                .layer("stock")
                .definedBy("..core.stock..")
                .layer("pricing")
                .definedBy("..core.pricing..")
                .layer("packing")
                .definedBy("..core.packing..", "..core.stretch..")
                .layer("shopping")
                .definedBy("..core.shopping..")
                .layer("planning")
                .definedBy("..core.plan..", "..core.menu..", "..core.clock..", "..core.cookday..")
                .layer("kitchen")
                .definedBy("..core.kitchen..")
                .layer("stations")
                .definedBy("..core.stations..")
                .whereLayer("stations")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("kitchen")
                .mayOnlyBeAccessedByLayers("stations")
                .whereLayer("planning")
                .mayOnlyBeAccessedByLayers("kitchen", "stations")
                .whereLayer("shopping")
                .mayOnlyBeAccessedByLayers("planning", "kitchen", "stations")
                .whereLayer("packing")
                .mayOnlyBeAccessedByLayers("shopping", "planning", "kitchen", "stations")
                .whereLayer("pricing")
                .mayOnlyBeAccessedByLayers("packing", "shopping", "planning", "kitchen", "stations")
                .whereLayer("stock")
                .mayOnlyBeAccessedByLayers("pricing", "packing", "shopping", "planning", "kitchen", "stations")
                .whereLayer("recipe")
                .mayOnlyBeAccessedByLayers("stock", "pricing", "packing", "shopping", "planning", "kitchen", "stations")
                .whereLayer("food")
                .mayOnlyBeAccessedByLayers(
                        "recipe", "stock", "pricing", "packing", "shopping", "planning", "kitchen", "stations")
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
