package didaxis.core;

import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    /** Reading the classes takes longer than the rules. */
    private static final JavaClasses core = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("didaxis.core");

    /** Each may use only some of those before it. */
    private static final List<String> ORDER = List.of(
            "quantity",
            "style",
            "circuit",
            "notation",
            "compose",
            "solving",
            "chart",
            "formula",
            "law",
            "line",
            "working",
            "backwards",
            "change",
            "slip",
            "words",
            "answer",
            "question",
            "template",
            "memo",
            "marking",
            "wording",
            "correction");

    @Test
    void packagesUseOnlyThoseBeforeThem() {
        LayeredArchitecture layers = layeredArchitecture().consideringOnlyDependenciesInLayers();
        for (String layer : ORDER) layers = layers.layer(layer).definedBy("didaxis.core." + layer);
        layers = layers.layer("drawing").definedBy("didaxis.core.drawing");
        layers = layers.whereLayer("quantity").mayNotAccessAnyLayer();
        for (int k = 1; k < ORDER.size(); k++) {
            String[] before = ORDER.subList(0, k).toArray(String[]::new);
            layers = layers.whereLayer(ORDER.get(k)).mayOnlyAccessLayers(before);
        }
        layers.whereLayer("drawing")
                .mayOnlyAccessLayers("quantity", "style", "circuit", "notation")
                .check(core);
    }

    @Test
    void everyPackageHasItsPlace() {
        ArchRuleDefinition.classes()
                .should()
                .resideInAnyPackage(Stream.concat(ORDER.stream(), Stream.of("drawing"))
                        .map("didaxis.core."::concat)
                        .toArray(String[]::new))
                .check(core);
    }

    @Test
    void coreIsPlainJava() {
        ArchRuleDefinition.classes()
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(
                        "didaxis.core..",
                        "java.util..",
                        "java.lang..",
                        "java.math..",
                        "java.text..",
                        "org.ejml..",
                        "org.hipparchus..")
                .check(core);
    }
}
