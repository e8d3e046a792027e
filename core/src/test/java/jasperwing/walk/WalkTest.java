package jasperwing.walk;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.SortingDesign;
import jasperwing.derive.Databases;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.naming.Step;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class WalkTest {
    private static final Design DEMO = Samples.demo();

    private static final Design DIVES = Samples.design(
            "entity Dive",
            "  id int key",
            "entity Photo",
            "  id int key",
            "entity Tag",
            "  id int key",
            "entity Diver",
            "  id int key",
            "entity Duty",
            "  hours int?",
            "entity Remark",
            "  id int key",
            "entity Stamp",
            "  id int key",
            "each Photo must be of one Dive as dive, which may have many Photo as photos",
            "each Photo may carry many Tag as tags, which may mark many Photo as photos",
            "each Dive may have many Diver as crew via Duty, which may join many Dive as dives",
            "each Remark must be about one of Dive, Photo as about, which may have many Remark as remarks",
            "each Stamp may be on one of Dive, Tag as thing, which may have one Stamp as stamp",
            "  kept as a kind and an id");

    @Test
    void eachStepTellsHowManyItLeadsTo() {
        Walk walk = Walk.of(DEMO, "Dive", "specimens.keywords");
        assertThat(walk.problem()).isEmpty();
        assertThat(walk.steps()).extracting(Step::to).containsExactly("Specimen", "Keyword");
        assertThat(walk.steps()).extracting(Step::count).containsExactly("0..*", "0..8");
        assertThat(Walk.of(DEMO, "Specimen", "dive.expedition").count()).isEqualTo("1");
        assertThat(Walk.of(DEMO, "Specimen", "sequence").count()).isEqualTo("0..1");
        assertThat(Walk.of(DEMO, "Dive", " ").end()).isEqualTo("Dive");
    }

    @Test
    void whatCannotBeFollowedIsSaidWithWhatCould() {
        Walk walk = Walk.of(DEMO, "Specimen", "dive.crews.name");
        assertThat(walk.steps()).extracting(Step::name).containsExactly("dive");
        assertThat(walk.problem()).startsWith("Dive has no role crews; its roles are expedition, site, crew");
        assertThat(Walk.of(DEMO, "Nothing", "x").problem()).isEqualTo("Nothing has no role x, and none at all.");
    }

    @Test
    void aPathIsCompletedNameByName() {
        assertThat(Walk.completions(DEMO, "Dive", "spe")).containsExactly("specimens");
        assertThat(Walk.completions(DEMO, "Dive", "specimens.k")).containsExactly("specimens.keywords");
        assertThat(Walk.completions(DEMO, "Note", "sub"))
                .containsExactly("subject[Dive]", "subject[Specimen]", "subject[Instrument]");
        assertThat(Walk.completions(DEMO, "Dive", "nowhere.k")).isEmpty();
    }

    @Test
    void pathsAgreeThatDifferByGoingToAndFroAlone() {
        Walk straight = Walk.of(DEMO, "Dive", "expedition");
        assertThat(Walk.of(DEMO, "Dive", "specimens.dive.expedition").mustAgree(straight))
                .isTrue();
        assertThat(Walk.of(DEMO, "Specimen", "sequence.specimen.dive").mustAgree(Walk.of(DEMO, "Specimen", "dive")))
                .isTrue();
        assertThat(Walk.of(DEMO, "SequenceRecord", "specimen.sequence").mustAgree(Walk.of(DEMO, "SequenceRecord", "")))
                .isTrue();
        assertThat(Walk.of(DEMO, "Dive", "site.dives.expedition").mustAgree(straight))
                .isFalse();
        assertThat(Walk.of(DEMO, "Dive", "instruments.dives").mustAgree(Walk.of(DEMO, "Dive", "")))
                .isFalse();
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void whatOnlyOneOfTwoPathsReachesIsRead(Dialect dialect) throws SQLException {
        Walk around = Walk.of(DEMO, "Dive", "site.dives.expedition");
        Walk straight = Walk.of(DEMO, "Dive", "expedition");
        String sql = around.sqlBesides(straight, Schema.derive(DEMO, dialect));
        try (Connection connection = Databases.loaded(DEMO, dialect);
                Statement statement = connection.createStatement()) {
            statement.executeUpdate("insert into expeditions (code, title, starts_on, state) values "
                    + "('SP-1', 'First', '2026-01-01', 'planned'), ('SP-2', 'Second', '2026-02-01', 'planned')");
            statement.executeUpdate("insert into sites (name, position_latitude, position_longitude, tidal) values "
                    + "('Creek', 54, 8, true)");
            for (int i = 1; i <= 2; i++) {
                statement.executeUpdate("insert into dives (expedition_id, site_id, number, started_at, max_depth)"
                        + " values (" + i + ", 1, " + i + ", '2026-03-01 10:00:00', 5)");
            }
            try (var rows = statement.executeQuery(sql.replace("?", "1"))) {
                assertThat(rows.next()).isTrue();
                assertThat(rows.getLong(1)).isEqualTo(2);
                assertThat(rows.next()).isFalse();
            }
        }
    }

    @Test
    void otherWaysBetweenTheSameTwoAreFound() {
        Walk walk = Walk.of(DEMO, "Note", "subject[Dive]");
        assertThat(walk.otherWays(DEMO)).extracting(Walk::path).contains("subject[Specimen].dive");
        assertThat(Walk.of(DEMO, "Dive", "specimens.keywords").otherWays(DEMO))
                .extracting(Walk::path)
                .doesNotContain("specimens.keywords")
                .allMatch(p -> Walk.of(DEMO, "Dive", p).end().equals("Keyword"));
    }

    @Test
    void theJoinsFollowTheKeys() {
        Schema schema = Schema.derive(DIVES, Dialects.POSTGRESQL);
        assertThat(Walk.of(DIVES, "Dive", "photos.tags").sql(DIVES, schema))
                .isEqualTo(
                        """
                        select distinct tags.*
                        from dives dive
                        join photos on photos.dive_id = dive.id
                        join photo_tags on photo_tags.photo_id = photos.id
                        join tags on photo_tags.tag_id = tags.id
                        where dive.id = ?
                        """);
        assertThat(Walk.of(DIVES, "Stamp", "thing[Dive]").sql(DIVES, schema))
                .contains("join dives thing_dive on stamp.thing_kind = 'Dive' and stamp.thing_id = thing_dive.id");
        assertThat(Walk.of(DEMO, "Researcher", "account").sql(DEMO, Schema.derive(DEMO, Dialects.POSTGRESQL)))
                .as("an account lives outside")
                .isEmpty();
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void theSqlFindsTheRowsThatArePointedTo(Dialect dialect) throws SQLException {
        Schema schema = Schema.derive(DIVES, dialect);
        try (Connection connection = Databases.open(dialect)) {
            run(connection, schema.sql());
            run(connection, "insert into dives (id) values (1), (2)");
            run(connection, "insert into photos (id, dive_id) values (10, 1), (11, 1), (12, 2)");
            run(connection, "insert into tags (id) values (20), (21), (22)");
            run(connection, "insert into photo_tags (photo_id, tag_id) values (10, 20), (11, 20), (11, 21), (12, 22)");
            run(connection, "insert into divers (id) values (30), (31)");
            run(connection, "insert into duties (dive_id, diver_id) values (1, 30), (2, 30), (2, 31)");
            run(connection, "insert into remarks (id, about_photo_id) values (40, 10)");
            run(connection, "insert into stamps (id, thing_kind, thing_id) values (50, 'Tag', 20)");
            assertThat(ids(connection, schema, "Dive", "photos.tags", 1)).containsExactly(20, 21);
            assertThat(ids(connection, schema, "Tag", "photos.dive", 20)).containsExactly(1);
            assertThat(ids(connection, schema, "Dive", "crew.dives", 1)).containsExactly(1, 2);
            assertThat(ids(connection, schema, "Remark", "about[Photo].dive.crew", 40))
                    .containsExactly(30);
            assertThat(ids(connection, schema, "Photo", "remarks", 10)).containsExactly(40);
            assertThat(ids(connection, schema, "Stamp", "thing[Tag].photos", 50))
                    .containsExactly(10, 11);
            assertThat(ids(connection, schema, "Tag", "stamp", 20)).containsExactly(50);
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void rowsComeInTheOrderAskedFor(Dialect dialect) throws SQLException {
        Design choir = SortingDesign.CHOIR;
        Schema schema = Schema.derive(choir, dialect);
        try (Connection connection = Databases.open(dialect)) {
            run(connection, schema.sql());
            run(connection, "insert into choirs (id) values (1)");
            run(connection, "insert into tours (id) values (1)");
            run(connection, "insert into people (id, family_name, kind) values (2, 'Berg', 'Singer')");
            run(connection, "insert into people (id, family_name, kind) values (3, 'Berg', 'Singer')");
            run(connection, "insert into people (id, family_name, kind) values (4, 'Abel', 'Singer')");
            run(
                    connection,
                    "insert into singers (id, choir_id, joined, home_town) values (2, 1, '2001-01-01', 'Ulm'), (3, 1, '2002-01-01', 'Bonn'), (4, 1, '2000-01-01', 'Ulm')");
            run(connection, "insert into tour_singers (tour_id, singer_id) values (1, 2), (1, 3), (1, 4)");
            run(connection, "insert into concerts (id) values (1), (2)");
            run(connection, "insert into songs (id, title) values (1, 'a'), (2, 'b'), (3, 'c')");
            run(
                    connection,
                    "insert into slots (concert_id, song_id, place, encore) values (1, 1, 3, false), (1, 2, 1, true), (1, 3, 2, true), (2, 1, 1, true)");
            assertThat(ordered(connection, choir, schema, "Choir", "singers")).containsExactly(4, 3, 2);
            assertThat(ordered(connection, choir, schema, "Tour", "singers")).containsExactly(4, 2, 3);
            assertThat(ordered(connection, choir, schema, "Concert", "songs")).containsExactly(2, 3, 1);
            assertThat(ordered(connection, choir, schema, "Song", "concerts")).containsExactly(1, 2);
        }
    }

    private static List<Integer> ordered(Connection connection, Design design, Schema schema, String start, String path)
            throws SQLException {
        List<Integer> ids = new ArrayList<>();
        String sql = Walk.of(design, start, path).sql(design, schema).replace("?", "1");
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(sql)) {
            while (rows.next()) {
                ids.add(rows.getInt("id"));
            }
        }
        return ids;
    }

    private static void run(Connection connection, String sql) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.executeUpdate(sql);
        }
    }

    private static List<Integer> ids(Connection connection, Schema schema, String start, String path, int id)
            throws SQLException {
        Walk walk = Walk.of(DIVES, start, path);
        assertThat(walk.problem()).isEmpty();
        List<Integer> ids = new ArrayList<>();
        try (PreparedStatement statement = connection.prepareStatement(walk.sql(DIVES, schema))) {
            statement.setInt(1, id);
            try (ResultSet rows = statement.executeQuery()) {
                while (rows.next()) {
                    ids.add(rows.getInt("id"));
                }
            }
        }
        return ids.stream().sorted().toList();
    }

    /** Every path of up to three steps through the demo is understood by the database. */
    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void everyPathOfTheDemoCanBeRun(Dialect dialect) throws SQLException {
        Schema schema = Schema.derive(DEMO, dialect);
        int tried = 0;
        try (Connection connection = Databases.open(dialect)) {
            run(connection, schema.sql());
            for (String[] path : paths(3)) {
                String sql = Walk.of(DEMO, path[0], path[1]).sql(DEMO, schema);
                if (!sql.isEmpty()) {
                    try (PreparedStatement statement = connection.prepareStatement(sql.replace("?", "null"));
                            ResultSet rows = statement.executeQuery()) {
                        assertThat(rows.next()).isFalse();
                        tried++;
                    }
                }
            }
        }
        assertThat(tried).isGreaterThan(100);
    }

    private static List<String[]> paths(int most) {
        List<String[]> all = new ArrayList<>();
        for (Entity entity : DEMO.entities()) {
            List<String> last = List.of("");
            for (int i = 0; i < most; i++) {
                List<String> longer = new ArrayList<>();
                last.forEach(p -> longer.addAll(Walk.completions(DEMO, entity.name(), p.isEmpty() ? "" : p + ".")));
                longer.forEach(p -> all.add(new String[] {entity.name(), p}));
                last = longer;
            }
        }
        return all;
    }
}
