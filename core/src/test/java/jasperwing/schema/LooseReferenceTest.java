package jasperwing.schema;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jasperwing.Samples;
import jasperwing.model.Design;
import jasperwing.model.OneOf;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What stands in for the missing foreign key does what it says, in the databases themselves. */
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

    private static LooseReference loose(Dialect dialect) {
        OneOf oneOf = (OneOf) DESIGN.relationships().get(0);
        return LooseReference.of(DESIGN, Schema.derive(DESIGN, dialect), oneOf).orElseThrow();
    }

    private static void fill(Statement statement) throws SQLException {
        statement.execute("insert into plots (id) values (1)");
        statement.execute("insert into cores (id) values (2)");
        statement.execute("insert into remarks (id, subject_kind, subject_id) values (1, 'Plot', 1)");
        statement.execute("insert into remarks (id, subject_kind, subject_id) values (2, 'Core', 1)");
        statement.execute("insert into remarks (id, subject_kind, subject_id) values (3, 'Plot', 2)");
        statement.execute("insert into remarks (id) values (4)");
    }

    @ParameterizedTest
    @EnumSource(Dialect.class)
    void rowsThatPointToNothingAreFound(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.loaded(DESIGN, dialect);
                Statement statement = connection.createStatement()) {
            fill(statement);
            StringBuilder found = new StringBuilder();
            try (ResultSet rows =
                    statement.executeQuery(loose(dialect).dangling().replace(";", "") + " order by id")) {
                while (rows.next()) {
                    found.append(rows.getInt("id")).append(' ');
                }
            }
            assertThat(found).hasToString("2 3 ");
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = Dialect.class,
            names = {"POSTGRESQL", "MARIADB", "SQLITE"})
    void whatIsPointedToIsNotDeletedWithTheTriggers(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.loaded(DESIGN, dialect);
                Statement statement = connection.createStatement()) {
            fill(statement);
            for (String trigger : loose(dialect).triggers().split("(?m)(?=^create trigger|^create function)")) {
                statement.execute(trigger);
            }
            assertThatThrownBy(() -> statement.execute("delete from plots where id = 1"))
                    .isInstanceOf(SQLException.class)
                    .hasMessageContaining("remarks has rows that point to this row of plots");
            assertThatCode(() -> statement.execute("delete from cores where id = 2"))
                    .doesNotThrowAnyException();
        }
    }

    @Test
    void thereAreNoneForSubjectsWithoutATable() {
        Design outside = Samples.design(
                "entity Plot, outside",
                "  id serial key",
                "entity Remark",
                "  id serial key",
                "each Remark may be about one of Plot as subject",
                "  kept as a kind and an id");
        assertThat(LooseReference.of(outside, Schema.derive(outside, Dialect.POSTGRESQL), (OneOf)
                        outside.relationships().get(0)))
                .isEmpty();
    }
}
