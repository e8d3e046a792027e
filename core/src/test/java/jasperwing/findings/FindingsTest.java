package jasperwing.findings;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Each rule: raised on a design that breaks it, gone after its fix, and no other error brought by the fix. */
class FindingsTest {
    static Stream<Arguments> broken() {
        return Stream.of(
                broken(Rule.NO_KEY, "Dive", "entity Dive", "  number int"),
                broken(Rule.NO_KEY, "Log", "entity Log, outside", "  code text(4) unique"),
                broken(Rule.DUPLICATE_NAME, "dive", "entity Dive", "  id serial key", "entity dive", "  id serial key"),
                broken(Rule.DUPLICATE_NAME, "Dive", "entity Dive", "  id serial key", "entity Dive", "  id serial key"),
                broken(
                        Rule.DUPLICATE_NAME,
                        "Dive.Number",
                        "entity Dive",
                        "  id serial key",
                        "  number int",
                        "  Number int"),
                broken(Rule.KEY_MEMBER, "Dive.tags", "entity Dive", "  id int key", "  tags text(9) list key"),
                broken(
                        Rule.KEY_MEMBER,
                        "Note.about",
                        "entity Note",
                        "  id int",
                        "  key (id, about)",
                        "entity Dive",
                        "  id serial key",
                        "each Note must be on one of Dive as about"),
                broken(
                        Rule.DUPLICATE_NAME,
                        "Dive",
                        "entity Dive",
                        "  id serial key",
                        "  kind Dive",
                        "enum Dive: deep, shallow"),
                broken(Rule.DUPLICATE_NAME, "duty", "enum Duty: a", "enum duty: b", "entity Dive", "  id serial key"),
                broken(
                        Rule.DUPLICATE_NAME,
                        "Dive.site",
                        "entity Dive",
                        "  id serial key",
                        "  site text(4)",
                        "entity Site",
                        "  id serial key",
                        "each Dive must be at one Site"),
                broken(
                        Rule.DUPLICATE_NAME,
                        "Dive.site",
                        "entity Dive",
                        "  id serial key",
                        "entity Site",
                        "  id serial key",
                        "each Dive must be at one Site",
                        "each Dive may leave one Site"),
                broken(
                        Rule.PHYSICAL_CLASH,
                        "DiveLog",
                        "entity dive_log",
                        "  id serial key",
                        "entity DiveLog",
                        "  id serial key"),
                broken(
                        Rule.PHYSICAL_CLASH,
                        "Dive.max_depth",
                        "entity Dive",
                        "  id serial key",
                        "  maxDepth int",
                        "  max_depth int"),
                broken(
                        Rule.PHYSICAL_CLASH,
                        "Dive.site_id",
                        "entity Dive",
                        "  id serial key",
                        "  site_id int",
                        "entity Site",
                        "  id serial key",
                        "each Dive must be at one Site"),
                broken(Rule.RESERVED_WORD, "Dive.order", "entity Dive", "  id serial key", "  order int"),
                broken(Rule.RESERVED_WORD, "Dive.class", "entity Dive", "  id serial key", "  class int"),
                broken(Rule.RESERVED_WORD, "Grant", "entity Grant", "  table \"grant\"", "  id serial key"),
                broken(
                        Rule.EMPTY_ON_MUST,
                        "Dive.site",
                        "entity Dive",
                        "  id serial key",
                        "entity Site",
                        "  id serial key",
                        "each Dive must be at one Site",
                        "  deleting Site empties it"),
                broken(
                        Rule.REQUIRED_SELF,
                        "Taxon.parent",
                        "entity Taxon",
                        "  id serial key",
                        "each Taxon must be under one Taxon as parent, which may have many Taxon as children"),
                broken(
                        Rule.REQUIRED_CYCLE,
                        "Boat.crew",
                        "entity Boat",
                        "  id serial key",
                        "entity Crew",
                        "  id serial key",
                        "each Boat must have one Crew",
                        "each Crew must sail one Boat"),
                broken(
                        Rule.UNDECLARED_REFERENCE,
                        "Photo.dive_id",
                        "entity Dive",
                        "  id serial key",
                        "entity Photo",
                        "  id serial key",
                        "  dive_id big int"),
                broken(
                        Rule.UNDECLARED_REFERENCE,
                        "Photo.dive",
                        "entity Dive",
                        "  id serial key",
                        "entity Photo",
                        "  id serial key",
                        "  dive text(40)?"),
                broken(
                        Rule.RULE_ON_JOIN,
                        "Dive",
                        "entity Dive",
                        "  id serial key",
                        "entity Word",
                        "  id serial key",
                        "each Dive may carry many Word",
                        "  deleting Word deletes Dive too"),
                broken(
                        Rule.ONE_OF_KEYS_DIFFER,
                        "Note.about",
                        "entity Note",
                        "  id serial key",
                        "entity Dive",
                        "  id serial key",
                        "entity Tool",
                        "  code text(9) key",
                        "each Note must be on one of Dive, Tool as about",
                        "  kept as a kind and an id"),
                broken(
                        Rule.ONE_OF_NOT_ENFORCED,
                        "Note.about",
                        "entity Note",
                        "  id serial key",
                        "entity Dive",
                        "  id serial key",
                        "entity Site",
                        "  id serial key",
                        "each Note must be on one of Dive, Site as about",
                        "  kept as a kind and an id"),
                broken(
                        Rule.DEFAULT_NOT_OF_TYPE,
                        "Dive.depth",
                        "entity Dive",
                        "  id serial key",
                        "  depth int default deep"),
                broken(
                        Rule.DEFAULT_NOT_OF_TYPE,
                        "Dive.at",
                        "entity Dive",
                        "  id serial key",
                        "  at date default 2026-02-30"),
                broken(
                        Rule.DEFAULT_NOT_OF_TYPE,
                        "Dive.tag",
                        "entity Dive",
                        "  id serial key",
                        "  tag text(2) default \"abc\""),
                broken(
                        Rule.RANGE_NOT_OF_TYPE,
                        "Dive.depth",
                        "entity Dive",
                        "  id serial key",
                        "  depth int from 9 to 1"),
                broken(
                        Rule.STAMP_NOT_OF_TYPE,
                        "Dive.depth",
                        "entity Dive",
                        "  id serial key",
                        "  depth int set on insert"),
                broken(
                        Rule.STAMP_NOT_OF_TYPE,
                        "Dive.name",
                        "entity Dive",
                        "  id serial key",
                        "  name text(9) set on update"),
                broken(
                        Rule.FORM_NOT_OF_TYPE,
                        "Dive.depth",
                        "entity Dive",
                        "  id serial key",
                        "  depth int longer than 2"),
                broken(
                        Rule.FORM_NOT_OF_TYPE,
                        "Dive.tags",
                        "entity Dive",
                        "  id serial key",
                        "  tags text(4) list matching /a+/"),
                broken(Rule.UNKNOWN_NAME, "Dive", "entity Dive", "  id serial key", "each Dive may have many Photo"),
                broken(Rule.UNKNOWN_NAME, "Dive.duty", "entity Dive", "  id serial key", "  duty Duty"),
                broken(Rule.UNKNOWN_NAME, "Dive", "entity Dive in Nowhere", "  id serial key"),
                broken(Rule.UNKNOWN_NAME, "Dive.depth", "entity Dive", "  id serial key", "  unique (id, depth)"),
                broken(Rule.UNKNOWN_NAME, "Main", "entity Dive", "  id serial key", "sheet Main: Dive, Photo"));
    }

    private static Arguments broken(Rule rule, String subject, String... lines) {
        return Arguments.of(rule, subject, List.of(lines));
    }

    @ParameterizedTest
    @MethodSource("broken")
    void aRuleIsRaisedAndItsFixesMendIt(Rule rule, String subject, List<String> lines) {
        isRaisedAndMended(rule, subject, lines);
    }

    /** Once, about the subject, with fixes that each leave a design without it and without any error. */
    static void isRaisedAndMended(Rule rule, String subject, List<String> lines) {
        Design design = Samples.design(lines.toArray(String[]::new));
        List<Finding> found = of(rule, design);
        assertThat(found).extracting(f -> f.subject().text()).containsExactly(subject);
        assertThat(found.get(0).fixes()).isNotEmpty();
        assertThat(found.get(0).message()).endsWith(".");
        for (Fix fix : found.get(0).fixes()) {
            Design mended = fix.edit().on(design);
            assertThat(of(rule, mended)).as(fix.title()).isEmpty();
            assertThat(Report.of(mended, Dialects.POSTGRESQL).of(Level.ERROR))
                    .as(fix.title())
                    .isEmpty();
        }
    }

    private static List<Finding> of(Rule rule, Design design) {
        return Report.of(design, Dialects.POSTGRESQL).findings().stream()
                .filter(f -> f.rule() == rule)
                .toList();
    }

    @Test
    void theDemoOpensWithOneErrorAndTwoWarnings() {
        assertThat(Report.of(Samples.demo(), Dialects.POSTGRESQL).findings())
                .extracting(f -> f.rule().code() + " " + f.subject().text())
                .containsExactly(
                        "one-of-keys-differ Note.subject",
                        "reserved-word Taxon.group",
                        "undeclared-reference Calibration.researcherId");
    }

    @Test
    void everyFixOfTheDemoTogetherLeavesNothing() {
        Design design = Samples.demo();
        while (!Report.of(design, Dialects.POSTGRESQL).findings().isEmpty()) {
            Report report = Report.of(design, Dialects.POSTGRESQL);
            Design next = report.findings().get(0).fixes().get(0).edit().on(design);
            assertThat(Report.of(next, Dialects.POSTGRESQL).findings())
                    .hasSizeLessThan(report.findings().size());
            design = next;
        }
        assertThat(Report.of(design, Dialects.SQLITE).of(Level.ERROR)).isEmpty();
    }
}
