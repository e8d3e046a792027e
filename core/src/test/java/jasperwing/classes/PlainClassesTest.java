package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Designs;
import jasperwing.Samples;
import jasperwing.classes.language.Checker;
import jasperwing.model.CodeTargetEdits;
import jasperwing.model.Design;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class PlainClassesTest {
    private static List<Checker.Remark> remarks(Design design) {
        Map<String, String> sources = new LinkedHashMap<>();
        OurTargets.PLAIN.files(design).forEach(f -> sources.put(f.path(), f.text()));
        return OurTargets.remarks(sources);
    }

    @Test
    void theDemosCompileWithoutWarnings() {
        assertThat(remarks(Samples.demo())).isEmpty();
    }

    @Test
    void namesThatRunIntoOthersAndHostileTextsCompile() {
        Design design = Samples.design(
                "enum RowValues: a \"*/ \\\\u000a\", `\"`, class",
                "entity Dive",
                "  \"ends */ here \\\\u000a @see <b>\"",
                "  id serial key",
                "  hashCode text(9) label \"\\\\u0022\"",
                "  class RowValues?",
                "  wait int list",
                "entity DiveRows",
                "  id serial key",
                "entity String",
                "  id serial key",
                "  list text(9)",
                "entity List",
                "  id serial key",
                "each Dive may have many String as getClass",
                "each Dive may be about one of List, String as `native`",
                "each `String` may have one List as next, which may have one String");
        assertThat(remarks(design)).isEmpty();
    }

    @Test
    void aRuleThatIsStatedTwiceIsCheckedOnce() {
        Design design = Samples.design(
                "value Span",
                "  low int",
                "  high int",
                "  rule \"must rise\": low < high",
                "  rule \"must rise\": low < high",
                "entity Stay",
                "  id serial key",
                "  span Span",
                "  nights int",
                "  rule \"must last\": nights > 0",
                "  rule \"must last\": nights > 0");
        assertThat(remarks(design)).isEmpty();
        String stay = OurTargets.JAKARTA.files(design).stream()
                .filter(f -> f.path().endsWith("Stay.java"))
                .map(GeneratedFile::text)
                .findFirst()
                .orElseThrow();
        assertThat(stay).containsOnlyOnce("must last");
    }

    private static String rowsOf(Design design, String path) {
        return OurTargets.PLAIN.files(design).stream()
                .filter(f -> f.path().endsWith(path))
                .map(GeneratedFile::text)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void anIdIsOfTheKeysItCanBe() {
        Design design = Samples.design(
                "entity Boat",
                "  id serial key",
                "entity Crew",
                "  code text(9) key",
                "entity Note",
                "  id serial key",
                "each Note may be about one of Boat as subject",
                "  kept as a kind and an id",
                "each Note may be by one of Crew as author",
                "  kept as a kind and an id");
        assertThat(rowsOf(design, "/Note.java")).contains("Long subjectId", "String authorId");
        assertThat(remarks(design)).isEmpty();
    }

    @Test
    void namesOfColumnsListsAndPairsAreApartFromThoseOfTheCode() {
        Design design = Samples.design(
                "entity Boat",
                "  at int",
                "  statement int",
                "  rows int",
                "  connection int",
                "  limit int",
                "  offset int",
                "  elements int",
                "  other int",
                "  place int",
                "  each int",
                "  page text(9) list",
                "  find int list",
                "  key (at, statement, rows, connection, limit, offset, elements, other, place, each)",
                "each Boat may tow many Boat as ss, which may be towed by many Boat as ss");
        assertThat(remarks(design)).isEmpty();
        assertThat(remarks(withClasses(design))).isEmpty();
        assertThat(rowsOf(design, "/BoatRows.java")).contains("addSs(", "addSs_2(", "setPage_2(", "find_2(");
    }

    @Test
    void whatIsUniqueIgnoringCaseIsFoundSo() {
        Design design = Samples.design(
                "entity Boat", "  id serial key", "  name text(20) unique ignoring case", "  code int unique");
        assertThat(rowsOf(design, "/BoatRows.java"))
                .contains("SELECT + \" where lower(name) = lower(?)\"", "SELECT + \" where code = ?\"");
    }

    @Test
    void anEnumIsOneHoweverItIsKept() {
        for (String way : List.of("", " kept as a type", " kept as a table")) {
            Design design = Samples.design(
                    "enum Gear" + way + ": net, trap",
                    "entity Haul",
                    "  id serial key",
                    "  gear Gear",
                    "  spare Gear list");
            assertThat(remarks(design)).as(way).isEmpty();
            assertThat(OurTargets.PLAIN.files(design))
                    .filteredOn(f -> f.path().endsWith("/Haul.java"))
                    .singleElement()
                    .satisfies(f -> assertThat(f.text()).contains("Gear gear").doesNotContain("String gear"));
            assertThat(OurTargets.PLAIN.files(design))
                    .filteredOn(f -> f.path().endsWith("/HaulRows.java"))
                    .singleElement()
                    .satisfies(f ->
                            assertThat(f.text()).contains("List<Gear> spare(").doesNotContain("allByGear"));
        }
    }

    @Test
    void bytesAreCopiedAndComparedOneByOne() {
        Design design = Samples.design(
                "entity Photo",
                "  id serial key",
                "  pixels binary",
                "  other binary?",
                "  that text(9)",
                "  size int");
        assertThat(remarks(design)).isEmpty();
        assertThat(OurTargets.PLAIN.files(design))
                .filteredOn(f -> f.path().endsWith("/Photo.java"))
                .singleElement()
                .satisfies(f -> assertThat(f.text())
                        .contains(
                                "pixels.clone()",
                                "Arrays.equals(this.pixels, that.pixels)",
                                "Arrays.hashCode(pixels)"));
    }

    @Provide
    Arbitrary<Design> designs() {
        return Designs.all();
    }

    @Property(tries = 60, seed = "42")
    void thoseOfAnyDesignCompile(@ForAll("designs") Design design) {
        assertThat(remarks(design)).isEmpty();
        assertThat(remarks(withClasses(design))).isEmpty();
    }

    private static Design withClasses(Design design) {
        return CodeTargetEdits.choose("java-plain", "rows", "classes").on(design);
    }

    @Test
    void aClassIsLikeTheRecordItStandsFor() {
        Design design = Samples.design(
                "entity Photo",
                "  id serial key",
                "  pixels binary \"As they come.\"",
                "  tags text(9) list kept as an array",
                "  hashCode int",
                "  double int = hashCode * 2");
        assertThat(remarks(withClasses(design))).isEmpty();
        assertThat(OurTargets.PLAIN.files(withClasses(design)))
                .filteredOn(f -> f.path().endsWith("/Photo.java"))
                .singleElement()
                .satisfies(f -> assertThat(f.text())
                        .contains(
                                "public final class Photo {",
                                "    private final byte[] pixels;",
                                "this.pixels = Objects.requireNonNull(pixels, \"pixels\").clone();",
                                "this.tags = List.copyOf(Objects.requireNonNull(tags, \"tags\"));",
                                "/** As they come. */",
                                "return pixels.clone();",
                                "Arrays.equals(this.pixels, that.pixels)",
                                "Arrays.toString(pixels)",
                                "public Integer double_() {",
                                "hashCode_=")
                        .doesNotContain("record"));
    }
}
