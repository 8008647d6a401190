package didaxis.server;

import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private final JavaClasses server = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("didaxis.server");

    @Test
    void featuresDoNotGoInCircles() {
        slices().matching("didaxis.server.(account|circuit|shelf|paper|classroom|assignment|marking|demo)..")
                .should()
                .beFreeOfCycles()
                .check(server);
    }

    @Test
    void sqlIsSpokenInRepositoriesOnly() {
        ArchRuleDefinition.noClasses()
                .that()
                .areNotAnnotatedWith(org.springframework.stereotype.Repository.class)
                .and()
                .resideOutsideOfPackage("didaxis.server.config")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("org.springframework.jdbc..")
                .check(server);
    }
}
