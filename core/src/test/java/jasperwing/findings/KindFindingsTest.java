package jasperwing.findings;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import jasperwing.model.EntityEdits;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The rules about kinds, each raised and mended; and those about others that kinds concern. */
class KindFindingsTest {
    private static final String GEAR = "entity Gear\n  id serial key\n  name text(40)";

    static Stream<Arguments> broken() {
        return Stream.of(
                broken(Rule.UNKNOWN_NAME, "Net", "entity Net is a kind of Gear", "  mesh int"),
                broken(Rule.KINDS_IN_CIRCLE, "Net", "entity Net is a kind of Net", "  mesh int"),
                broken(
                        Rule.KIND_OUTSIDE,
                        "Net",
                        "entity Gear, outside",
                        "  id int key",
                        "entity Net is a kind of Gear",
                        "  mesh int"),
                broken(
                        Rule.KIND_OUTSIDE,
                        "Net",
                        GEAR,
                        "entity Net is a kind of Gear, outside",
                        "  code text(4) unique"),
                broken(Rule.KIND_WITH_KEY, "Net", GEAR, "entity Net is a kind of Gear", "  code text(4) key"),
                broken(
                        Rule.KIND_WITH_KEY,
                        "Net",
                        GEAR,
                        "entity Net is a kind of Gear",
                        "  id serial key",
                        "  mesh int"),
                broken(Rule.DUPLICATE_NAME, "Net.name", GEAR, "entity Net is a kind of Gear", "  name text(9)"),
                broken(
                        Rule.DUPLICATE_NAME,
                        "Net.name",
                        GEAR,
                        "entity Net is a kind of Gear",
                        "each Net may bear one Tag as name, which may mark many Net",
                        "entity Tag",
                        "  id serial key"),
                broken(
                        Rule.UNIQUE_APART,
                        "Net.name",
                        GEAR,
                        "entity Net is a kind of Gear",
                        "  mesh int",
                        "  unique (name, mesh)"),
                broken(
                        Rule.COUNTED_KEY_APART,
                        "Gear.id",
                        GEAR,
                        "  kinds kept in a complete table each",
                        "entity Net is a kind of Gear",
                        "  mesh int"),
                broken(
                        Rule.KIND_NOT_ENFORCED,
                        "Catch",
                        GEAR,
                        "  kinds kept in one table",
                        "entity Net is a kind of Gear",
                        "  mesh int",
                        "entity Catch",
                        "  id serial key",
                        "each Catch must be made with one Net, which may make many Catch"),
                broken(
                        Rule.KIND_NOT_ENFORCED,
                        "Gear",
                        "entity Gear",
                        "  id uuid key",
                        "  kinds kept in a complete table each",
                        "entity Net is a kind of Gear",
                        "  mesh int",
                        "entity Catch",
                        "  id serial key",
                        "each Gear may make many Catch, which may be made with many Gear"),
                broken(Rule.NO_KINDS, "Gear", "entity Gear, only its kinds", "  id serial key"),
                broken(Rule.KINDS_KEPT_IN_VAIN, "Gear", GEAR, "  kinds kept in one table"),
                broken(
                        Rule.KINDS_KEPT_IN_VAIN,
                        "Net",
                        GEAR,
                        "entity Net is a kind of Gear",
                        "  mesh int",
                        "  kinds kept in one table"));
    }

    private static Arguments broken(Rule rule, String subject, String... lines) {
        return Arguments.of(rule, subject, Arrays.asList(lines));
    }

    @ParameterizedTest
    @MethodSource("broken")
    void aRuleIsRaisedAndItsFixesMendIt(Rule rule, String subject, List<String> lines) {
        FindingsTest.isRaisedAndMended(rule, subject, lines);
    }

    private static List<String> codes(Dialect dialect, String... lines) {
        return Report.of(Samples.design(lines), dialect).findings().stream()
                .map(f -> f.rule().code() + " " + f.subject().text())
                .toList();
    }

    @Test
    void whatAKindHasFromAnotherIsKnownToItsLines() {
        assertThat(codes(
                        Dialects.POSTGRESQL,
                        GEAR,
                        "  kinds kept in one table",
                        "entity Net is a kind of Gear",
                        "  mesh int",
                        "  unique (name, mesh)",
                        "  shown as name"))
                .isEmpty();
    }

    @Test
    void whatWasFoundOfAKindIsNotRecalledWhenWhatItIsAKindOfHasChanged() {
        Design design = Samples.design(
                "entity Gear",
                "  kinds kept in one table",
                "  id serial key",
                "  name text(40)",
                "entity Net is a kind of Gear",
                "  mesh int",
                "  shown as name");
        FindingsCache memory = new FindingsCache();
        assertThat(Report.of(design, Schema.derive(design, Dialects.POSTGRESQL), memory)
                        .findings())
                .isEmpty();
        Design less = EntityEdits.removeAttribute("Gear", "name").on(design);
        Schema schema = Schema.derive(less, Dialects.POSTGRESQL);
        assertThat(Report.of(less, schema, memory).findings())
                .extracting(f -> f.subject().text())
                .containsExactly("Net.name");
    }

    @Test
    void aTraitThatWhatItIsAKindOfHasTooIsHadOnce() {
        assertThat(codes(
                        Dialects.POSTGRESQL,
                        "trait Stamped",
                        "  madeAt timestamp",
                        "entity Gear with Stamped",
                        "  kinds kept in one table",
                        "  id serial key",
                        "entity Net is a kind of Gear with Stamped",
                        "  mesh int"))
                .isEmpty();
    }

    @Test
    void mariadbChecksNothingThatDeletingEmpties() {
        String[] lines = {
            GEAR,
            "entity Dive",
            "  id serial key",
            "  depth int",
            "entity Note",
            "  id serial key",
            "each Note may be about one of Gear, Dive as subject",
            "  deleting Gear empties it"
        };
        assertThat(codes(Dialects.MARIADB, lines)).containsExactly("one-of-not-enforced Note.subject");
        assertThat(codes(Dialects.POSTGRESQL, lines)).isEmpty();
    }
}
