package jasperwing.derive;

import static jasperwing.derive.SqlRows.refused;
import static jasperwing.derive.SqlRows.taken;
import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Finding;
import jasperwing.findings.Fix;
import jasperwing.findings.Report;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import jasperwing.reading.Narration;
import jasperwing.say.Say;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What becomes of references to a row whose key changes, in the databases themselves. */
class KeyChangesTest {
    private static final Design FLEET = Samples.design(
            "entity Boat",
            "  code    text(8)      key",
            "  colours text(8) list",
            "entity Trip",
            "  id      int          key",
            "  rule \"must not go by the boat x\": boat.code <> \"x\"",
            "entity Port",
            "  country text(2)",
            "  code    text(5)",
            "  key (country, code)",
            "entity Call",
            "  id      int          key",
            "entity Tag",
            "  word    text(20)     key",
            "entity Note",
            "  id      int          key",
            "each Trip may use one Boat as boat",
            "  changing the key of Boat is followed",
            "each Call may be at one Port as port",
            "  changing the key of Port is followed",
            "each Call may show one Tag as tag",
            "  changing the key of Tag empties it",
            "each Trip may carry many Tag as tags, which may mark many Trip as trips",
            "  changing the key of Tag is followed",
            "each Note may name one Boat as boat",
            "each Note must be on one of Boat, Tag as matter",
            "  kept as a kind and an id",
            "  changing the key of Tag is followed");

    private static String one(Statement statement, String sql) throws SQLException {
        try (ResultSet rows = statement.executeQuery(sql)) {
            assertThat(rows.next()).as(sql).isTrue();
            return rows.getString(1);
        }
    }

    /** MariaDB runs no trigger for a row that a foreign key changes, and takes no check on its columns. */
    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void keysAreFollowedEmptiedOrKept(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.guarded(FLEET, dialect);
                Statement statement = connection.createStatement()) {
            taken(
                    statement,
                    "insert into boats (code) values ('otter'), ('named')",
                    "insert into trips (id, boat_code) values (1, 'otter')",
                    "insert into ports (country, code) values ('SE', 'GBG')",
                    "insert into tags (word) values ('late')",
                    "insert into calls (id, port_country, port_code, tag_word) values (1, 'SE', 'GBG', 'late')",
                    "insert into trip_tags (trip_id, tag_word) values (1, 'late')",
                    "insert into notes (id, boat_code, matter_kind, matter_id) values (1, 'named', 'Tag', 'late')",
                    "update boats set code = 'seal' where code = 'otter'",
                    "update ports set country = 'NO', code = 'OSL'",
                    "update tags set word = 'early'");
            assertThat(one(statement, "select boat_code from trips")).isEqualTo("seal");
            assertThat(one(statement, "select port_country from calls")).isEqualTo("NO");
            assertThat(one(statement, "select port_code from calls")).isEqualTo("OSL");
            assertThat(one(statement, "select tag_word from calls")).isNull();
            assertThat(one(statement, "select tag_word from trip_tags")).isEqualTo("early");
            refused(statement, "update boats set code = 'other' where code = 'named'");
            if (GuardTriggers.areIn(dialect)) {
                assertThat(one(statement, "select matter_id from notes")).isEqualTo("early");
            }
            if (dialect != Dialects.MARIADB) {
                refused(statement, "update boats set code = 'x' where code = 'seal'");
            }
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void whatAnEntityKeepsInFurtherTablesFollowsAsWell(Dialect dialect) throws SQLException {
        Design design = Samples.design(
                "entity Boat",
                "  code text(8) key",
                "entity Tug is a kind of Boat",
                "  pull int",
                "  ropes text(8) list",
                "entity Trip",
                "  id int key",
                "value Spot",
                "  x int",
                "  y int",
                "entity Buoy",
                "  name text(8) key",
                "  spots Spot list",
                "each Trip may use one Boat as boat",
                "  changing the key of Boat is followed",
                "each Trip may pass one Buoy as buoy",
                "  changing the key of Buoy is followed");
        try (Connection connection = Databases.loaded(design, dialect);
                Statement statement = connection.createStatement()) {
            taken(
                    statement,
                    "insert into boats (code, kind) values ('otter', 'Tug')",
                    "insert into tugs (code, pull) values ('otter', 3)",
                    "insert into tug_ropes values ('otter', 0, 'long')",
                    "insert into buoys (name) values ('red')",
                    "insert into buoy_spots values ('red', 0, 1, 2)",
                    "insert into trips (id, boat_code, buoy_name) values (1, 'otter', 'red')",
                    "update boats set code = 'seal'",
                    "update buoys set name = 'green'");
            assertThat(one(statement, "select code from tugs")).isEqualTo("seal");
            assertThat(one(statement, "select tug_code from tug_ropes")).isEqualTo("seal");
            assertThat(one(statement, "select buoy_name from buoy_spots")).isEqualTo("green");
            assertThat(one(statement, "select boat_code from trips")).isEqualTo("seal");
        }
    }

    @Test
    void itIsReadPrintedAndSaidInWords() {
        assertThat(Notation.parse(Notation.print(FLEET)).value()).isEqualTo(FLEET);
        assertThat(Notation.print(FLEET))
                .contains("  changing the key of Boat is followed\n", "  changing the key of Tag empties it\n");
        assertThat(Narration.whole(FLEET).toString())
                .contains("Changing the key of a Boat is followed by what refers to it.");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "when the key of a boat changes, its trips follow",
                "trips follow the key of their boat",
                "if the key of a boat changes, the trips are changed too"
            })
    void sayUnderstandsIt(String said) {
        Design design = Samples.design(
                "entity Boat",
                "  code text(8) key",
                "entity Trip",
                "  id int key",
                "each Trip may use one Boat as boat");
        assertThat(Say.understand(design, said).sentences()).containsExactly("changing the key of Boat is followed");
    }

    private static List<Finding> findings(Design design, Dialect dialect, String rule) {
        return Report.of(design, dialect).findings().stream()
                .filter(f -> f.rule().code().equals(rule))
                .toList();
    }

    @Test
    void aKeyThatPeopleChangeIsToldUntilItIsSaidWhatFollows() {
        Design design = Samples.design(
                "entity Member",
                "  email text(80) key",
                "  name text(80)",
                "entity Loan",
                "  id int key",
                "each Loan must be taken by one Member as member");
        Finding told = findings(design, Dialects.POSTGRESQL, "unstable-key").get(0);
        assertThat(told.fixes())
                .extracting(Fix::title)
                .containsExactly("Add id serial key, and keep this unique", "Let what refers to it follow its key");
        Design mended = told.fixes().get(1).edit().on(design);
        assertThat(Notation.print(mended)).contains("changing the key of Member is followed");
        assertThat(findings(mended, Dialects.POSTGRESQL, "unstable-key")).isEmpty();
    }

    @Test
    void aRequiredReferenceIsNotEmptied() {
        Design design = Samples.design(
                "entity Boat",
                "  code text(8) key",
                "entity Trip",
                "  id int key",
                "each Trip must use one Boat as boat",
                "  changing the key of Boat empties it");
        Finding told = findings(design, Dialects.POSTGRESQL, "empty-on-must").get(0);
        assertThat(told.message()).isEqualTo("Changing the key of Boat empties Trip's boat, which must be filled.");
        assertThat(told.fixes())
                .extracting(Fix::title)
                .containsExactly("Let it follow the key of Boat", "Let Trip be without one");
    }

    @Test
    void whereADatabaseFollowsInOneWayOnlyTheOtherIsRefused() {
        Design design = Samples.design(
                "entity Boat",
                "  code text(8) key",
                "entity Trip",
                "  id int key",
                "each Trip may use one Boat as boat",
                "  changing the key of Boat is followed",
                "each Trip may tow one Boat as towed",
                "  changing the key of Boat is followed");
        assertThat(findings(design, Dialects.SQL_SERVER, "delete-rule-replaced"))
                .hasSize(1)
                .allSatisfy(
                        f -> assertThat(f.message()).contains("cannot change rows of trips when the key of their row"));
        assertThat(Schema.derive(design, Dialects.SQL_SERVER).sql()).containsOnlyOnce("on update cascade");
    }
}
