package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.classes.java.JavaOptions;
import jasperwing.classes.template.TemplateTarget;
import jasperwing.model.Design;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The classes a design becomes, before any language. */
class ClassModelTest {
    @Test
    void whatALineIsMadeOfIsSoughtInAllThatBearTheName() {
        ClassModel model = ClassModel.of(Samples.design(
                "value Size", "  width int", "value Size", "  height int", "entity Box", "  id serial key"));
        assertThat(model.origin(new Source("Size", "height")))
                .map(Origin::isOfMember)
                .contains(true);
        assertThat(model.origin(new Source("Size", "depth")))
                .map(Origin::isOfMember)
                .contains(false);
    }

    @Test
    void theDemosAssociationsAreThere() {
        ClassModel model = ClassModel.of(Samples.demo());
        assertThat(model.classes())
                .extracting(ModelClass::name)
                .contains("Dive", "Note")
                .doesNotContain("Account");
        assertThat(names(model, "Dive"))
                .containsExactly(
                        "ToOne expedition",
                        "ToOne site",
                        "Inverse assignments",
                        "ThroughLink crew",
                        "Inverse specimens",
                        "JoinedInverse instruments");
        assertThat(names(model, "Researcher"))
                .containsExactly("ToOutside accountId", "Inverse assignments", "ThroughLink dives");
        assertThat(names(model, "Note")).containsExactly("OneOfKind subject");
        assertThat(names(model, "Taxon")).containsExactly("ToOne parent", "Inverse specimens", "Inverse children");
    }

    private static List<String> names(ClassModel model, String entity) {
        return model.find(entity).orElseThrow().associations().stream()
                .map(a -> a.getClass().getSimpleName() + " " + a.name())
                .toList();
    }

    @Test
    void keysAreOfAttributesAndReferences() {
        ClassModel model = ClassModel.of(Samples.demo());
        assertThat(model.find("Assignment").orElseThrow().keyReferences()).hasSize(2);
        assertThat(model.find("Calibration").orElseThrow().keyReferences())
                .extracting(Association.ToOne::name)
                .containsExactly("instrument");
        assertThat(model.find("Dive").orElseThrow().keyReferences()).isEmpty();
    }

    @Test
    void namesAreGivenOnceWhateverAsksForThem() {
        ClassModel model = ClassModel.of(Samples.design(
                "entity Dive",
                "  id serial key",
                "  photos int",
                "entity Photo",
                "  id serial key",
                "each Photo must be of one Dive as dive, which may have many Photo as photos",
                "each Photo may show one Dive as shown, which may be shown by many Photo as photos"));
        assertThat(names(model, "Dive")).containsExactly("Inverse photos_2", "Inverse photos_3");
    }

    @Test
    void filesLieInPackagesByAreaAndCarryDocumentation() throws Exception {
        Design design = Samples.design(
                "area `Field work` moss",
                "enum Duty: leader \"The leader\", `class`",
                "entity Dive in `Field work`",
                "  id serial key",
                "  \"One descent.\"",
                "  length duration?",
                "  duty Duty default leader");
        List<GeneratedFile> files = TemplateTarget.builtIn("java-jakarta").generate(design, new JavaOptions("marsh"));
        assertThat(files)
                .extracting(GeneratedFile::path)
                .containsExactly("marsh/DurationMillis.java", "marsh/Duty.java", "marsh/fieldwork/Dive.java");
        assertThat(files.get(2).text())
                .contains(
                        "    @Convert(converter = DurationMillis.class)\n    @Column(name = \"length\")\n    private Duration length;\n",
                        "    private Duty duty = Duty.LEADER;\n");
        assertThat(files.get(1).text())
                .contains("LEADER(\"leader\", \"The leader\"),\n    CLASS(\"class\", \"Class\");");
    }

    @Test
    void everyFileBeginsWithAChecksumOfItsRest() {
        assertThat(Target.JAVA_JAKARTA.generate(Samples.demo()))
                .allMatch(f -> f.text().matches("(?s)// Written by Jasperwing; .*\npackage .*"))
                .isSortedAccordingTo((a, b) -> a.path().compareTo(b.path()));
    }

    @Test
    void thePackageIsTheFirstWordOfTheName() {
        assertThat(JavaOptions.of(Design.named("Saltmarsh Field Station")).basePackage())
                .isEqualTo("saltmarsh");
        assertThat(JavaOptions.of(Design.named("2nd try")).basePackage()).isEqualTo("_2nd");
        assertThat(JavaOptions.of(Design.named("new one")).basePackage()).isEqualTo("one");
        assertThat(JavaOptions.of(Design.named("New")).basePackage()).isEqualTo("model");
        assertThat(JavaOptions.of(Design.named("")).basePackage()).isEqualTo("model");
    }
}
