package jasperwing.formula;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Finding;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Expression;
import jasperwing.moves.Rename;
import jasperwing.notation.Notation;
import jasperwing.notation.Problem;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FormulaTest {
    private static String printed(String formula) {
        var line = Notation.attribute("x int = " + formula);
        assertThat(line.problems()).isEmpty();
        String text = Notation.print(line.value().orElseThrow().attribute(), false);
        return text.substring("x int = ".length());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            quoteCharacter = '^',
            value = {
                "a + b * c; a + b * c",
                "(a + b) * c; (a + b) * c",
                "a - (b - c) - 1; a - (b - c) - 1",
                "a -1; a - 1",
                "a - -1; a - (-1)",
                "- 5; -5",
                "-(5); -5",
                "-a * -b; -a * (-b)",
                "not a and b or c; not a and b or c",
                "not (a and (b or c)); not (a and (b or c))",
                "a is not null; a is not null",
                "(a = b) is null; (a = b) is null",
                "a NOT between 1 and 2; found",
                "a not between 1 and 2; not a between 1 and 2",
                "a in ('x', \"it's\"); a in (\"x\", \"it's\")",
                "'it''s # fine'; \"it's # fine\"",
                "UPPER(a.b.c); upper(a.b.c)",
                "substring(a from 2 for 3); substring(a, 2, 3)",
                "extract(year from a); extract(year from a)",
                "case when a then 1 when b then 2 end; case when a then 1 when b then 2 end",
                "case when a then 1 else case when b then 2 end end; case when a then 1 else case when b then 2 end end",
                "`end` || `of`; `end` || of",
                "2026-03-01; 2026-03-01"
            })
    void isPrintedWithNoMoreParenthesesThanItNeeds(String formula, String expected) {
        if (!expected.equals("found")) {
            assertThat(printed(formula)).isEqualTo(expected);
            assertThat(printed(expected)).isEqualTo(expected);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '^',
            value = {
                "x int = | 8 | something is missing at the end",
                "x int = a + | 12 | something is missing at the end",
                "x int = (a | 11 | something is missing at the end",
                "x int = a NOT between 1 and 2 | 11 | 'NOT' is not understood here",
                "x int = case a then 1 end | 14 | 'a' is not understood here",
                "x int = a < = b | 13 | '=' is not understood here",
                "x int = a default 3 | 7 | a computed attribute has no other rules: it is what its formula gives",
                "x int list = a | 12 | a computed attribute has no other rules: it is what its formula gives",
                "x int = a = b = c | 15 | '=' is said twice",
                "x int = 'abc | 9 | the text is not closed"
            })
    void whatCannotBeReadIsAProblemAtItsPlace(String line, int column, String message) {
        assertThat(Notation.attribute(line).problems())
                .singleElement()
                .satisfies(p -> assertThat(p.column()).isEqualTo(column))
                .extracting(Problem::message)
                .isEqualTo(message);
    }

    @ParameterizedTest
    @ValueSource(strings = {"(", "-", "not ", "-(", "abs(", "case when a then "})
    void nestingWithoutEndIsRefusedInWords(String opening) {
        String million = "x int = " + opening.repeat(1_000_000) + "a";
        assertThat(Notation.attribute(million).problems())
                .singleElement()
                .extracting(Problem::message)
                .asString()
                .matches("the formula (is nested more than 100 deep|has more than 500 parts)");
    }

    @Test
    void lengthWithoutEndIsRefusedInWords() {
        assertThat(Notation.attribute("x int = a" + " + a".repeat(1_000_000)).problems())
                .singleElement()
                .extracting(Problem::message)
                .isEqualTo("the formula has more than 500 parts");
    }

    /** What a design says of one attribute x of a boat with a name, a crew, a port, trips and a spot. */
    private static List<String> findings(String line) {
        Design design = Samples.design(
                "enum State: afloat, sunk",
                "value Point",
                "  x int",
                "entity Boat",
                "  id serial key",
                "  name text(40)",
                "  crew int?",
                "  state State default afloat",
                "  spot Point",
                "  seen date list",
                "  " + line,
                "entity Port",
                "  id serial key",
                "entity Trip",
                "  id serial key",
                "  haul int",
                "entity Crewing, outside",
                "  id text(3) key",
                "each Boat must lie in one Port as port, which may have many Boat as boats",
                "each Trip must be by one Boat as boat, which may make many Trip as trips",
                "each Boat may be known as one Crewing as other");
        List<Finding> found = Report.of(design, Dialects.POSTGRESQL).of(Level.ERROR);
        Design mended = design;
        for (Finding each : found) {
            mended = each.fixes().get(0).edit().on(mended);
        }
        assertThat(Report.of(mended, Dialects.POSTGRESQL).of(Level.ERROR)).isEmpty();
        assertThat(Schema.derive(design, Dialects.POSTGRESQL)
                        .table("Boat")
                        .orElseThrow()
                        .columnsOf("x"))
                .isEmpty();
        return found.stream().map(f -> f.rule().code() + ": " + f.message()).toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '~',
            quoteCharacter = '^',
            value = {
                "x int = depth ~ formula-unknown-name: Boat's x names depth, which Boat has not as an attribute or a role to one.",
                "x int = crew-1 ~ formula-unknown-name: Boat's x names crew-1, which Boat has not as an attribute or a role to one; a minus stands between spaces.",
                "x int = trips.haul ~ formula-unknown-name: Boat's x names trips, which leads from Boat to many; count, exists, sum, avg, min and max take many.",
                "x int = port ~ formula-unknown-name: Boat's x names port, which is a role and no attribute.",
                "x text(3) = other.id ~ formula-unknown-name: Boat's x names other, which Boat has not as an attribute or a role to one.",
                "x int = spot.z ~ formula-unknown-name: Boat's x names z, which is no part of spot.",
                "x int = count(boats) ~ formula-unknown-name: Boat's x takes the count of boats, which is no role to many of Boat.",
                "x int = count(port) ~ formula-unknown-name: Boat's x takes the count of port, which is no role to many of Boat.",
                "x int = x + 1 ~ formula-in-circle: Boat's x is computed in a circle, over Boat.x.",
                "x int = name ~ formula-not-of-type: Boat's x is computed as name (a text), and kept as a whole number.",
                "x int = crew / 2.0 ~ formula-not-of-type: Boat's x is computed as an exact number, and kept as a whole number.",
                "x State = 'sunk' ~ formula-not-of-type: Boat's x is computed as \"sunk\" (a text), and kept as what the design declares.",
                "x int = crew + name ~ formula-not-of-type: Boat's x gives crew (a whole number) and name (a text) to +, which takes two numbers.",
                "x text(9) = name || crew ~ formula-not-of-type: Boat's x gives name (a text) and crew (a whole number) to ||, which takes two texts.",
                "x boolean = seen = crew ~ formula-not-of-type: Boat's x gives seen (a list) and crew (a whole number) to =, which takes two of a kind.",
                "x boolean = spot is null and crew ~ formula-not-of-type: Boat's x gives a truth value and crew (a whole number) to and, which takes two truth values.",
                "x int = sum(trips) ~ formula-not-of-type: Boat's x takes the sum of trips, which are rows; name an attribute of them.",
                "x int = count(trips where haul) ~ formula-not-of-type: Boat's x says where with haul (a whole number), and not with a condition.",
                "x int = count(trips where hauls > 1) ~ formula-unknown-name: Boat's x names hauls, which Trip has not as an attribute or a role to one; perhaps haul is meant.",
                "x int = count(trips where exists(boat.trips)) ~ formula-not-of-type: Boat's x takes many of Trip within a condition on which of them are taken.",
                "x text(9) = upper(name where haul > 1) ~ formula-not-of-type: Boat's x says where in upper, which takes no many; count, sum, avg, min, max and exists do.",
                "x int = sum(trips.haul + 1) ~ formula-not-of-type: Boat's x gives sum other than a role to many, or one attribute of it.",
                "x text(3) = substring(name from crew) ~ formula-not-of-type: Boat's x gives name (a text) and crew (a whole number) to substring, which takes a text, the place of its first character from 1, and a length."
            })
    void whatCannotBeComputedIsFoundAndMended(String line, String expected) {
        assertThat(findings(line)).containsExactly(expected);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '~',
            quoteCharacter = '^',
            value = {
                "x int = crews ~ Boat's x names crews, which Boat has not as an attribute or a role to one; perhaps crew is meant.",
                "x text(40) = prot.name ~ Boat's x names prot, which Boat has not as an attribute or a role to one; perhaps port is meant.",
                "x text(9) = repalce(name, 'a', 'b') ~"
                        + " Boat's x names a function repalce there is not; perhaps replace is meant.",
                "x text(9) = replace(name, '', 'b') ~ Boat's x gives name (a text), \"\" (a text) and \"b\" (a text) to replace,"
                        + " which takes a text, a text in quotes to look for, and what is to stand there.",
                "x text(9) = left(name) ~ Boat's x gives name (a text) to left, which takes a text, and a number of characters."
            })
    void whatIsNearlyRightIsTold(String line, String expected) {
        assertThat(findings(line)).singleElement().asString().endsWith(": " + expected);
    }

    @Test
    void aFunctionThereIsNotIsToldWithThoseThereAre() {
        assertThat(findings("x int = sqrt(crew)"))
                .singleElement()
                .asString()
                .startsWith(
                        "formula-unknown-name: Boat's x names a function sqrt there is not; there are abs, apart, ceiling,")
                .endsWith("and of many avg, count, max, min, sum.");
    }

    @Test
    void formulasThatDoubleAreRefusedBeforeTheyGrowWithoutBound() {
        StringBuilder text = new StringBuilder("design \"T\"\nentity Boat\n  id serial key\n  a0 big int = id + id\n");
        for (int i = 1; i < 60; i++) {
            text.append(String.format("  a%d big int = a%d + a%d%n", i, i - 1, i - 1));
        }
        List<Finding> found = Report.of(Notation.parse(text.toString()).value(), Dialects.POSTGRESQL)
                .findings();
        assertThat(found)
                .anyMatch(f -> f.message().contains("is too large with the formulas of all it names: over 2000 parts"));
        assertThat(found).hasSizeGreaterThan(40);
    }

    @Test
    void aRenamedAttributeIsFollowedInEveryFormula() {
        Design design = Samples.design(
                "entity Boat",
                "  id serial key",
                "  crew int",
                "  twice int = crew * 2 + port.crew",
                "entity Port",
                "  id serial key",
                "  crew int",
                "  most int = max(boats.crew) + crew",
                "each Boat must lie in one Port as port, which may have many Boat as boats");
        Design renamed = new Rename("Boat", "crew", "hands").on(design);
        assertThat(Notation.print(renamed)).contains("= hands * 2 + port.crew", "= max(boats.hands) + crew");
        Design typed = Renaming.retype(
                        "Boat",
                        design.entities().get(0).attributes().stream()
                                .map(a -> a.name().equals("crew") ? a.withName("hands") : a)
                                .toList(),
                        List.of("id"))
                .on(design);
        assertThat(Notation.print(typed)).contains("= hands * 2 + port.crew", "= max(boats.hands) + crew");
    }

    @Test
    void whatAKindHasFromAnotherIsNamedReadAndFollowed() {
        Design design = Samples.design(
                "entity Craft",
                "  id serial key",
                "  crew int",
                "  twice int = crew * 2",
                "entity Boat is a kind of Craft",
                "  oars int",
                "  each1 int? = oars / crew",
                "  most int = twice + oars",
                "entity Port",
                "  id serial key",
                "  hands int? = sum(boats.crew)",
                "  full int = count(boats where crew > 3 and port.code = crew)",
                "  code int",
                "each Boat must lie in one Port as port, which may have many Boat as boats");
        for (String name : List.of("Boat.each1", "Boat.most", "Port.hands", "Port.full")) {
            String[] parts = name.split("[.]");
            Attribute attribute =
                    design.entity(parts[0]).orElseThrow().attribute(parts[1]).orElseThrow();
            assertThat(Formula.of(design, parts[0], attribute).mistakes())
                    .as(name)
                    .isEmpty();
        }
        Design renamed = new Rename("Craft", "crew", "heads").on(design);
        assertThat(Notation.print(renamed))
                .contains(
                        "= oars / heads",
                        "= sum(boats.heads)",
                        "= heads * 2",
                        "= count(boats where heads > 3 and port.code = heads)");
    }

    @Test
    void whetherItCanBeEmptyFollowsFromIt() {
        Design design = Formulas.design();
        Map<String, Boolean> expected = Map.of(
                "total", true, "fallback", false, "tripCount", false, "letters", false, "half", true, "size", false);
        expected.forEach((name, nullable) -> {
            Attribute attribute =
                    design.entity("Boat").orElseThrow().attribute(name).orElseThrow();
            assertThat(Formula.of(design, "Boat", attribute).term().nullable())
                    .as(name)
                    .isEqualTo(nullable);
        });
    }

    @Provide
    Arbitrary<Expression> expressions() {
        Arbitrary<Expression> names = Arbitraries.of("a", "end", "of", "it's")
                .list()
                .ofMinSize(1)
                .ofMaxSize(2)
                .map(Expression.Name::new);
        Arbitrary<Expression> leaves = Arbitraries.oneOf(
                names,
                Arbitraries.of("1", "-2", "3.50", "\"\"", "'x''\"y'", "true", "null", "2026-03-01")
                        .map(t -> Notation.attribute("x int = " + t)
                                .value()
                                .flatMap(l -> l.attribute().formula())
                                .orElseThrow()));
        return Arbitraries.recursive(() -> leaves, FormulaTest::composed, 0, 4);
    }

    private static Arbitrary<Expression> composed(Arbitrary<Expression> parts) {
        return Arbitraries.oneOf(
                Combinators.combine(Arbitraries.of("+", "-", "*", "/", "||", "=", "<=", "and", "or"), parts, parts)
                        .as((f, a, b) -> Expression.Call.of(f, a, b)),
                Combinators.combine(Arbitraries.of("not", "is null", "is not null", "upper", "neg"), parts)
                        .as((f, a) ->
                                f.equals("neg") && a instanceof Expression.Constant ? a : Expression.Call.of(f, a)),
                Combinators.combine(Arbitraries.of("count", "sum", "exists"), parts, parts)
                        .as((f, a, b) -> Expression.Call.of(f, Expression.Call.of(Expression.WHERE, a, b))),
                Combinators.combine(Arbitraries.of("between", "in", "case", "coalesce"), parts, parts, parts)
                        .as((f, a, b, c) -> Expression.Call.of(f, a, b, c)));
    }

    @Property(tries = 400, seed = "7")
    void whatIsPrintedIsReadBack(@ForAll("expressions") Expression expression) {
        Attribute attribute =
                Notation.attribute("x int").value().orElseThrow().attribute().withFormula(Optional.of(expression));
        var read = Notation.attribute(Notation.print(attribute, false));
        assertThat(read.problems()).isEmpty();
        assertThat(read.value().orElseThrow().attribute()).isEqualTo(attribute);
    }
}
