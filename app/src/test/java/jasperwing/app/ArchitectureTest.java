package jasperwing.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The arrows of the window: stages know the shell, the shell knows no stage, no stage knows another. */
class ArchitectureTest {
    private static final List<String> STAGES = List.of("draw", "keys", "classes");
    private static final JavaClasses CLASSES = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("jasperwing.app");

    @Test
    void theShellKnowsNoStageAndNoStageAnother() {
        for (String stage : STAGES) {
            noClasses()
                    .that()
                    .resideInAPackage("jasperwing.app..")
                    .and()
                    .resideOutsideOfPackages("jasperwing.app", "jasperwing.app." + stage + "..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAPackage("jasperwing.app." + stage + "..")
                    .check(CLASSES);
        }
    }

    @Test
    void designsChangeInTheWorkspaceOnly() {
        noClasses()
                .that()
                .haveNameNotMatching("jasperwing\\.app\\.shell\\.Workspace(\\$.*)?")
                .should()
                .dependOnClassesThat()
                .haveFullyQualifiedName("jasperwing.model.History")
                .check(CLASSES);
    }
}
