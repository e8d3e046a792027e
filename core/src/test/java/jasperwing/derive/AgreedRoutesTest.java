package jasperwing.derive;

import static jasperwing.derive.SqlRows.refused;
import static jasperwing.derive.SqlRows.taken;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Finding;
import jasperwing.findings.Fix;
import jasperwing.findings.Report;
import jasperwing.model.Design;
import jasperwing.model.EntityEdits;
import jasperwing.model.RuleKept;
import jasperwing.notation.Notation;
import jasperwing.physical.ForeignKey;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Two routes that lead to the same row: held by a foreign key of several columns, or by triggers, in the databases themselves. */
class AgreedRoutesTest {
    private static final String RULE = "  rule \"must have the harbour of its berth\": berth.harbour is harbour";

    private static Design marina(String... rules) {
        return Samples.design(Stream.of(
                        Stream.of(
                                "entity Harbour",
                                "  id int key",
                                "entity Berth",
                                "  id int key",
                                "entity Mooring",
                                "  id int key"),
                        Stream.of(rules),
                        Stream.of(
                                "each Berth must belong to one Harbour as harbour",
                                "each Mooring must lie in one Harbour as harbour",
                                "each Mooring may lie at one Berth as berth"))
                .flatMap(s -> s)
                .toArray(String[]::new));
    }

    private static List<ForeignKey> keys(Design design, String entity) {
        return Schema.derive(design, Dialects.POSTGRESQL)
                .table(entity)
                .orElseThrow()
                .table()
                .foreignKeys();
    }

    @Test
    void aReferenceSharesTheColumnOfAnother() {
        Schema schema = Schema.derive(marina(RULE), Dialects.POSTGRESQL);
        DerivedTable moorings = schema.table("Mooring").orElseThrow();
        assertThat(moorings.table().foreignKeys())
                .extracting(ForeignKey::name, ForeignKey::columns, ForeignKey::targetColumns)
                .containsExactly(
                        tuple("fk_moorings_harbour", List.of("harbour_id"), List.of("id")),
                        tuple("fk_moorings_berth", List.of("berth_id", "harbour_id"), List.of("id", "harbour_id")));
        assertThat(moorings.indexes())
                .extracting(i -> i.columns())
                .containsExactly(List.of("harbour_id"), List.of("berth_id", "harbour_id"));
        assertThat(schema.table("Berth").orElseThrow().table().uniques())
                .extracting(u -> u.columns())
                .containsExactly(List.of("id", "harbour_id"));
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void aKeyRefusesRowsWhoseRoutesDisagree(Dialect dialect) throws SQLException {
        moorings(Databases.loaded(marina(RULE), dialect));
    }

    @ParameterizedTest
    @ValueSource(strings = {"postgresql", "mariadb", "sqlite"})
    void triggersRefuseThem(Dialect dialect) throws SQLException {
        Design design = marina(RULE + ", held by triggers");
        assertThat(keys(design, "Mooring")).allMatch(k -> k.columns().size() == 1);
        moorings(Databases.guarded(design, dialect));
    }

    private static void moorings(Connection opened) throws SQLException {
        try (Connection connection = opened;
                Statement statement = connection.createStatement()) {
            taken(
                    statement,
                    "insert into harbours values (1), (2)",
                    "insert into berths (id, harbour_id) values (11, 1), (12, 1), (21, 2)",
                    "insert into moorings (id, harbour_id, berth_id) values (1, 1, 11)",
                    "insert into moorings (id, harbour_id, berth_id) values (2, 2, null)");
            refused(statement, "insert into moorings (id, harbour_id, berth_id) values (3, 2, 11)");
            refused(statement, "update moorings set harbour_id = 2 where id = 1");
            refused(statement, "update moorings set berth_id = 21 where id = 1");
            refused(statement, "update berths set harbour_id = 2 where id = 11");
            refused(statement, "delete from berths where id = 11");
            taken(
                    statement,
                    "update berths set harbour_id = 2 where id = 12",
                    "update moorings set harbour_id = 2, berth_id = 12 where id = 1",
                    "delete from berths where id = 11");
        }
    }

    @Test
    void whereARowMayBeWithoutWhatIsSharedTheReferenceKeepsItsOwnKey() {
        Design design = Samples.design(
                "entity Post",
                "  id int key",
                "entity Note",
                "  id int key",
                "  rule \"must answer a note on its post\": parent.post is post",
                "entity Board",
                "  id int key",
                "  rule \"must show a note on its post\": note.post is post",
                "each Note must be on one Post as post",
                "each Note may answer one Note as parent",
                "  deleting Note deletes Note too",
                "each Board may be of one Post as post",
                "each Board must show one Note as note");
        assertThat(keys(design, "Note"))
                .extracting(ForeignKey::columns)
                .containsExactly(List.of("post_id"), List.of("parent_id", "post_id"));
        assertThat(keys(design, "Board"))
                .extracting(ForeignKey::name, ForeignKey::columns)
                .containsExactly(
                        tuple("fk_boards_post", List.of("post_id")),
                        tuple("fk_boards_note", List.of("note_id")),
                        tuple("fk_boards_note_id_post_id", List.of("note_id", "post_id")));
    }

    @Test
    void noKeyHoldsWhatADeleteEmptiesOrWhatLiesTooFar() {
        Design emptied = Samples.design(
                "entity Harbour",
                "  id int key",
                "entity Berth",
                "  id int key",
                "entity Mooring",
                "  id int key",
                RULE,
                "each Berth must belong to one Harbour as harbour",
                "each Mooring must lie in one Harbour as harbour",
                "each Mooring may lie at one Berth as berth",
                "  deleting Berth empties it");
        assertThat(keys(emptied, "Mooring")).allMatch(k -> k.columns().size() == 1);
        Design unsure = Samples.design(
                "entity Harbour",
                "  id int key",
                "entity Berth",
                "  id int key",
                "entity Mooring",
                "  id int key",
                RULE,
                "each Berth may belong to one Harbour as harbour",
                "each Mooring must lie in one Harbour as harbour",
                "each Mooring may lie at one Berth as berth");
        assertThat(keys(unsure, "Mooring")).allMatch(k -> k.columns().size() == 1);
        for (Design design : List.of(emptied, unsure)) {
            List<Finding> told = findings(design, "rule-not-checked");
            assertThat(told).hasSize(1);
            assertThat(told.get(0).fixes()).extracting(Fix::title).containsExactly("Hold it by triggers");
            assertThat(findings(told.get(0).fixes().get(0).edit().on(design), "rule-not-checked"))
                    .isEmpty();
        }
    }

    @Test
    void noTriggersFollowTheTablesOfKinds() {
        Design design = Samples.design(
                "entity Boat",
                "  id int key",
                "  length int",
                "  rule \"must be long\": length > 3, held by triggers",
                "entity Tug is a kind of Boat",
                "  pull int");
        assertThat(findings(design, "rule-not-checked")).singleElement().satisfies(f -> assertThat(f.message())
                .contains("is to be held by triggers, and reads what no trigger follows")
                .endsWith("the tables of kinds."));
        assertThat(GuardTriggers.asked(design, Schema.derive(design, Dialects.POSTGRESQL)))
                .isEmpty();
    }

    private static List<Finding> findings(Design design, String rule) {
        return Report.of(design, Dialects.POSTGRESQL).findings().stream()
                .filter(f -> f.rule().code().equals(rule))
                .toList();
    }

    @Test
    void theFindingOffersEachWayAndIsContentWithAny() {
        Finding found = findings(marina(), "routes-disagree").get(0);
        assertThat(found.fixes())
                .extracting(Fix::title)
                .containsExactly("Hold them together by a foreign key", "Hold them together by triggers");
        assertThat(found.fixes().get(0).edit().on(marina())).isEqualTo(marina(RULE));
        assertThat(found.fixes().get(1).edit().on(marina())).isEqualTo(marina(RULE + ", held by triggers"));
        for (RuleKept kept : RuleKept.values()) {
            Design stated = EntityEdits.change(
                            "Mooring",
                            e -> e.withRules(e.rules().stream()
                                    .map(r -> r.withKept(kept))
                                    .toList()))
                    .on(marina(RULE));
            assertThat(findings(stated, "routes-disagree")).isEmpty();
            assertThat(findings(stated, "rule-not-checked")).isEmpty();
            assertThat(Notation.parse(Notation.print(stated)).value()).isEqualTo(stated);
        }
    }

    private static Design faculty(String keyOfEnrolment) {
        return Samples.design(
                "entity Student",
                "  id int key",
                "entity Course",
                "  id int key",
                "entity Enrolment",
                "  " + keyOfEnrolment,
                "  since int",
                "entity Exam",
                "  id int key",
                "entity ExamEntry",
                "  id int key",
                "each Student may enrol in many Course as courses via Enrolment",
                "each Exam must be of one Course as course",
                "each ExamEntry must be for one Exam as exam",
                "each ExamEntry must be of one Student as student");
    }

    /** The student of an exam entry must be enrolled in the course of its exam. */
    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void anExamEntryIsOfAnEnrolmentInTheCourseOfItsExam(Dialect dialect) throws SQLException {
        Design drawn = faculty("");
        Finding found = findings(drawn, "no-membership").get(0);
        Design mended = found.fixes().get(0).edit().on(drawn);
        assertThat(Report.of(mended, dialect).findings())
                .extracting(f -> f.rule().code())
                .doesNotContain("routes-disagree", "no-membership", "rule-not-checked");
        try (Connection connection = Databases.loaded(mended, dialect);
                Statement statement = connection.createStatement()) {
            taken(
                    statement,
                    "insert into students values (1), (2)",
                    "insert into courses values (1), (2)",
                    "insert into exams (id, course_id) values (10, 1), (20, 2)",
                    "insert into enrolments (student_id, course_id, since) values (1, 1, 3), (2, 2, 3)",
                    entry(1, 10, "enrolment_student_id, enrolment_course_id", "1, 1"));
            refused(statement, entry(2, 20, "enrolment_student_id, enrolment_course_id", "1, 1"));
            refused(statement, entry(3, 20, "enrolment_student_id, enrolment_course_id", "1, 2"));
            refused(statement, "update exams set course_id = 2 where id = 10");
            refused(statement, "delete from enrolments where student_id = 1");
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void anEnrolmentWithAKeyOfItsOwnAgreesByTheCourse(Dialect dialect) throws SQLException {
        Design drawn = faculty("id int key");
        List<Fix> fixes = findings(drawn, "no-membership").get(0).fixes();
        assertThat(fixes)
                .extracting(Fix::title)
                .containsExactly(
                        "Refer to Enrolment instead of student, and to Course",
                        "Refer to Enrolment instead of student");
        Design mended = fixes.get(0).edit().on(drawn);
        assertThat(findings(mended, "routes-disagree")).isEmpty();
        assertThat(findings(mended, "rule-not-checked")).isEmpty();
        try (Connection connection = Databases.loaded(mended, dialect);
                Statement statement = connection.createStatement()) {
            taken(
                    statement,
                    "insert into students values (1), (2)",
                    "insert into courses values (1), (2)",
                    "insert into exams (id, course_id) values (10, 1), (20, 2)",
                    "insert into enrolments (id, student_id, course_id, since) values (5, 1, 1, 3), (6, 2, 2, 3)",
                    entry(1, 10, "enrolment_id, course_id", "5, 1"));
            refused(statement, entry(2, 20, "enrolment_id, course_id", "5, 1"));
            refused(statement, entry(3, 20, "enrolment_id, course_id", "5, 2"));
            refused(statement, entry(4, 10, "enrolment_id, course_id", "6, 2"));
            taken(statement, entry(5, 20, "enrolment_id, course_id", "6, 2"));
        }
    }

    private static String entry(int id, int exam, String columns, String values) {
        return "insert into exam_entries (id, exam_id, " + columns + ") values (" + id + ", " + exam + ", " + values
                + ")";
    }

    @ParameterizedTest
    @ValueSource(strings = {"postgresql", "mariadb", "sqlite"})
    void triggersFollowRoutesOfAnyLengthAndRulesThatReadOtherRows(Dialect dialect) throws SQLException {
        Design design = Samples.design(
                "entity Cruise",
                "  id int key",
                "entity Station",
                "  id int key",
                "  depth int",
                "  state text(9)",
                "entity Sample",
                "  id int key",
                "entity Split",
                "  id int key",
                "  depth int?",
                "  rule \"must be of the cruise of its sample\": sample.station.cruise is cruise, held by triggers",
                "  rule \"must lie above the ground\": depth <= sample.station.depth or sample.station.state = \"off\"",
                "each Station must be of one Cruise as cruise",
                "each Sample must be taken at one Station as station",
                "each Split must be of one Sample as sample",
                "each Split must belong to one Cruise as cruise");
        assertThat(GuardTriggers.asked(design, Schema.derive(design, dialect)))
                .as("those the design asks for")
                .isNotEmpty()
                .allMatch(t -> t.name().contains("of_the_cruise"));
        try (Connection connection = Databases.guarded(design, dialect);
                Statement statement = connection.createStatement()) {
            taken(
                    statement,
                    "insert into cruises values (1), (2)",
                    "insert into stations (id, cruise_id, depth, state) values (1, 1, 30, 'on'), (2, 2, 9, 'on')",
                    "insert into samples (id, station_id) values (1, 1), (2, 2)",
                    "insert into splits (id, sample_id, cruise_id, depth) values (1, 1, 1, 20), (2, 2, 2, null)");
            refused(statement, "insert into splits (id, sample_id, cruise_id) values (3, 1, 2)");
            refused(statement, "insert into splits (id, sample_id, cruise_id, depth) values (3, 1, 1, 31)");
            refused(statement, "update splits set cruise_id = 2 where id = 1");
            refused(statement, "update samples set station_id = 2 where id = 1");
            refused(statement, "update stations set cruise_id = 2 where id = 1");
            refused(statement, "update stations set depth = 19 where id = 1");
            taken(
                    statement,
                    "update stations set depth = 20 where id = 1",
                    "update stations set depth = 5, state = 'off' where id = 1",
                    "update stations set depth = 1 where id = 2");
        }
    }
}
