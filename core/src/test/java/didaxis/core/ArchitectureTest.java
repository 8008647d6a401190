package didaxis.core;

import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private final JavaClasses core = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("didaxis.core");

    @Test
    void packagesUseOnlyWhatLiesBelowThem() {
        layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("quantity")
                .definedBy("didaxis.core.quantity")
                .layer("circuit")
                .definedBy("didaxis.core.circuit")
                .layer("analysis")
                .definedBy("didaxis.core.analysis")
                .layer("working")
                .definedBy("didaxis.core.working")
                .layer("question")
                .definedBy("didaxis.core.question")
                .layer("marking")
                .definedBy("didaxis.core.marking")
                .layer("drawing")
                .definedBy("didaxis.core.drawing")
                .whereLayer("quantity")
                .mayNotAccessAnyLayer()
                .whereLayer("circuit")
                .mayOnlyAccessLayers("quantity")
                .whereLayer("analysis")
                .mayOnlyAccessLayers("quantity", "circuit")
                .whereLayer("working")
                .mayOnlyAccessLayers("quantity", "circuit", "analysis")
                .whereLayer("question")
                .mayOnlyAccessLayers("quantity", "circuit", "analysis", "working")
                .whereLayer("marking")
                .mayOnlyAccessLayers("quantity", "circuit", "analysis", "working", "question")
                .whereLayer("drawing")
                .mayOnlyAccessLayers("quantity", "circuit")
                .check(core);
    }

    @Test
    void coreIsPlainJava() {
        ArchRuleDefinition.classes()
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage("didaxis.core..", "java.util..", "java.lang..", "java.math..", "org.ejml..")
                .check(core);
    }
}
