package jasperwing.derive;

import static jasperwing.derive.SqlRows.refused;
import static jasperwing.derive.SqlRows.taken;
import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Finding;
import jasperwing.findings.Report;
import jasperwing.findings.Rule;
import jasperwing.model.Design;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Rules that compare with the day or the moment: no constraint holds them, triggers do. */
class ClockRulesTest {
    private static final Design PASS = Samples.design(
            "entity Pass",
            "  id int key",
            "  today text(9)",
            "  issuedOn date",
            "  stampedAt timestamp?",
            "  old boolean = issuedOn < 2020-01-01 and today = 'x'",
            "entity Guest",
            "  id int key",
            "  bornOn date",
            "  age int = days_between(bornOn, today) / 365",
            "  seenAt timestamp?",
            "  rule \"must be born already\": bornOn <= today",
            "  rule \"must have been seen\": seenAt <= now, held by triggers");

    @ParameterizedTest
    @ValueSource(strings = {"postgresql", "mariadb", "sqlite"})
    void triggersCompareWithTheClock(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.guarded(PASS, dialect);
                Statement statement = connection.createStatement()) {
            taken(
                    statement,
                    "insert into guests values (1, '2001-02-03', null)",
                    "insert into guests values (2, '2001-02-03', '2021-02-03 10:00:00')");
            refused(statement, "insert into guests values (3, '9001-02-03', null)");
            refused(statement, "update guests set seen_at = '9001-02-03 10:00:00' where id = 1");
        }
    }

    @Test
    void whyNoConstraintHoldsThemIsTold() {
        assertThat(Report.of(PASS, Dialects.POSTGRESQL).findings())
                .filteredOn(f -> f.rule() == Rule.RULE_NOT_CHECKED)
                .extracting(Finding::message)
                .containsExactly(
                        "The rule \u201cmust be born already\u201d of Guest reads the clock; no check constraint does that, as a row that fulfils it today may not tomorrow.");
        Schema schema = Schema.derive(PASS, Dialects.POSTGRESQL);
        assertThat(schema.table("Guest").orElseThrow().columnsOf("age")).isEmpty();
        assertThat(schema.table("Pass").orElseThrow().columnsOf("old")).hasSize(1);
    }

    @Test
    void noIndexIsOverWhatChangesByItself() {
        Design design = Samples.design(
                "entity Pass", "  id int key", "  issuedOn date", "  index (issuedOn) where issuedOn < today");
        assertThat(Report.of(design, Dialects.POSTGRESQL).findings())
                .extracting(Finding::message)
                .contains("The condition of Pass's index on issuedOn reads the clock, which no index can.");
    }
}
