package jasperwing;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaFieldAccess;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchRule;
import jasperwing.dialect.Dialects;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** The arrows between packages: they point towards the model. */
class ArchitectureTest {
    private static final JavaClasses CLASSES = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("jasperwing");

    /** A package and the packages of ours it may know. */
    private record Arrow(String from, String... to) {}

    private static final List<Arrow> ARROWS = List.of(
            new Arrow("model"),
            new Arrow("notation", "model", "naming"),
            new Arrow("naming", "model"),
            new Arrow("formula", "model", "naming"),
            new Arrow("reading", "model", "naming", "notation", "derive"),
            new Arrow("physical"),
            new Arrow("dialect", "model", "naming", "formula", "physical"),
            new Arrow("derive", "model", "naming", "formula", "dialect", "physical"),
            new Arrow("findings", "model", "naming", "formula", "derive", "physical", "dialect", "classes"),
            new Arrow("say", "model", "naming", "notation", "derive", "physical", "dialect"),
            new Arrow("classes", "model", "naming", "formula", "derive", "dialect", "physical", "walk"),
            new Arrow("diagram", "model", "naming", "notation"),
            new Arrow("walk", "model", "naming", "derive", "physical"),
            new Arrow("moves", "model", "naming", "formula", "derive"),
            new Arrow("change", "model", "naming", "notation", "derive", "findings", "classes"),
            new Arrow(
                    "weigh",
                    "model",
                    "naming",
                    "notation",
                    "derive",
                    "dialect",
                    "physical",
                    "walk",
                    "moves",
                    "classes"),
            new Arrow("arrange", "model", "diagram"),
            new Arrow("blueprint", "model", "naming", "derive", "physical", "diagram", "arrange"),
            new Arrow("find", "model", "notation"),
            new Arrow("complete", "model", "naming", "notation"),
            new Arrow("paste", "model", "naming", "notation"),
            new Arrow("picture", "model", "diagram"),
            new Arrow("storage", "model", "notation"),
            new Arrow("output", "classes", "storage"));

    @Test
    void noDatabaseIsNamedOutsideTheRoomOfDialects() {
        noClasses()
                .that()
                .resideOutsideOfPackage("jasperwing.dialect")
                .should()
                .accessFieldWhere(DescribedPredicate.describe(
                        "it is that of a database",
                        (JavaFieldAccess a) -> a.getTargetOwner().isEquivalentTo(Dialects.class)
                                && !a.getTarget().getName().equals("DEFAULT")))
                .check(CLASSES);
    }

    @Test
    void everyPackageIsListed() {
        Set<String> listed = ARROWS.stream().map(Arrow::from).collect(Collectors.toSet());
        assertThat(CLASSES.stream().map(ArchitectureTest::room).collect(Collectors.toSet()))
                .isEqualTo(listed);
    }

    @TestFactory
    List<DynamicTest> everyPackageKnowsOnlyWhatItMay() {
        return ARROWS.stream()
                .map(a -> DynamicTest.dynamicTest(a.from(), () -> rule(a).check(CLASSES)))
                .toList();
    }

    /** An arrow that nothing follows any more is taken out. */
    @TestFactory
    List<DynamicTest> everyPackageKnowsAllThatItMay() {
        return ARROWS.stream()
                .map(a -> DynamicTest.dynamicTest(
                        a.from(), () -> assertThat(known(a.from())).containsExactlyInAnyOrder(a.to())))
                .toList();
    }

    private static Set<String> known(String room) {
        return CLASSES.stream()
                .filter(c -> room(c).equals(room))
                .flatMap(c -> c.getDirectDependenciesFromSelf().stream())
                .map(d -> d.getTargetClass().getBaseComponentType())
                .filter(c -> c.getPackageName().startsWith("jasperwing"))
                .map(ArchitectureTest::room)
                .filter(r -> !r.equals(room))
                .collect(Collectors.toSet());
    }

    private static String room(JavaClass type) {
        return type.getPackageName().replaceFirst("^jasperwing\\.?", "").replaceFirst("\\..*", "");
    }

    /** What a package may know stands in its description, too. */
    @TestFactory
    List<DynamicTest> everyPackageSaysWhatItMayKnow() {
        return ARROWS.stream()
                .map(a -> DynamicTest.dynamicTest(a.from(), () -> assertThat(Path.of(
                                System.getProperty("jasperwing.root"),
                                "core/src/main/java/jasperwing",
                                a.from(),
                                "package-info.java"))
                        .content()
                        .containsPattern(" \\* <p>May know: " + Pattern.quote(said(a)) + "\n \\*/\npackage ")))
                .toList();
    }

    private static String said(Arrow arrow) {
        return arrow.to().length == 0 ? "nothing else of ours." : String.join(", ", arrow.to()) + ".";
    }

    private static ArchRule rule(Arrow arrow) {
        List<String> allowed = List.of(arrow.to());
        String[] forbidden = ARROWS.stream()
                .map(Arrow::from)
                .filter(p -> !p.equals(arrow.from()) && !allowed.contains(p))
                .map(p -> "jasperwing." + p + "..")
                .toArray(String[]::new);
        return noClasses()
                .that()
                .resideInAPackage("jasperwing." + arrow.from() + "..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(forbidden);
    }

    @Test
    void theCoreKnowsNoWindow() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("javafx..", "javax.swing..")
                .check(CLASSES);
    }

    @Test
    void onlyThePictureKnowsGraphics() {
        noClasses()
                .that()
                .resideOutsideOfPackage("jasperwing.picture..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("java.awt..", "javax.imageio..")
                .check(CLASSES);
    }

    @Test
    void onlyStorageAndOutputTouchFiles() {
        noClasses()
                .that()
                .resideOutsideOfPackages("jasperwing.storage..", "jasperwing.output..")
                .should()
                .dependOnClassesThat()
                .haveFullyQualifiedName("java.nio.file.Files")
                .check(CLASSES);
    }

    @Test
    void noPackagesKnowEachOther() {
        slices().matching("jasperwing.(*)..").should().beFreeOfCycles().check(CLASSES);
        slices().matching("jasperwing.classes.(*)..").should().beFreeOfCycles().check(CLASSES);
    }

    @Test
    void noLanguageAndNoStandardIsNamedOutsideTheRoomOfTargets() {
        for (String room : List.of("java", "jakarta")) {
            noClasses()
                    .that()
                    .resideOutsideOfPackages("jasperwing.classes.targets", "jasperwing.classes." + room)
                    .should()
                    .dependOnClassesThat()
                    .resideInAPackage("jasperwing.classes." + room)
                    .check(CLASSES);
        }
    }
}
