package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The query for rows that refer to nothing finds them, in the databases themselves. */
class LooseReferenceTest {
    private static final Design DESIGN = Samples.design(
            "entity Plot",
            "  id serial key",
            "entity Core",
            "  id serial key",
            "entity Remark",
            "  id serial key",
            "each Remark may be about one of Plot, Core as subject",
            "  kept as a kind and an id");

    @Test
    void whatOthersKeepIsLeftToThem() {
        Design logs = Samples.design(
                "entity Plot",
                "  id serial key",
                "entity Core",
                "  id serial key",
                "entity Log, outside, in table \"logs\"",
                "  id serial key",
                "each Log may be about one of Plot, Core as subject",
                "  kept as a kind and an id");
        assertThat(LooseReference.all(logs, Schema.derive(logs, Dialects.POSTGRESQL)))
                .isEmpty();
    }

    private static String found(Statement statement, LooseReference reference) throws SQLException {
        StringBuilder found = new StringBuilder();
        try (ResultSet rows = statement.executeQuery(reference.dangling().replace(";", "") + " order by id")) {
            while (rows.next()) {
                found.append(rows.getInt("id")).append(' ');
            }
        }
        return found.toString();
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void rowsThatPointToNothingAreFound(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.loaded(DESIGN, dialect);
                Statement statement = connection.createStatement()) {
            statement.execute("insert into plots (id) values (1)");
            statement.execute("insert into cores (id) values (2)");
            statement.execute("insert into remarks (id, subject_kind, subject_id) values (1, 'Plot', 1)");
            statement.execute("insert into remarks (id, subject_kind, subject_id) values (2, 'Core', 1)");
            statement.execute("insert into remarks (id, subject_kind, subject_id) values (3, 'Plot', 2)");
            statement.execute("insert into remarks (id) values (4)");
            LooseReference reference =
                    LooseReference.all(DESIGN, Schema.derive(DESIGN, dialect)).get(0);
            assertThat(found(statement, reference)).isEqualTo("2 3 ");
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void rowsThatPointToAnotherKindAreFound(Dialect dialect) throws SQLException {
        Design kinds = Samples.design(
                "entity Net",
                "  kinds kept in one table",
                "  id serial key",
                "entity Trawl is a kind of Net",
                "  width int",
                "entity Haul",
                "  id serial key",
                "each Haul must be made with one Trawl");
        try (Connection connection = Databases.loaded(kinds, dialect);
                Statement statement = connection.createStatement()) {
            statement.execute("insert into nets (id, kind) values (1, 'Net')");
            statement.execute("insert into nets (id, kind, width) values (2, 'Trawl', 3)");
            statement.execute("insert into hauls (id, trawl_id) values (1, 1)");
            statement.execute("insert into hauls (id, trawl_id) values (2, 2)");
            LooseReference reference =
                    LooseReference.all(kinds, Schema.derive(kinds, dialect)).get(0);
            assertThat(found(statement, reference)).isEqualTo("1 ");
        }
    }

    @Test
    void kindsThatCannotBeLookedUpAreLeftAlone() {
        Design outside = Samples.design(
                "entity Plot, outside",
                "  id serial key",
                "entity Remark",
                "  id serial key",
                "each Remark may be about one of Plot as subject",
                "  kept as a kind and an id");
        LooseReference reference = LooseReference.all(outside, Schema.derive(outside, Dialects.POSTGRESQL))
                .get(0);
        assertThat(reference.unchecked()).containsExactly("Plot");
        assertThat(reference.dangling()).contains("not (\n  remarks.subject_kind in ('Plot'));");
    }
}
