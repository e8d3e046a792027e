package jasperwing.schema;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SchemaInDatabaseTest {
    @ParameterizedTest
    @EnumSource(Dialect.class)
    void theDemoLoadsAndTheCatalogAgrees(Dialect dialect) throws SQLException {
        agrees(Samples.demo(), dialect);
    }

    @ParameterizedTest
    @EnumSource(Dialect.class)
    void circlesAreClosedAndHostileNamesAreQuoted(Dialect dialect) throws SQLException {
        agrees(
                Samples.design(
                        "entity Crew",
                        "  id serial key",
                        "entity Boat",
                        "  id serial key",
                        "entity `Robert'); drop table \"x\";--`",
                        "  `a\"b; -- c` text(3) key",
                        "  order int",
                        "each Crew may sail one Boat as boat, which may have many Crew",
                        "each Boat may be led by one Crew as captain, which may lead many Boat",
                        "each `Robert'); drop table \"x\";--` must be on one Boat"),
                dialect);
    }

    @ParameterizedTest
    @EnumSource(Dialect.class)
    void compositeKeysTravelWhole(Dialect dialect) throws SQLException {
        agrees(
                Samples.design(
                        "entity Marsh",
                        "  code text(4) key",
                        "entity Plot",
                        "  number int key",
                        "  key (marsh, number)".replace("key (", "unique ("),
                        "entity Quadrat",
                        "  row int",
                        "  col int",
                        "  key (plot, row, col)",
                        "entity Count",
                        "  id serial key",
                        "each Plot must lie in one Marsh",
                        "each Quadrat must lie in one Plot",
                        "each Count must be of one Quadrat",
                        "each Count may concern one of Quadrat, Marsh as about"),
                dialect);
    }

    private static void agrees(Design design, Dialect dialect) throws SQLException {
        Schema schema = Schema.derive(design, dialect);
        try (Connection connection = Databases.open(dialect);
                Statement statement = connection.createStatement()) {
            statement.executeUpdate(schema.sql());
            assertThat(Catalog.read(connection, dialect)).isEqualTo(Catalog.expected(schema));
        }
    }
}
