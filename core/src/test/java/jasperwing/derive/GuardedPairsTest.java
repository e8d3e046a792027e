package jasperwing.derive;

import static jasperwing.derive.SqlRows.refused;
import static jasperwing.derive.SqlRows.taken;
import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Report;
import jasperwing.findings.Rule;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.moves.Relink;
import jasperwing.notation.Notation;
import jasperwing.reading.Option;
import jasperwing.reading.Phrase;
import jasperwing.reading.Readings;
import jasperwing.reading.Slot;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Pairs go with a row of either end, or forbid to delete it. */
class GuardedPairsTest {
    private static final Design WINE = Samples.design(
            "entity Grape",
            "  id int key",
            "entity Wine",
            "  id int key",
            "entity Blend is a kind of Wine",
            "  parts int",
            "each Blend may contain many Grape as grapes, which may go into many Blend as blends",
            "  deleting Grape is refused");

    private static BinaryRelationship pairs(Design design) {
        return (BinaryRelationship) design.relationships().get(0);
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void theDatabaseRefusesWhatIsSaidToBeRefused(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.loaded(WINE, dialect);
                Statement statement = connection.createStatement()) {
            taken(
                    statement,
                    "insert into grapes values (1)",
                    "insert into grapes values (2)",
                    "insert into wines (id, kind) values (1, 'Blend')",
                    "insert into blends (id, parts) values (1, 2)",
                    "insert into blend_grapes (blend_id, grape_id) values (1, 1)");
            refused(statement, "delete from grapes where id = 1");
            taken(
                    statement,
                    "delete from grapes where id = 2",
                    "delete from blends where id = 1",
                    "delete from grapes where id = 1");
        }
    }

    @Test
    void theSentenceTellsAndOffersBoth() {
        Relationship pairs = pairs(WINE);
        assertThat(Readings.text(Readings.whole(WINE, pairs)))
                .contains(
                        "Deleting a Blend removes its pairs. Deleting a Grape is refused while it is paired with any Blend.");
        assertThat(Readings.text(Readings.from(WINE, pairs, "Grape")))
                .endsWith("Deleting a Grape is refused while it is paired with any Blend.");
        assertThat(Readings.text(Readings.from(WINE, pairs, "Blend"))).doesNotContain("Deleting");
        List<Option> options = Readings.options(WINE, pairs, new Phrase("", Slot.DELETE, "Grape"));
        assertThat(options)
                .extracting(Option::words)
                .containsExactly("removes its pairs", "is refused while it is paired with any Blend");
        assertThat(options.get(1).chosen()).isTrue();
        assertThat(options.get(0).result().deletes()).isEmpty();
    }

    @Test
    void aLinkAndPairsKeepTheRulesOfEachOther() {
        Design linked = new Relink(pairs(WINE), "Share").made(WINE);
        assertThat(Notation.rules(linked.relationships().get(0)))
                .containsExactly("deleting Grape is refused", "deleting Blend deletes Share too");
        assertThat(new Relink(pairs(linked), "").made(linked)).isEqualTo(WINE);
    }

    @Test
    void aRuleThatPairsCannotKeepIsMended() {
        Design wrong = RelationshipEdits.replace(
                        pairs(WINE), RelationshipEdits.withRule(pairs(WINE), "Grape", DeleteRule.EMPTY))
                .on(WINE);
        var findings = Report.of(wrong, Dialects.POSTGRESQL).findings().stream()
                .filter(f -> f.rule() == Rule.RULE_ON_JOIN)
                .toList();
        assertThat(findings).hasSize(1);
        assertThat(findings.get(0).fixes().get(1).edit().on(wrong)).isEqualTo(WINE);
        assertThat(pairs(findings.get(0).fixes().get(0).edit().on(wrong)).deletes())
                .isEmpty();
        assertThat(Report.of(WINE, Dialects.POSTGRESQL).findings())
                .extracting(f -> f.rule())
                .doesNotContain(Rule.RULE_ON_JOIN);
    }
}
