package didaxis.server;

import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaField;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.stereotype.Service;
import org.springframework.web.bind.annotation.RestController;

class ArchitectureTest {
    /** Reading the classes takes longer than the rules. */
    private static final JavaClasses server = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("didaxis.server");

    private static final int LONGEST = 250;

    /** What is longer holds two subjects and is split where they meet; ESLint counts the lines of the screens' files. */
    @Test
    void everySourceFileFitsInOneReading() throws IOException {
        List<String> tooLong = new ArrayList<>();
        for (String module : List.of("core", "server", "browser-tests", "benchmarks"))
            for (Path file : sources(Path.of("..", module, "src")))
                if (Files.readAllLines(file).size() > LONGEST) tooLong.add(file.toString());
        assertEquals(List.of(), tooLong);
    }

    private static List<Path> sources(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            return files.filter(file -> file.toString().endsWith(".java")).toList();
        }
    }

    @Test
    void featuresDoNotGoInCircles() {
        slices().matching(
                        "didaxis.server.(account|circuit|folding|change|backwards|line|file|shelf|question|classroom|assignment|marking|paper|exchange|print|demo)..")
                .should()
                .beFreeOfCycles()
                .check(server);
    }

    /** It reads the request and asks one service; of the container's own pages there is one besides. */
    @Test
    void aControllerAsksOneService() {
        ArchRuleDefinition.classes()
                .that()
                .areAnnotatedWith(RestController.class)
                .and()
                .resideOutsideOfPackage("didaxis.server.config")
                .should(new ArchCondition<>("hold one service and nothing else") {
                    @Override
                    public void check(JavaClass controller, ConditionEvents events) {
                        List<JavaField> held = controller.getFields().stream()
                                .filter(field -> !field.getModifiers().contains(JavaModifier.STATIC))
                                .toList();
                        boolean one =
                                held.size() == 1 && held.get(0).getRawType().isAnnotatedWith(Service.class);
                        if (!one) events.add(SimpleConditionEvent.violated(controller, controller + " holds " + held));
                    }
                })
                .check(server);
    }

    @Test
    void sqlIsSpokenInRepositoriesAndMigrationsOnly() {
        ArchRuleDefinition.noClasses()
                .that()
                .areNotAnnotatedWith(org.springframework.stereotype.Repository.class)
                .and()
                .areNotAssignableTo(org.flywaydb.core.api.migration.JavaMigration.class)
                .and()
                .resideOutsideOfPackage("didaxis.server.config")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("org.springframework.jdbc..")
                .check(server);
    }
}
