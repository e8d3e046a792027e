package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.catalog.CatalogTest;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class SchemaInDatabaseTest {
    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void theDemoLoadsAndTheCatalogAgrees(Dialect dialect) throws SQLException {
        CatalogTest.agrees(Samples.demo(), dialect);
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void circlesAreClosedAndHostileNamesAreQuoted(Dialect dialect) throws SQLException {
        CatalogTest.agrees(
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
    @MethodSource("jasperwing.derive.Databases#running")
    void compositeKeysTravelWhole(Dialect dialect) throws SQLException {
        CatalogTest.agrees(
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

    @ParameterizedTest
    @ValueSource(strings = {"postgresql", "mariadb", "h2"})
    void documentationIsKeptAsComments(Dialect dialect) throws SQLException {
        Design design = Samples.design(
                "entity Core",
                "  \"What was drilled; 'old' ones too.\"",
                "  id serial key",
                "  depth int \"In metres, from the top.\"",
                "  story text(9)? \"" + "long ".repeat(500) + "\"");
        try (Connection connection = Databases.loaded(design, dialect)) {
            boolean capitals = dialect == Dialects.H2;
            try (ResultSet rows = connection
                    .getMetaData()
                    .getTables(connection.getCatalog(), null, capitals ? "CORES" : "cores", null)) {
                rows.next();
                assertThat(rows.getString("REMARKS")).isEqualTo("What was drilled; 'old' ones too.");
            }
            try (ResultSet rows = connection
                    .getMetaData()
                    .getColumns(
                            connection.getCatalog(),
                            null,
                            capitals ? "CORES" : "cores",
                            capitals ? "DEPTH" : "depth")) {
                rows.next();
                assertThat(rows.getString("REMARKS")).isEqualTo("In metres, from the top.");
            }
        }
    }
}
