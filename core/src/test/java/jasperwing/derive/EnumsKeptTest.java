package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class EnumsKeptTest {
    private static final Design DESIGN = Samples.design(
            "enum Tide kept as a type: ebb, flood, `slack water`",
            "enum Gear kept as a table: net, trap \"Fish trap\"",
            "enum Sky: clear, cloudy",
            "entity Haul",
            "  id serial key",
            "  tide Tide default ebb",
            "  gear Gear",
            "  sky Sky?",
            "  spare Gear?",
            "  tides Tide list",
            "  gears Gear list",
            "  strong boolean = tide = \"flood\"",
            "  said text(60) = upper(tide) || \"/\" || gear");

    private static void refused(Statement statement, String sql) {
        assertThatThrownBy(() -> statement.execute(sql)).as(sql).isInstanceOf(SQLException.class);
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void valuesAreHeldInEveryWayAndFormulasGiveTheSame(Dialect dialect) throws SQLException {
        Schema schema = Schema.derive(DESIGN, dialect);
        assertThat(Report.of(DESIGN, schema).of(Level.ERROR)).isEmpty();
        try (Connection connection = Databases.open(dialect);
                Statement statement = connection.createStatement()) {
            statement.executeUpdate(schema.sql());
            statement.execute("insert into hauls (id, tide, gear, sky) values (1, 'flood', 'net', 'clear')");
            statement.execute("insert into hauls (id, gear, spare) values (2, 'trap', 'net')");
            refused(statement, "insert into hauls (id, tide, gear) values (3, 'spring', 'net')");
            refused(statement, "insert into hauls (id, gear) values (3, 'hook')");
            statement.execute("insert into haul_tides (haul_id, position, tide) values (1, 0, 'slack water')");
            statement.execute("insert into haul_gears (haul_id, position, gear) values (1, 0, 'trap')");
            refused(statement, "insert into haul_gears (haul_id, position, gear) values (1, 1, 'hook')");
            try (ResultSet rows = statement.executeQuery("select tide, strong, said from hauls order by id")) {
                rows.next();
                assertThat(rows.getBoolean("strong")).isTrue();
                assertThat(rows.getString("said")).isEqualTo("FLOOD/net");
                rows.next();
                assertThat(rows.getString("tide")).isEqualTo("ebb");
                assertThat(rows.getString("said")).isEqualTo("EBB/trap");
            }
            try (ResultSet rows = statement.executeQuery("select label from gears order by position")) {
                rows.next();
                assertThat(rows.getString(1)).isEqualTo("Net");
                rows.next();
                assertThat(rows.getString(1)).isEqualTo("Fish trap");
            }
        }
    }

    @Test
    void theSqlSaysEachWay() {
        String sql = Schema.derive(DESIGN, Dialects.POSTGRESQL).sql();
        assertThat(sql)
                .startsWith(
                        "-- Tables of Test\n-- PostgreSQL 12 or later\n\nbegin;\n\ncreate type tide_enum as enum ('ebb',")
                .endsWith("\ncommit;\n")
                .contains("tide tide_enum not null default 'ebb'", "references gears (value) on delete restrict")
                .contains("insert into gears (value, label, position) values ('trap', 'Fish trap', 1);")
                .contains("check (sky in ('clear', 'cloudy'))")
                .doesNotContain("check (gear");
        assertThat(Schema.derive(DESIGN, Dialects.MARIADB).sql()).contains("tide enum('ebb', 'flood', 'slack water')");
        assertThat(Schema.derive(DESIGN, Dialects.SQLITE).sql())
                .contains("check (tide in ('ebb', 'flood', 'slack water'))");
    }

    @Test
    void itIsReadBackAsItWasWritten() {
        assertThat(Notation.print(DESIGN)).contains("enum Gear kept as a table: net, trap \"Fish trap\"\n");
        assertThat(Notation.parse(Notation.print(DESIGN)).value()).isEqualTo(DESIGN);
    }
}
