package jasperwing.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import jasperwing.Rooms;
import jasperwing.Rooms.Arrow;
import java.util.List;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** The arrows of the window: stages know the shell and what it is made of, the shell knows no stage, no stage knows another. */
class ArchitectureTest {
    private static final JavaClasses CLASSES = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("jasperwing.app");

    private static final List<Arrow> ARROWS = List.of(
            new Arrow("workspace"),
            new Arrow("controls", "workspace"),
            new Arrow("files", "workspace", "controls"),
            new Arrow("findings", "workspace", "controls"),
            new Arrow("say", "workspace", "controls"),
            new Arrow("sheet", "workspace"),
            new Arrow("lens", "workspace", "controls", "findings"),
            new Arrow("shell", "workspace", "files", "controls", "findings", "lens", "say"),
            new Arrow("draw", "workspace", "files", "controls", "sheet", "shell"),
            new Arrow("keys", "workspace", "files", "controls", "sheet", "shell"),
            new Arrow("classes", "workspace", "controls", "shell"));

    private static final Rooms ROOMS =
            new Rooms(CLASSES, "jasperwing.app", "app/src/main/java/jasperwing/app", List.of("the core"), ARROWS);

    @Test
    void everyRoomIsListed() {
        ROOMS.areListed();
    }

    @TestFactory
    List<DynamicTest> everyRoomKnowsWhatItSays() {
        return ARROWS.stream()
                .map(a -> DynamicTest.dynamicTest(a.from(), () -> {
                    ROOMS.followsItsArrow(a);
                    ROOMS.saysItsArrow(a);
                }))
                .toList();
    }

    @Test
    void noRoomsKnowEachOther() {
        slices().matching("jasperwing.app.(*)..").should().beFreeOfCycles().check(CLASSES);
    }

    @Test
    void designsChangeInTheWorkspaceOnly() {
        noClasses()
                .that()
                .haveNameNotMatching("jasperwing\\.app\\.workspace\\.Workspace(\\$.*)?")
                .should()
                .dependOnClassesThat()
                .haveFullyQualifiedName("jasperwing.model.History")
                .check(CLASSES);
    }
}
