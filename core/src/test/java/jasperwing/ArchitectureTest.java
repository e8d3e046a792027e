package jasperwing;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaFieldAccess;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import jasperwing.Rooms.Arrow;
import jasperwing.dialect.Dialects;
import java.util.List;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** The arrows between packages: they point towards the model. */
class ArchitectureTest {
    private static final JavaClasses CLASSES = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("jasperwing");

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
            new Arrow("say", "model", "naming", "notation", "formula", "derive", "physical", "dialect"),
            new Arrow("classes", "model", "naming", "formula", "derive", "dialect", "physical", "walk"),
            new Arrow("diagram", "model", "naming", "notation"),
            new Arrow("walk", "model", "naming", "derive"),
            new Arrow("moves", "model", "naming", "formula", "derive"),
            new Arrow("change", "model", "naming", "notation", "derive", "findings", "classes"),
            new Arrow(
                    "weigh",
                    "model",
                    "naming",
                    "notation",
                    "formula",
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

    private static final Rooms ROOMS =
            new Rooms(CLASSES, "jasperwing", "core/src/main/java/jasperwing", List.of(), ARROWS);

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
        ROOMS.areListed();
    }

    @TestFactory
    List<DynamicTest> everyPackageKnowsWhatItSays() {
        return ARROWS.stream()
                .map(a -> DynamicTest.dynamicTest(a.from(), () -> {
                    ROOMS.followsItsArrow(a);
                    ROOMS.saysItsArrow(a);
                }))
                .toList();
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
