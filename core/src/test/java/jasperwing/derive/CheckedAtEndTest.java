package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Finding;
import jasperwing.findings.Report;
import jasperwing.findings.Rule;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CheckedAtEndTest {
    private static final String[] ENTITIES = {
        "entity Boat",
        "  id int key",
        "entity Skipper",
        "  id int key",
        "each Boat must be led by one Skipper as skipper",
    };
    private static final Design AT_ONCE = Samples.design(with("each Skipper must live on one Boat as home"));
    private static final Design AT_END =
            Samples.design(with("each Skipper must live on one Boat as home", "  checked at the end"));

    private static String[] with(String... lines) {
        String[] all = java.util.Arrays.copyOf(ENTITIES, ENTITIES.length + lines.length);
        System.arraycopy(lines, 0, all, ENTITIES.length, lines.length);
        return all;
    }

    @ParameterizedTest
    @ValueSource(strings = {"postgresql", "sqlite"})
    void aCircleOfMustsIsFilledWithinATransaction(Dialect dialect) throws SQLException {
        Schema schema = Schema.derive(AT_END, dialect);
        assertThat(Report.of(AT_END, schema).findings())
                .extracting(Finding::rule)
                .doesNotContain(Rule.REQUIRED_CYCLE);
        try (Connection connection = Databases.open(dialect);
                Statement statement = connection.createStatement()) {
            statement.executeUpdate(schema.sql());
            connection.setAutoCommit(false);
            for (DerivedTable table : Order.of(schema).tables()) {
                String reference = table.references().get(0).columns().get(0);
                statement.execute("insert into " + table.name() + " (id, " + reference + ") values (1, 1)");
            }
            connection.commit();
            statement.execute("insert into skippers (id, home_id) values (2, 7)");
            assertThatThrownBy(connection::commit).isInstanceOf(SQLException.class);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"mariadb", "h2"})
    void whereItCannotBeTheCircleIsAFaultStill(Dialect dialect) {
        assertThat(Report.of(AT_END, dialect).findings())
                .extracting(Finding::rule)
                .contains(Rule.REQUIRED_CYCLE, Rule.CHECKED_AT_ONCE);
        assertThat(Schema.derive(AT_END, dialect).sql())
                .isEqualTo(Schema.derive(AT_ONCE, dialect).sql());
    }

    @Test
    void theCircleIsMendedByCheckingAtTheEnd() {
        Finding circle = Report.of(AT_ONCE, Dialects.POSTGRESQL).findings().stream()
                .filter(f -> f.rule() == Rule.REQUIRED_CYCLE)
                .findFirst()
                .orElseThrow();
        Design mended = circle.fixes().get(circle.fixes().size() - 1).edit().on(AT_ONCE);
        assertThat(mended.relationships()).anyMatch(r -> r.checkedAtEnd());
        assertThat(Report.of(mended, Dialects.POSTGRESQL).findings())
                .extracting(Finding::rule)
                .doesNotContain(Rule.REQUIRED_CYCLE);
    }

    @Test
    void itIsReadBackAsItWasWritten() {
        assertThat(Notation.print(AT_END)).contains("as home\n  checked at the end\n");
        assertThat(Notation.parse(Notation.print(AT_END)).value()).isEqualTo(AT_END);
    }
}
