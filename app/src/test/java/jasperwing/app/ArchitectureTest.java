package jasperwing.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** The arrows of the window: stages know the shell and what it is made of, the shell knows no stage, no stage knows another. */
class ArchitectureTest {
    private static final JavaClasses CLASSES = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("jasperwing.app");

    /** A room and the rooms it knows; the outermost one may know all. */
    private record Arrow(String from, String... to) {}

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

    private static String room(JavaClass type) {
        return type.getPackageName().replaceFirst("^jasperwing\\.app\\.?", "").replaceFirst("\\..*", "");
    }

    @Test
    void everyRoomIsListed() {
        assertThat(CLASSES.stream()
                        .map(ArchitectureTest::room)
                        .filter(r -> !r.isEmpty())
                        .collect(Collectors.toSet()))
                .isEqualTo(ARROWS.stream().map(Arrow::from).collect(Collectors.toSet()));
    }

    @TestFactory
    List<DynamicTest> everyRoomKnowsWhatItSays() {
        return ARROWS.stream()
                .map(a -> DynamicTest.dynamicTest(a.from(), () -> {
                    assertThat(known(a.from())).containsExactlyInAnyOrder(a.to());
                    assertThat(Path.of(
                                    System.getProperty("jasperwing.root"),
                                    "app/src/main/java/jasperwing/app",
                                    a.from(),
                                    "package-info.java"))
                            .content()
                            .containsPattern(" \\* <p>May know: " + Pattern.quote(said(a)) + "\n \\*/\npackage ");
                }))
                .toList();
    }

    private static Set<String> known(String room) {
        return CLASSES.stream()
                .filter(c -> room(c).equals(room))
                .flatMap(c -> c.getDirectDependenciesFromSelf().stream())
                .map(d -> d.getTargetClass().getBaseComponentType())
                .filter(c -> c.getPackageName().startsWith("jasperwing.app"))
                .map(ArchitectureTest::room)
                .filter(r -> !r.equals(room))
                .collect(Collectors.toSet());
    }

    private static String said(Arrow arrow) {
        return "the core" + (arrow.to().length == 0 ? "." : ", " + String.join(", ", arrow.to()) + ".");
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
