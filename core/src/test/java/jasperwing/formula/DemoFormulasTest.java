package jasperwing.formula;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.schema.Databases;
import jasperwing.schema.Dialect;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What the demo computes is the same in every database. */
class DemoFormulasTest {
    private static final String[] ROWS = {
        "insert into expeditions (id, code, title, starts_on) values (1, 'SP-1', 'Spring', '2026-03-01'),"
                + " (2, 'AU-2', 'Autumn', '2026-09-01')",
        "insert into sites (id, name, position_latitude, position_longitude) values (1, 'Creek', 54.1, 8.9)",
        "insert into dives (id, expedition_id, site_id, number, started_at, ended_at, max_depth) values"
                + " (1, 1, 1, 1, '2026-03-02 08:00:00', '2026-03-02 08:45:30', 12.5),"
                + " (2, 1, 1, 2, '2026-03-02 23:30:00', null, 30.0)",
        "insert into taxa (id, name, %s) values (1, 'Zostera', 'genus')",
        "insert into specimens (id, dive_id, taxon_id, tag_number) values (1, 1, 1, 'T-1'), (2, 1, 1, 'T-2')",
        "insert into researchers (id, email, given_name, family_name) values (1, 'a@marsh.example', 'Ada', 'Reed')"
    };

    @ParameterizedTest
    @EnumSource(Dialect.class)
    void theDemoComputesTheSame(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.loaded(Samples.demo(), dialect);
                Statement statement = connection.createStatement()) {
            for (String row : ROWS) {
                statement.execute(String.format(row, dialect.quote("rank")));
            }
            assertThat(one(statement, "select bottom_time from dives where id = 1"))
                    .isEqualTo("45");
            assertThat(one(statement, "select bottom_time from dives where id = 2"))
                    .isNull();
            assertThat(one(statement, "select yield from dives_computed where id = 1"))
                    .isEqualTo("2");
            assertThat(one(statement, "select yield from dives_computed where id = 2"))
                    .isEqualTo("0");
            assertThat(one(statement, "select deepest from expeditions_computed where id = 1"))
                    .isEqualTo("30.0");
            assertThat(one(statement, "select deepest from expeditions_computed where id = 2"))
                    .isNull();
            assertThat(one(statement, "select full_name from researchers")).isEqualTo("Ada Reed");
        }
    }

    private static String one(Statement statement, String query) throws SQLException {
        try (ResultSet rows = statement.executeQuery(query)) {
            assertThat(rows.next()).as(query).isTrue();
            return rows.getString(1);
        }
    }
}
