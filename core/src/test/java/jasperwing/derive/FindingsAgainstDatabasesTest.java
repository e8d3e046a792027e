package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.fail;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Finding;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.findings.Rule;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** No error, so it works; an error, so it does not: both are tried on the databases themselves. */
class FindingsAgainstDatabasesTest {
    /** Errors for which something is left out of the tables, or said otherwise, so that these can be created and filled. */
    private static final Set<Rule> SIDESTEPPED =
            Set.of(Rule.ONE_OF_KEYS_DIFFER, Rule.EMPTY_ON_MUST, Rule.COUNTED_KEY_APART);

    @Property(tries = 250, seed = "20261128")
    void aDesignIsFreeOfErrorsJustWhenItsFirstRowsCanBeStoredInSqlite(
            @ForAll @LongRange(min = 0, max = 1_000_000) long seed) throws SQLException {
        holds(seed, Dialects.SQLITE);
    }

    @Property(tries = 200, seed = "20261129")
    void andInH2(@ForAll @LongRange(min = 0, max = 1_000_000) long seed) throws SQLException {
        holds(seed, Dialects.H2);
    }

    @Property(tries = 60, seed = "20261130")
    void andInPostgresql(@ForAll @LongRange(min = 0, max = 1_000_000) long seed) throws SQLException {
        holds(seed, Dialects.POSTGRESQL);
    }

    @Property(tries = 60, seed = "20261201")
    void andInMariadb(@ForAll @LongRange(min = 0, max = 1_000_000) long seed) throws SQLException {
        holds(seed, Dialects.MARIADB);
    }

    private static void holds(long seed, Dialect dialect) throws SQLException {
        Design design = AnyModels.of(seed);
        Set<Rule> errors = Report.of(design, dialect).of(Level.ERROR).stream()
                .map(Finding::rule)
                .collect(Collectors.toSet());
        Schema schema = Schema.derive(design, dialect);
        String refused = null;
        try (Connection connection = Databases.open(dialect);
                Statement statement = connection.createStatement()) {
            statement.executeUpdate(schema.sql());
            new FirstRows(design, schema).insert(connection);
        } catch (SQLException e) {
            refused = e.getMessage();
        }
        if (errors.isEmpty() && refused != null) {
            fail(refused + "\n" + schema.sql() + "\n" + Notation.print(design));
        }
        if (refused == null && !SIDESTEPPED.containsAll(errors) && !errors.contains(Rule.NO_KINDS)) {
            fail("works in spite of " + errors + "\n" + schema.sql() + "\n" + Notation.print(design));
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void whatWouldBeEmptiedAndMustBeFilledCannotBeDeleted(Dialect dialect) throws SQLException {
        Design design = Samples.design(
                "entity Plot",
                "  id serial key",
                "entity Core",
                "  id serial key",
                "each Core must be drilled in one Plot",
                "  deleting Plot empties it");
        assertThat(Report.of(design, dialect).of(Level.ERROR))
                .extracting(Finding::rule)
                .containsExactly(Rule.EMPTY_ON_MUST);
        assertThatThrownBy(() -> {
                    try (Connection connection = Databases.loaded(design, dialect);
                            Statement statement = connection.createStatement()) {
                        statement.execute("insert into plots (id) values (1)");
                        statement.execute("insert into cores (id, plot_id) values (1, 1)");
                        statement.execute("delete from plots");
                    }
                })
                .isInstanceOf(SQLException.class);
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void aKeyThatIsCountedInSeveralTablesIsOfTwoRows(Dialect dialect) throws SQLException {
        Design design = Samples.design(
                "entity Net, only its kinds",
                "  id serial key",
                "  kinds kept in a complete table each",
                "entity Trawl is a kind of Net",
                "  width int",
                "entity Seine is a kind of Net",
                "  length int");
        assertThat(Report.of(design, dialect).of(Level.ERROR))
                .extracting(Finding::rule)
                .containsExactly(Rule.COUNTED_KEY_APART);
        try (Connection connection = Databases.loaded(design, dialect);
                Statement statement = connection.createStatement()) {
            statement.execute("insert into trawls (width) values (1)");
            statement.execute("insert into seines (length) values (1)");
            try (ResultSet both =
                    statement.executeQuery("select count(*) from trawls t join seines s on s.id = t.id")) {
                both.next();
                assertThat(both.getInt(1)).isEqualTo(1);
            }
        }
    }

    @Test
    void oneIdColumnIsComparedWithNoKeyOfAnotherType() throws SQLException {
        Design design = Samples.demo();
        assertThat(Report.of(design, Dialects.POSTGRESQL).of(Level.ERROR))
                .extracting(Finding::rule)
                .containsExactly(Rule.ONE_OF_KEYS_DIFFER);
        try (Connection connection = Databases.loaded(design, Dialects.POSTGRESQL);
                Statement statement = connection.createStatement()) {
            assertThatThrownBy(() -> statement.execute("select * from notes n join dives d on d.id = n.subject_id"))
                    .isInstanceOf(SQLException.class);
        }
    }

    @Test
    void aGeneratedDesignHasEveryKindOfRelationshipAndSomeHaveErrors() {
        List<Design> designs = java.util.stream.LongStream.range(0, 300)
                .mapToObj(AnyModels::of)
                .toList();
        long wrong = designs.stream()
                .filter(d -> !Report.of(d, Dialects.POSTGRESQL).of(Level.ERROR).isEmpty())
                .count();
        assertThat(wrong).isBetween(30L, 240L);
    }
}
