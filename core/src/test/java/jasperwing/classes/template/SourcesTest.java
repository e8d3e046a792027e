package jasperwing.classes.template;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Designs;
import jasperwing.Samples;
import jasperwing.classes.ClassModel;
import jasperwing.classes.GeneratedFile;
import jasperwing.classes.Origin;
import jasperwing.classes.OurTargets;
import jasperwing.classes.Source;
import jasperwing.classes.targets.Target;
import jasperwing.classes.targets.Targets;
import jasperwing.model.CodeTargetEdits;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What the lines of our targets say that they are made of. */
class SourcesTest {
    @Provide
    Arbitrary<Design> designs() {
        return Designs.all();
    }

    @Provide
    Arbitrary<Target> targets() {
        return Arbitraries.of(Targets.all());
    }

    @Property(tries = 60, seed = "11")
    void everyMemberThatLinesAreMadeOfIsOneOfTheDesign(
            @ForAll("designs") Design design, @ForAll("targets") Target target) {
        check(design, target);
    }

    @ParameterizedTest
    @MethodSource("jasperwing.classes.targets.Targets#all")
    void soItIsInTheDemo(Target target) {
        check(Samples.demo(), target);
    }

    private static void check(Design design, Target target) {
        ClassModel model = OurTargets.model(design);
        Design xml = CodeTargetEdits.choose(target.word(), "mapping", "xml").on(design);
        Stream.of(design, xml).flatMap(d -> target.files(d).stream()).forEach(file -> {
            assertThat(file.text()).doesNotContain("\uFDD0");
            for (Source source : file.sources()) {
                Optional<Origin> origin = model.origin(source);
                assertThat(origin.isPresent())
                        .as("%s in %s of\n%s", source, file.path(), Notation.print(design))
                        .isEqualTo(!source.of().isEmpty());
                assertThat(origin.map(Origin::isOfMember).orElse(false))
                        .as("%s in %s of\n%s", source, file.path(), Notation.print(design))
                        .isEqualTo(!source.member().isEmpty());
            }
        });
    }

    @Test
    void aRootWithTheRowsOfItsKindsLeadsToTheirAttributes() {
        Design design = Samples.design(
                "entity Boat, only its kinds",
                "  id serial key",
                "  kinds kept in one table",
                "entity Barge is a kind of Boat",
                "  tons int");
        check(design, OurTargets.PLAIN);
        assertThat(OurTargets.model(design).origin(new Source("Boat", "tons")))
                .contains(new Origin.OfAttribute(
                        design.entity("Barge").orElseThrow().attributes().get(0)));
    }

    private static Source source(List<GeneratedFile> files, String path, String line) {
        GeneratedFile file =
                files.stream().filter(f -> f.path().equals(path)).findFirst().orElseThrow();
        return file.source(file.text().lines().map(String::strip).toList().indexOf(line));
    }

    @Test
    void linesTellWhatTheyAreMadeOf() {
        List<GeneratedFile> rows = OurTargets.PLAIN.files(
                Samples.design("enum Duty: leader, recorder", "entity Dive", "  id serial key", "  duty Duty"));
        assertThat(source(rows, "test/Duty.java", "RECORDER(\"recorder\", \"Recorder\");"))
                .isEqualTo(new Source("Duty", "recorder"));
        Design xml = CodeTargetEdits.choose("java-jakarta", "mapping", "xml").on(Samples.demo());
        List<GeneratedFile> objects = OurTargets.JAKARTA.files(xml);
        assertThat(source(objects, "META-INF/orm.xml", "<basic name=\"maxDepth\">"))
                .isEqualTo(new Source("Dive", "maxDepth"));
        assertThat(source(objects, "META-INF/orm.xml", "<entity class=\"saltmarsh.fieldwork.Dive\">"))
                .isEqualTo(new Source("Dive", ""));
        assertThat(source(objects, "saltmarsh/GeoPoint.java", "private BigDecimal latitude;"))
                .isEqualTo(new Source("GeoPoint", "latitude"));
        assertThat(source(objects, "saltmarsh/Stamped.java", "OffsetDateTime getWrittenAt();"))
                .isEqualTo(new Source("Stamped", "writtenAt"));
        List<GeneratedFile> oneOf = OurTargets.JAKARTA.files(Samples.design(
                "entity Dive",
                "  id serial key",
                "entity Note",
                "  id serial key",
                "each Note may be about one of Dive, Note as subject"));
        assertThat(source(oneOf, "test/NoteSubject.java", "public interface NoteSubject {}"))
                .isEqualTo(new Source("Note", "subject"));
        assertThat(source(objects, "META-INF/orm.xml", "<access>FIELD</access>"))
                .isEqualTo(Source.WHOLE);
    }
}
