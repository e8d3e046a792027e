package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.catalog.CatalogTest;
import jasperwing.classes.OurTargets;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Report;
import jasperwing.findings.Rule;
import jasperwing.model.Design;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Spans of rows that must not overlap: by a constraint, or by triggers. */
class ApartRowsTest {
    private static Design rooms(String type, String held) {
        return Samples.design(
                "entity Room",
                "  wing text(4)",
                "  number int",
                "  key (wing, number)",
                "entity Booking",
                "  id int key",
                "  begins " + type,
                "  ends " + type + "?",
                "  rule \"must not overlap another of its room\" named \"one_at_a_time\": apart(begins, ends, room)"
                        + held,
                "each Booking may be of one Room as room, which may have many Booking as bookings");
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void daysAreKeptApart(Dialect dialect) throws SQLException {
        kept(rooms("date", ""), dialect, "'2026-03-0%d'");
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void triggersKeepThemApartAlike(Dialect dialect) throws SQLException {
        kept(rooms("date", ", held by triggers"), dialect, "'2026-03-0%d'");
        kept(rooms("time", ""), dialect, "'0%d:00:00'");
        kept(rooms("local timestamp", ", held by triggers"), dialect, "'2026-03-0%d 10:00:00'");
    }

    @ParameterizedTest
    @CsvSource({"int", "big int", "'decimal(8,2)'"})
    void numbersAreKeptApart(String type) throws SQLException {
        kept(rooms(type, ""), Dialects.POSTGRESQL, "%d");
        kept(rooms(type, ""), Dialects.SQLITE, "%d");
    }

    @ParameterizedTest
    @CsvSource({"timestamp", "local timestamp"})
    void momentsAreKeptApart(String type) throws SQLException {
        kept(rooms(type, ""), Dialects.POSTGRESQL, "'2026-03-0%d 10:00:00'");
    }

    private static void kept(Design design, Dialect dialect, String moment) throws SQLException {
        boolean guarded = dialect.excludesOverlaps() || GuardTriggers.areIn(dialect);
        try (Connection connection = Databases.guarded(design, dialect);
                Statement statement = connection.createStatement()) {
            CatalogTest.agrees(connection, design, dialect);
            SqlRows.taken(
                    statement,
                    "insert into rooms (wing, number) values ('a', 1), ('a', 2)",
                    booking(1, "'a', 1", moment, "2", "4"),
                    booking(2, "'a', 1", moment, "4", "5"),
                    booking(3, "'a', 2", moment, "3", "5"),
                    booking(4, "null, null", moment, "2", "5"),
                    booking(5, "null, null", moment, "2", "5"),
                    booking(6, "'a', 2", moment, "5", "null"));
            if (!guarded) {
                return;
            }
            SqlRows.refused(statement, booking(7, "'a', 1", moment, "3", "4"));
            SqlRows.refused(statement, booking(7, "'a', 1", moment, "1", "null"));
            SqlRows.refused(statement, booking(7, "'a', 2", moment, "8", "9"));
            SqlRows.taken(
                    statement,
                    booking(7, "'a', 1", moment, "3", "3"),
                    booking(8, "'a', 2", moment, "1", "3"),
                    "update bookings set ends = " + String.format(moment, 3) + " where id = 1");
            SqlRows.refused(statement, "update bookings set room_number = 2 where id = 2");
            SqlRows.refused(statement, "update bookings set ends = null where id = 1");
            SqlRows.taken(statement, "update bookings set room_number = 2 where id = 7");
        }
    }

    private static String booking(int id, String room, String moment, String begins, String ends) {
        return "insert into bookings (id, room_wing, room_number, begins, ends) values (" + id + ", " + room + ", "
                + at(moment, begins) + ", " + at(moment, ends) + ")";
    }

    private static String at(String moment, String when) {
        return when.equals("null") ? when : String.format(moment, Integer.valueOf(when));
    }

    @Test
    void thePartsOfAKeyAreTheSame() {
        assertThat(Schema.derive(rooms("date", ""), Dialects.POSTGRESQL).sql())
                .contains("create extension if not exists btree_gist;")
                .contains("constraint one_at_a_time exclude using gist (room_wing with =, room_number with =,"
                        + " daterange(begins, ends) with &&)");
    }

    @Test
    void noClassSaysItAndAWarningTellsWhereNothingHoldsIt() {
        Design design = rooms("date", "");
        assertThat(OurTargets.JAKARTA.files(design)).noneMatch(f -> f.text().contains("overlap"));
        assertThat(warned(design, Dialects.POSTGRESQL)).isFalse();
        assertThat(warned(design, Dialects.MARIADB)).isTrue();
        assertThat(warned(rooms("date", ", held by triggers"), Dialects.MARIADB))
                .isFalse();
        assertThat(warned(rooms("date", ", held by classes"), Dialects.POSTGRESQL))
                .isTrue();
        assertThat(warned(rooms("time", ""), Dialects.POSTGRESQL)).isTrue();
    }

    private static boolean warned(Design design, Dialect dialect) {
        return Report.of(design, dialect).findings().stream().anyMatch(f -> f.rule() == Rule.RULE_NOT_CHECKED);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "apart(begins); gives too little to apart",
                "apart(begins, id); gives begins (a day) and id (a whole number) to apart",
                "apart(begins, ends, site); names site",
                "not apart(begins, ends); says apart beside something else",
                "apart(begins, ends, long); all of them in the row",
                "apart(begins, ends, bookings); names bookings"
            })
    void whatIsNoSpanIsTold(String condition, String told) {
        Design design = Samples.design(
                "entity Booking",
                "  id int key",
                "  begins date",
                "  ends date",
                "  long boolean = days_between(begins, ends) > 9",
                "  rule \"must be apart\": " + condition);
        assertThat(Report.of(design, Dialects.POSTGRESQL).findings())
                .filteredOn(f -> f.rule() == Rule.RULE_CONDITION)
                .singleElement()
                .satisfies(f -> assertThat(f.message()).contains(told));
    }
}
