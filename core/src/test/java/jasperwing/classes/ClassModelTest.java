package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.classes.java.Java;
import jasperwing.classes.language.Options;
import jasperwing.model.Design;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The classes a design becomes, before any language. */
class ClassModelTest {
    @Test
    void whatALineIsMadeOfIsSoughtInAllThatBearTheName() {
        ClassModel model = OurTargets.model(Samples.design(
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
        ClassModel model = OurTargets.model(Samples.demo());
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
        ClassModel model = OurTargets.model(Samples.demo());
        assertThat(model.find("Assignment").orElseThrow().keyReferences()).hasSize(2);
        assertThat(model.find("Calibration").orElseThrow().keyReferences())
                .extracting(Association.ToOne::name)
                .containsExactly("instrument");
        assertThat(model.find("Dive").orElseThrow().keyReferences()).isEmpty();
    }

    @Test
    void namesAreGivenOnceWhateverAsksForThem() {
        ClassModel model = OurTargets.model(Samples.design(
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
        List<GeneratedFile> files = OurTargets.JAKARTA.generate(OurTargets.inPackage("marsh", design));
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
        assertThat(OurTargets.JAKARTA.files(Samples.demo()))
                .allMatch(f -> f.text().matches("(?s)// Written by Jasperwing; .*\npackage .*"))
                .isSortedAccordingTo((a, b) -> a.path().compareTo(b.path()));
    }

    private static String module(Design design) {
        return Options.of(design, new Java(), Map.of()).module();
    }

    @Test
    void thePackageIsTheFirstWordOfTheName() {
        assertThat(module(Design.named("Saltmarsh Field Station"))).isEqualTo("saltmarsh");
        assertThat(module(Design.named("2nd try"))).isEqualTo("_2nd");
        assertThat(module(Design.named("new one"))).isEqualTo("one");
        assertThat(module(Design.named("New"))).isEqualTo("model");
        assertThat(module(Design.named(""))).isEqualTo("model");
    }
}
