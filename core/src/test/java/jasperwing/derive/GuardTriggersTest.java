package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

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
import org.junit.jupiter.params.provider.ValueSource;

/** Triggers refuse and do what they say, in the databases themselves. */
class GuardTriggersTest {
    private static final Design CLINIC = Samples.design(
            "entity Person",
            "  kinds kept in a complete table each",
            "  number text(9) key",
            "  email text(60) unique",
            "entity Nurse is a kind of Person",
            "  grade int",
            "entity Surgeon is a kind of Person",
            "  field text(20)",
            "entity Ward",
            "  id serial key",
            "entity Bed",
            "  id serial key",
            "entity Label",
            "  id serial key",
            "entity Memo",
            "  id serial key",
            "entity Flag",
            "  id serial key",
            "entity Shift",
            "  id serial key",
            "each Label may be about one of Ward, Bed as subject",
            "  kept as a kind and an id",
            "  deleting Bed deletes Label too",
            "each Flag may mark one of Bed, Nurse as place",
            "  kept as a kind and an id",
            "  deleting Bed empties it",
            "each Memo must be written by one Person as author, which may have many Memo as memos",
            "  deleting Person deletes Memo too",
            "each Shift may be led by one Person as lead, which may have many Shift as shifts");

    private static final Design FLEET = Samples.design(
            "entity Vessel",
            "  id serial key",
            "  name text(20)",
            "entity Tug is a kind of Vessel",
            "  pull int",
            "entity Ferry is a kind of Vessel",
            "  seats int",
            "entity Net",
            "  kinds kept in one table",
            "  id serial key",
            "entity Trawl is a kind of Net",
            "  meshes int list",
            "entity Haul",
            "  id serial key",
            "each Haul must be made with one Trawl");

    private static void refused(Statement statement, String sql, String message) {
        assertThatThrownBy(() -> statement.execute(sql))
                .isInstanceOf(SQLException.class)
                .hasMessageContaining(message);
    }

    private static int count(Statement statement, String from) throws SQLException {
        try (ResultSet rows = statement.executeQuery("select count(*) from " + from)) {
            rows.next();
            return rows.getInt(1);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"postgresql", "mariadb", "sqlite"})
    void aKindAndAnIdReferToARow(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.guarded(CLINIC, dialect);
                Statement statement = connection.createStatement()) {
            statement.execute("insert into wards (id) values (1)");
            statement.execute("insert into beds (id) values (1)");
            statement.execute("insert into labels (id, subject_kind, subject_id) values (1, 'Ward', 1)");
            statement.execute("insert into labels (id, subject_kind, subject_id) values (2, 'Bed', 1)");
            statement.execute("insert into labels (id) values (3)");
            statement.execute("insert into flags (id, place_kind, place_id) values (1, 'Bed', '1')");
            refused(
                    statement,
                    "insert into labels (id, subject_kind, subject_id) values (4, 'Bed', 7)",
                    "must refer to an existing row of wards or beds");
            refused(statement, "update labels set subject_id = 9 where id = 1", "must refer to an existing row");
            refused(
                    statement,
                    "update wards set id = 5 where id = 1",
                    "labels has rows that refer to this row of wards");
            refused(statement, "delete from wards where id = 1", "labels has rows that refer to this row of wards");
            statement.execute("delete from beds where id = 1");
            assertThat(count(statement, "labels")).isEqualTo(2);
            assertThat(count(statement, "flags where place_kind is null and place_id is null"))
                    .isOne();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"postgresql", "mariadb", "sqlite"})
    void rowsInSeveralTablesAreReferredTo(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.guarded(CLINIC, dialect);
                Statement statement = connection.createStatement()) {
            statement.execute("insert into nurses (number, email, grade) values ('n1', 'a@x', 1)");
            statement.execute("insert into surgeons (number, email, field) values ('s1', 'b@x', 'heart')");
            statement.execute("insert into people (number, email) values ('p1', 'c@x')");
            refused(
                    statement,
                    "insert into surgeons (number, email, field) values ('n1', 'd@x', 'x')",
                    "number must be");
            refused(
                    statement,
                    "insert into nurses (number, email, grade) values ('n2', 'b@x', 1)",
                    "email must be unique");
            statement.execute("update nurses set email = 'a2@x' where number = 'n1'");
            statement.execute("insert into memos (id, author_number) values (1, 'n1')");
            statement.execute("insert into memos (id, author_number) values (2, 'p1')");
            statement.execute("insert into shifts (id, lead_number) values (1, 's1')");
            statement.execute("insert into flags (id, place_kind, place_id) values (1, 'Nurse', 'n1')");
            refused(
                    statement,
                    "insert into memos (id, author_number) values (3, 'none')",
                    "must refer to an existing row");
            refused(statement, "delete from surgeons where number = 's1'", "shifts has rows that refer to this row");
            statement.execute("delete from flags");
            statement.execute("delete from nurses where number = 'n1'");
            assertThat(count(statement, "memos")).isOne();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"postgresql", "mariadb", "sqlite"})
    void aRowIsOfOneKind(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.guarded(FLEET, dialect);
                Statement statement = connection.createStatement()) {
            statement.execute("insert into vessels (id, name, kind) values (1, 'Ada', 'Tug')");
            statement.execute("insert into tugs (id, pull) values (1, 40)");
            refused(
                    statement,
                    "insert into ferries (id, seats) values (1, 90)",
                    "must have a row of vessels whose kind is");
            refused(statement, "update vessels set kind = 'Ferry' where id = 1", "must stay Tug");
            assertThatCode(() -> statement.execute("update vessels set name = 'Eve' where id = 1"))
                    .doesNotThrowAnyException();
            statement.execute("insert into nets (id, kind) values (1, 'Net')");
            statement.execute("insert into nets (id, kind) values (2, 'Trawl')");
            refused(
                    statement,
                    "insert into hauls (id, trawl_id) values (1, 1)",
                    "must refer to an existing row of nets");
            refused(
                    statement,
                    "insert into trawl_meshes (net_id, position, mesh) values (1, 0, 5)",
                    "must refer to an existing row of nets");
            statement.execute("insert into trawl_meshes (net_id, position, mesh) values (2, 0, 5)");
            statement.execute("insert into hauls (id, trawl_id) values (1, 2)");
            refused(statement, "update nets set kind = 'Net' where id = 2", "has rows that refer to this row as Trawl");
        }
    }

    @Test
    void theScriptOfMariaDbDelimitsWhatHasSemicolons() {
        Schema schema = Schema.derive(CLINIC, Dialects.MARIADB);
        assertThat(GuardTriggers.script(schema, GuardTriggers.of(CLINIC, schema))
                        .text())
                .startsWith(
                        "delimiter //\n\n-- labels.subject_kind, subject_id must refer to an existing row of wards or"
                                + " beds\ncreate trigger ")
                .contains("\n  end if\n//\n")
                .endsWith("\n//\n\ndelimiter ;\n");
    }

    @Test
    void thereAreNoneWhereConstraintsHoldAll() {
        Design plain = Samples.design(
                "entity Plot",
                "  id serial key",
                "entity Core",
                "  id serial key",
                "each Core must be of one Plot, which may have many Core");
        assertThat(GuardTriggers.of(plain, Schema.derive(plain, Dialects.POSTGRESQL)))
                .isEmpty();
        assertThat(GuardTriggers.script(Schema.derive(CLINIC, Dialects.POSTGRESQL), java.util.List.of())
                        .text())
                .isEmpty();
        assertThat(GuardTriggers.of(CLINIC, Schema.derive(CLINIC, Dialects.H2))).isEmpty();
    }
}
