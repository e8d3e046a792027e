package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.model.Design;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What a design says, held by real databases against real rows. */
class EnforcementTest {
    private static final Design DESIGN = Samples.design(
            "enum Duty: leader, recorder",
            "entity Dive",
            "  id serial key",
            "  number int from 1 to 99",
            "  code text(3) unique",
            "  calm boolean default true",
            "entity Diver",
            "  id serial key",
            "entity Assignment",
            "  duty Duty",
            "entity Site",
            "  id serial key",
            "entity Log",
            "  id serial key",
            "entity Note",
            "  id serial key",
            "entity Tag",
            "  id serial key",
            "each Dive may be at one Site as site, which may have many Dive as dives",
            "  deleting Site empties it",
            "each Log must be of one Dive as dive, which may have one Log",
            "  deleting Dive deletes Log too",
            "each Dive may have many Diver via Assignment, which may have many Dive",
            "each Dive may carry many Tag as tags, which may mark many Dive",
            "each Note must be about one of Dive, Site as about",
            "each Tag may be about one of Dive, Site as about",
            "  kept as a kind and an id");

    /** A fresh database with two dives, two divers, a site, a log of the first dive and a tag on it. */
    private static Connection database(Dialect dialect) throws SQLException {
        Connection connection = Databases.open(dialect);
        try (Statement statement = connection.createStatement()) {
            String sql = Schema.derive(DESIGN, dialect).sql();
            statement.executeUpdate(sql);
            for (String row : new String[] {
                "insert into sites (id) values (1)",
                "insert into dives (id, number, code, site_id) values (1, 1, 'a', 1), (2, 2, 'b', null)",
                "insert into divers (id) values (1), (2)",
                "insert into logs (id, dive_id) values (1, 1)",
                "insert into tags (id) values (1)",
                "insert into dive_tags (dive_id, tag_id) values (1, 1)"
            }) {
                statement.execute(row);
            }
        }
        return connection;
    }

    private static void refused(Connection connection, String sql) {
        assertThatThrownBy(() -> {
                    try (Statement statement = connection.createStatement()) {
                        statement.execute(sql);
                    }
                })
                .as(sql)
                .isInstanceOf(SQLException.class);
    }

    private static void done(Connection connection, String sql) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }

    private static int count(Connection connection, String from) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("select count(*) from " + from)) {
            rows.next();
            return rows.getInt(1);
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void valuesKeepToTheirTypesRangesAndEnums(Dialect dialect) throws SQLException {
        try (Connection db = database(dialect)) {
            refused(db, "insert into dives (number, code) values (0, 'x')");
            refused(db, "insert into dives (number, code) values (100, 'x')");
            refused(db, "insert into dives (number, code) values (3, 'abcd')");
            refused(db, "insert into dives (number, code) values (3, 'a')");
            refused(db, "insert into dives (number) values (3)");
            refused(db, "insert into assignments (dive_id, diver_id, duty) values (1, 1, 'cook')");
            done(db, "insert into dives (number, code) values (99, 'abc')");
            assertThat(count(db, "dives where calm")).isEqualTo(3);
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void referencesPointToSomethingAndOneToOnesAreNotShared(Dialect dialect) throws SQLException {
        try (Connection db = database(dialect)) {
            refused(db, "insert into logs (id, dive_id) values (2, 77)");
            refused(db, "insert into logs (id) values (2)");
            refused(db, "insert into logs (id, dive_id) values (2, 1)");
            done(db, "insert into logs (id, dive_id) values (2, 2)");
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void deletingRefusesEmptiesOrDeletesAsSaid(Dialect dialect) throws SQLException {
        try (Connection db = database(dialect)) {
            done(db, "insert into assignments (dive_id, diver_id, duty) values (2, 1, 'leader')");
            refused(db, "delete from divers where id = 1");
            refused(db, "delete from dives where id = 2");
            done(db, "delete from sites");
            assertThat(count(db, "dives where site_id is null")).isEqualTo(2);
            done(db, "delete from dives where id = 1");
            assertThat(count(db, "logs")).isZero();
            assertThat(count(db, "dive_tags")).isZero();
            assertThat(count(db, "tags")).isEqualTo(1);
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void pairsAreThereOnce(Dialect dialect) throws SQLException {
        try (Connection db = database(dialect)) {
            refused(db, "insert into dive_tags (dive_id, tag_id) values (1, 1)");
            done(db, "insert into assignments (dive_id, diver_id, duty) values (1, 1, 'leader')");
            refused(db, "insert into assignments (dive_id, diver_id, duty) values (1, 1, 'recorder')");
            done(db, "insert into assignments (dive_id, diver_id, duty) values (1, 2, 'leader')");
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void aColumnForEachHasExactlyOneFilled(Dialect dialect) throws SQLException {
        try (Connection db = database(dialect)) {
            refused(db, "insert into notes (id) values (1)");
            refused(db, "insert into notes (id, about_dive_id, about_site_id) values (1, 1, 1)");
            refused(db, "insert into notes (id, about_dive_id) values (1, 77)");
            done(db, "insert into notes (id, about_dive_id) values (1, 1), (2, 2)");
            done(db, "insert into notes (id, about_site_id) values (3, 1)");
            refused(db, "delete from sites");
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void aKindAndAnIdAreFilledTogetherAndTheKindIsKnown(Dialect dialect) throws SQLException {
        try (Connection db = database(dialect)) {
            refused(db, "insert into tags (id, about_kind, about_id) values (2, 'Tide', 1)");
            refused(db, "insert into tags (id, about_kind) values (2, 'Dive')");
            done(db, "insert into tags (id, about_kind, about_id) values (2, 'Dive', 1)");
            done(db, "insert into tags (id) values (3)");
        }
    }
}
