package didaxis.core;

import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;
import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private final JavaClasses core = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("didaxis.core");

    @Test
    void packagesUseOnlyWhatLiesBelowThem() {
        Map<String, String[]> below = new LinkedHashMap<>();
        below.put("quantity", new String[] {});
        below.put("circuit", new String[] {"quantity"});
        below.put("style", new String[] {"quantity"});
        below.put("analysis", new String[] {"quantity", "circuit", "style"});
        below.put("netlist", new String[] {"quantity", "circuit", "analysis"});
        below.put("working", new String[] {"quantity", "circuit", "style", "analysis"});
        below.put("question", new String[] {"quantity", "circuit", "style", "analysis", "working"});
        below.put("marking", new String[] {"quantity", "circuit", "style", "analysis", "working", "question"});
        below.put("drawing", new String[] {"quantity", "circuit", "style"});
        LayeredArchitecture layers = layeredArchitecture().consideringOnlyDependenciesInLayers();
        for (String layer : below.keySet()) layers = layers.layer(layer).definedBy("didaxis.core." + layer);
        for (Map.Entry<String, String[]> layer : below.entrySet()) {
            var one = layers.whereLayer(layer.getKey());
            layers = layer.getValue().length == 0
                    ? one.mayNotAccessAnyLayer()
                    : one.mayOnlyAccessLayers(layer.getValue());
        }
        layers.check(core);
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
