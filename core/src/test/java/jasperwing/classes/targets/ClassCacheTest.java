package jasperwing.classes.targets;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Designs;
import jasperwing.Samples;
import jasperwing.classes.GeneratedFile;
import jasperwing.classes.OurTargets;
import jasperwing.classes.template.TemplateProblemException;
import jasperwing.model.Attribute;
import jasperwing.model.CodeTargetEdits;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.EntityEdits;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ClassCacheTest {
    @Provide
    Arbitrary<Design> designs() {
        return Designs.all();
    }

    @Provide
    Arbitrary<Target> targets() {
        return Arbitraries.of(Targets.all());
    }

    @Provide
    Arbitrary<List<Edit>> edits() {
        return Designs.edits().list().ofMinSize(1).ofMaxSize(4);
    }

    @Property(tries = 200, seed = "7")
    void whatIsRecalledIsWhatWouldBeMade(
            @ForAll("designs") Design start,
            @ForAll("edits") List<Edit> edits,
            @ForAll("targets") Target target,
            @ForAll boolean beside)
            throws TemplateProblemException {
        ClassCache memory = new ClassCache();
        Design design = CodeTargetEdits.choose(target.word(), "mapping", beside ? "xml" : "")
                .on(start);
        assertThat(memory.files(target, design)).isEqualTo(target.files(design));
        for (Edit edit : edits) {
            design = edit.on(design);
            assertThat(memory.files(target, design)).isEqualTo(target.files(design));
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.classes.targets.Targets#all")
    void theDemosFilesFollowEdits(Target target) throws TemplateProblemException {
        ClassCache memory = new ClassCache();
        Design design = Samples.demo();
        memory.files(target, design);
        List<Edit> edits = List.of(
                EntityEdits.changeAttribute("Dive", "maxDepth", a -> a.withOptional(true)),
                EntityEdits.changeAttribute("Site", "position", a -> a.withOptional(true)),
                EntityEdits.changeAttribute("Taxon", "id", a -> a.withType(Type.of(Scalar.UUID))),
                EntityEdits.changeAttribute("Instrument", "serial", a -> a.withName("plate")),
                EntityEdits.change("Keyword", e -> e.withArea("")),
                EntityEdits.rename("Specimen", "Find"),
                RelationshipEdits.remove(design.relationships().get(2)),
                EntityEdits.change("Dive", e -> e.withAttributes(List.of(Attribute.of("id", Type.of(Scalar.SERIAL))))));
        for (Edit edit : edits) {
            design = edit.on(design);
            assertThat(memory.files(target, design)).isEqualTo(target.files(design));
        }
    }

    @Test
    void whatIsOfTheWholeComesAndGoes() throws TemplateProblemException {
        ClassCache memory = new ClassCache();
        Design apart = Samples.design("entity Dive", "  id serial key", "entity Site", "  id serial key");
        Design together = apart.withRelationships(Samples.design(
                        "entity Dive",
                        "  id serial key",
                        "entity Site",
                        "  id serial key",
                        "each Dive may be at one Site, which may have many Dive")
                .relationships());
        for (Design design : List.of(apart, together, apart)) {
            assertThat(memory.files(OurTargets.JAKARTA, design)).isEqualTo(OurTargets.JAKARTA.files(design));
        }
    }

    @Test
    void anEditMakesAnewOnlyWhatItConcerns() throws TemplateProblemException {
        ClassCache memory = new ClassCache();
        Design design = Samples.design(
                "entity Dive",
                "  id serial key",
                "  number int",
                "entity Site",
                "  id serial key",
                "each Dive may be after one Dive as before");
        List<GeneratedFile> before = memory.files(OurTargets.JAKARTA, design);
        Design edited = EntityEdits.changeAttribute("Dive", "number", a -> a.withOptional(true))
                .on(design);
        List<GeneratedFile> after = memory.files(OurTargets.JAKARTA, edited);
        assertThat(after.get(0)).isNotEqualTo(before.get(0));
        assertThat(after.get(1)).isSameAs(before.get(1));
    }
}
