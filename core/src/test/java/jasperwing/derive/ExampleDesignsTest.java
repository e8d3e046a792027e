package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import jasperwing.ExampleDesigns;
import jasperwing.dialect.Dialect;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Designs of unlike fields, each with rows written by hand that every database must accept or refuse. */
class ExampleDesignsTest {
    /** What databases say of rows, not of statements they do not understand. */
    private static final String REFUSAL =
            "(?is).*(constraint|duplicate|cannot be null|not-null|null not allowed|too long"
                    + "|invalid input|default value|enum|incorrect|truncated|cannot parse|not permitted|conversion|must (?:refer|have)|out of range|violat).*";

    private static Stream<Arguments> all() {
        return ExampleDesigns.NAMES.stream()
                .flatMap(n -> Databases.running().stream().map(d -> Arguments.of(n, d)));
    }

    @ParameterizedTest
    @MethodSource("all")
    void rowsAreAcceptedAndRefused(String name, Dialect dialect) throws SQLException {
        Design design = ExampleDesigns.design(name);
        try (Connection connection = Databases.loaded(design, dialect);
                Statement statement = connection.createStatement()) {
            for (ExampleDesigns.Row row : ExampleDesigns.rows(name)) {
                if (row.isFor(dialect) && row.isByConstraint(dialect)) {
                    check(statement, row, dialect);
                }
            }
        }
    }

    static void check(Statement statement, ExampleDesigns.Row row, Dialect dialect) throws SQLException {
        String sql = row.in(dialect);
        if (row.accepted()) {
            try {
                statement.execute(sql);
            } catch (SQLException e) {
                throw new SQLException(sql + ": " + e.getMessage(), e);
            }
        } else {
            Throwable refusal = catchThrowable(() -> statement.execute(sql));
            assertThat(refusal).as("%s", sql).isInstanceOf(SQLException.class);
            assertThat(refusal.getMessage()).as("%s", sql).matches(REFUSAL);
        }
    }

    /** The same rows are accepted with triggers, and more are refused. */
    @ParameterizedTest
    @MethodSource("all")
    void rowsAreAcceptedAndRefusedWithTriggers(String name, Dialect dialect) throws SQLException {
        Design design = ExampleDesigns.design(name);
        try (Connection connection = Databases.guarded(design, dialect);
                Statement statement = connection.createStatement()) {
            for (ExampleDesigns.Row row : ExampleDesigns.rows(name)) {
                if (row.isFor(dialect) && (GuardTriggers.areIn(dialect) || row.isByConstraint(dialect))) {
                    check(statement, row, dialect);
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("all")
    void nothingIsAtError(String name, Dialect dialect) {
        Design design = ExampleDesigns.design(name);
        assertThat(Report.of(design, dialect).of(Level.ERROR)).isEmpty();
        assertThat(design.entities()).hasSizeBetween(15, 25);
        assertThat(Notation.parse(Notation.print(design)).value()).isEqualTo(design);
    }
}
