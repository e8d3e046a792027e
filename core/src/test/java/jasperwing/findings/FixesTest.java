package jasperwing.findings;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.WideDesigns;
import jasperwing.change.LostFacts;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

/** A fix loses nothing that its title does not name. */
class FixesTest {
    /** What the fixes of a rule change on purpose, in their titles: a type for a better one, names, what lies where. */
    private static final Map<Rule, Set<String>> ON_PURPOSE = Map.ofEntries(
            Map.entry(Rule.BARE_LINK, Set.of("entity", "attribute", "type", "delete rule")),
            Map.entry(Rule.ONLY_A_JOIN, Set.of("entity", "relationship")),
            Map.entry(Rule.ROUTES_DISAGREE, Set.of("relationship", "delete rule", "check at the end")),
            Map.entry(Rule.MONEY_IN_REAL, Set.of("type")),
            Map.entry(Rule.NO_ZONE, Set.of("type")),
            Map.entry(Rule.NOT_COUNTED_UP, Set.of("type", "way of counting")),
            Map.entry(Rule.COUNTED_OTHERWISE, Set.of("type", "way of counting")),
            Map.entry(Rule.COUNTED_FROM_BELOW, Set.of("range", "way of counting")),
            Map.entry(Rule.DELETE_RULE_REPLACED, Set.of("delete rule", "rule on changes of a key")),
            Map.entry(Rule.REFERENCE_TYPE_DIFFERS, Set.of("type")),
            Map.entry(Rule.UNBOUNDED_IN_INDEX, Set.of("type", "unique")),
            Map.entry(
                    Rule.NAME_NOT_USED, Set.of("physical name", "column name", "foreign key name", "constraint name")),
            Map.entry(Rule.POSITIONS_COLLIDE, Set.of("unique", "order")),
            Map.entry(Rule.NAME_NOT_USABLE, Set.of("entity", "attribute", "type")),
            Map.entry(Rule.PLURAL_ENTITY, Set.of("entity", "attribute", "type")),
            Map.entry(Rule.NUMBERED_REPEATS, Set.of("attribute", "type", "optional", "range")),
            Map.entry(Rule.PREFIX_GROUP, Set.of("attribute", "type")),
            Map.entry(Rule.RULE_STATED_TWICE, Set.of("rule", "constraint name")),
            Map.entry(Rule.RULE_CONDITION, Set.of("rule")),
            Map.entry(Rule.SECRET_IN_CLEAR, Set.of("attribute", "type")),
            Map.entry(Rule.UNDECLARED_REFERENCE, Set.of("attribute", "type", "optional", "unique")),
            Map.entry(Rule.OPTIONAL_KEY, Set.of("optional")),
            Map.entry(Rule.OPTIONAL_BOOLEAN, Set.of("optional")),
            Map.entry(Rule.REDUNDANT_UNIQUE, Set.of("unique", "constraint name")),
            Map.entry(Rule.SORTED_OTHERWISE, Set.of("sort order")),
            Map.entry(Rule.CHECKED_AT_ONCE, Set.of("check at the end")),
            Map.entry(Rule.AT_MOST, Set.of("number of many")),
            Map.entry(Rule.RULE_ON_JOIN, Set.of("delete rule")),
            Map.entry(Rule.RETIRED_DEFAULT, Set.of("default")),
            Map.entry(Rule.RULE_ON_OUTSIDE, Set.of("delete rule", "rule on changes of a key")),
            Map.entry(Rule.CASCADE_CIRCLE, Set.of("delete rule")),
            Map.entry(Rule.CASCADE_ROUTES, Set.of("delete rule")),
            Map.entry(Rule.FAR_CASCADE, Set.of("delete rule")),
            Map.entry(Rule.HALF_REFERENCE, Set.of("delete rule", "rule on changes of a key")),
            Map.entry(Rule.ONE_OF_NOT_ENFORCED, Set.of("delete rule", "column name", "foreign key name")),
            Map.entry(Rule.KIND_RENAMED, Set.of("column name", "foreign key name")),
            Map.entry(Rule.TEXT_FOR_TYPE, Set.of("type")),
            Map.entry(Rule.UNIQUE_WITH_NULLS, Set.of("optional")),
            Map.entry(Rule.COPIED_ATTRIBUTE, Set.of("type", "optional", "range", "default")),
            Map.entry(Rule.STORED_TOTAL, Set.of("type", "optional", "range", "default")),
            Map.entry(Rule.BOOLEANS_AS_STATE, Set.of("attribute", "type", "optional", "default")),
            Map.entry(Rule.NO_MEMBERSHIP, Set.of("relationship")),
            Map.entry(Rule.REPEATED_GROUP, Set.of()));

    private static Set<List<String>> facts(Design design) {
        Set<List<String>> facts = new HashSet<>();
        Design whole = design.whole();
        for (Entity entity : whole.entities()) {
            facts.add(List.of("entity", entity.name()));
            List<Attribute> all = new ArrayList<>(entity.attributes());
            InheritanceTree.ancestors(whole, entity.name()).forEach(a -> all.addAll(a.attributes()));
            all.forEach(a -> facts(entity.name(), a, facts));
        }
        design.relationships().forEach(r -> facts.add(List.of("relationship", r.from() + " " + r.targets())));
        return facts;
    }

    private static void facts(String entity, Attribute attribute, Set<List<String>> facts) {
        String name = entity + "." + attribute.name();
        facts.add(List.of("attribute", name));
        facts.add(List.of("type", name + " " + attribute.type() + attribute.list()));
        if (attribute.optional()) {
            facts.add(List.of("optional", name));
        }
        if (attribute.unique()) {
            facts.add(List.of("unique", name));
        }
        if (attribute.defaultValue().isPresent()) {
            facts.add(List.of("default", name));
        }
    }

    private static void check(Design design, Dialect dialect) {
        List<Finding> warnings = Report.of(design, dialect).of(Level.WARNING).stream()
                .filter(f -> f.rule() != Rule.UNUSED_DECLARATION) // its fix removes the whole of it, as its title says
                .toList();
        for (Finding finding : warnings) {
            Set<String> onPurpose = ON_PURPOSE.getOrDefault(finding.rule(), Set.of());
            for (Fix fix : finding.fixes()) {
                Set<List<String>> lost = facts(design);
                lost.removeAll(facts(fix.edit().on(design)));
                lost.removeIf(f -> onPurpose.contains(f.get(0)));
                assertThat(lost).as(finding.rule() + ": " + fix.title()).isEmpty();
                assertThat(LostFacts.of(design, fix.edit().on(design)))
                        .as(finding.rule() + ": " + fix.title())
                        .filteredOn(l -> onPurpose.stream().noneMatch(o -> l.startsWith("the " + o)))
                        .isEmpty();
            }
        }
    }

    @Property(tries = 60, seed = "20261129")
    void ofAnyDesign(@ForAll @LongRange(min = 0) long seed) {
        Design design = WideDesigns.of(seed);
        for (Dialect dialect : Dialects.all()) {
            check(design, dialect);
        }
    }

    @Test
    void ofWhatEveryRuleFinds() {
        for (Example example : Example.all()) {
            check(Notation.parse("design \"Test\"\n" + example.raising()).value(), Dialects.SQLITE);
        }
    }

    private static List<Finding> routes(String... lines) {
        return Report.of(Samples.design(lines), Dialects.POSTGRESQL).findings().stream()
                .filter(f -> f.rule() == Rule.ROUTES_DISAGREE)
                .toList();
    }

    private static final String[] STATIONS = {
        "entity Station",
        "  code text(4) key",
        "entity Platform",
        "  number int",
        "  key (station, number)",
        "entity Call",
        "  id serial key",
        "each Platform must be at one Station as station"
    };

    private static List<Finding> calls(String station, String platform) {
        List<String> lines = new ArrayList<>(List.of(STATIONS));
        lines.add(station);
        lines.add(platform);
        return routes(lines.toArray(String[]::new));
    }

    @Test
    void aStationIsNotGivenUpForAPlatformThatMayBeMissing() {
        List<Finding> found =
                calls("each Call must be at one Station as station", "each Call may use one Platform as platform");
        assertThat(found).singleElement().satisfies(f -> {
            assertThat(f.fixes())
                    .extracting(Fix::title)
                    .containsExactly("Hold them together by a check constraint", "Hold them together by triggers");
        });
        assertThat(calls("each Call must be at one Station as station", "each Call must use one Platform as platform"))
                .singleElement()
                .satisfies(
                        f -> assertThat(f.fixes()).extracting(Fix::title).contains("Go by platform.station instead"));
    }

    @Test
    void aOneToOneIsNotGivenUp() {
        assertThat(calls(
                        "each Call must be at one Station as station, which may have one Call as call",
                        "each Call must use one Platform as platform"))
                .allSatisfy(f -> assertThat(f.fixes()).extracting(Fix::title).noneMatch(t -> t.startsWith("Go by")));
    }

    @Test
    void aSharedParentIsWorthKeeping() {
        assertThat(Report.of(
                                Samples.design(
                                        "entity NoteSubject",
                                        "  id serial key",
                                        "entity Dive",
                                        "  id serial key",
                                        "  depth int",
                                        "entity Site",
                                        "  id serial key",
                                        "  name text(40)",
                                        "each Dive must have one NoteSubject, which may be one Dive",
                                        "each Site must have one NoteSubject, which may be one Site"),
                                Dialects.POSTGRESQL)
                        .findings())
                .noneMatch(f -> f.rule() == Rule.NO_ATTRIBUTES);
    }

    @Test
    void aTraitTakesOnlyWhatAllSayInTheSameWay() {
        Design design = Samples.design(
                "entity Boat",
                "  id serial key",
                "  name text(40)",
                "  flag text(2)",
                "  owner text(40)",
                "entity Ship",
                "  id serial key",
                "  name text(40)",
                "  flag text(2)?",
                "  owner text(40)",
                "entity Raft",
                "  id serial key",
                "  name text(40)",
                "  flag text(2)",
                "  owner text(40)");
        Fix fix = Report.of(design, Dialects.POSTGRESQL).findings().stream()
                .filter(f -> f.rule() == Rule.REPEATED_GROUP)
                .findFirst()
                .orElseThrow()
                .fixes()
                .get(0);
        assertThat(fix.title()).isEqualTo("Make name, owner a trait CommonName");
        assertThat(facts(fix.edit().on(design))).containsAll(facts(design));
    }

    /** By its name a fix would change the first of them, whichever it is found in. */
    @Test
    void nothingButARenamingIsOfferedWhileTwoBearOneName() {
        Design design = Notation.parse(
                        """
                        design "Twice"
                        entity Harbour
                          id serial key
                          phone1 text(20) default "0"
                        entity Harbour
                          id serial key
                          phone1 text(20)
                          phone2 text(20)
                        """)
                .value();
        assertThat(Report.of(design, Dialects.POSTGRESQL).findings())
                .filteredOn(f -> f.rule() == Rule.NUMBERED_REPEATS)
                .singleElement()
                .satisfies(f -> assertThat(f.fixes()).isEmpty());
        assertThat(Report.of(design, Dialects.POSTGRESQL).findings())
                .filteredOn(f -> !f.fixes().isEmpty())
                .extracting(Finding::rule)
                .containsOnly(Rule.DUPLICATE_NAME);
        List.of(44085L, 7005832L, 7036217L, 8074685L, 8075109L)
                .forEach(s -> check(WideDesigns.of(s), Dialects.POSTGRESQL));
    }
}
