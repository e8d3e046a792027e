package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Finding;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.findings.Rule;
import jasperwing.formula.Renaming;
import jasperwing.model.Design;
import jasperwing.model.EntityEdits;
import jasperwing.moves.SplitOff;
import jasperwing.notation.Notation;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class IndexesTest {
    private static final Design DESIGN = Samples.design(
            "enum State: open, closed",
            "entity Berth",
            "  id serial key",
            "entity Visit",
            "  id serial key",
            "  boat text(20)",
            "  state State",
            "  arrivedAt timestamp",
            "  leftAt timestamp?",
            "  length decimal(5,1)",
            "  unique (boat) where leftAt is null",
            "  index (arrivedAt, boat)",
            "  index (state) with (length)",
            "  index (length) where state = \"open\" and length > 3",
            "each Visit must be at one Berth as berth, which may have many Visit as visits");

    private static String sql(Dialect dialect) {
        return Schema.derive(DESIGN, dialect).sql();
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void whatIsUniqueAmongSomeRowsIsHeldAmongThemAlone(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.open(dialect);
                Statement statement = connection.createStatement()) {
            statement.executeUpdate(sql(dialect));
            statement.execute("insert into berths (id) values (1)");
            String start =
                    "insert into visits (boat, state, arrived_at, left_at, length, berth_id) values ('Tern', 'open', ";
            statement.execute(start + "'2026-01-01 00:00:00', '2026-01-02 00:00:00', 4, 1)");
            statement.execute(start + "'2026-02-01 00:00:00', '2026-02-02 00:00:00', 4, 1)");
            statement.execute(start + "'2026-03-01 00:00:00', null, 4, 1)");
            assertThatThrownBy(() -> statement.execute(start + "'2026-04-01 00:00:00', null, 4, 1)"))
                    .isInstanceOf(SQLException.class);
            statement.execute(start.replace("Tern", "Skua") + "'2026-04-01 00:00:00', null, 4, 1)");
        }
    }

    @Test
    void eachDatabaseGetsWhatItCan() {
        assertThat(sql(Dialects.POSTGRESQL))
                .contains(
                        "create unique index uq_visits_boat on visits (boat) where left_at is null;",
                        "create index ix_visits_arrived_at_boat on visits (arrived_at, boat);",
                        "create index ix_visits_state on visits (state) include (length);",
                        "create index ix_visits_length on visits (length) where (state = 'open') and (length > 3);");
        assertThat(sql(Dialects.SQLITE))
                .contains(
                        "create unique index uq_visits_boat on visits (boat) where left_at is null;",
                        "create index ix_visits_state_length on visits (state, length);");
        assertThat(sql(Dialects.MARIADB))
                .contains(
                        "boat_where varchar(20) generated always as (case when (left_at is null) then boat end) stored")
                .contains("create index ix_visits_length on visits (length);");
    }

    @Test
    void anIndexOfSomeRowsIsNoneForAReference() {
        DerivedTable visits =
                Schema.derive(DESIGN, Dialects.POSTGRESQL).table("Visit").orElseThrow();
        assertThat(visits.isIndexed(List.of("arrived_at"))).isTrue();
        assertThat(visits.isIndexed(List.of("boat"))).isFalse();
    }

    @Test
    void indexesFollowARenameAndAreReadBack() {
        assertThat(Notation.parse(Notation.print(DESIGN)).value()).isEqualTo(DESIGN);
        Design renamed = Renaming.inFormulas(DESIGN, "Visit", "leftAt", "goneAt");
        renamed = EntityEdits.changeAttribute("Visit", "leftAt", a -> a.withName("goneAt"))
                .on(renamed);
        assertThat(Notation.print(renamed)).contains("  unique (boat) where goneAt is null\n");
        assertThat(Notation.print(EntityEdits.removeAttribute("Visit", "length").on(DESIGN)))
                .contains("  index (state)\n")
                .doesNotContain("index (length)");
    }

    @Test
    void aMoveTakesIndexesWithItOrLeavesNothingBehind() {
        Design split = new SplitOff("Visit", List.of("length", "leftAt"), "Stay", false).on(DESIGN);
        assertThat(split.entity("Visit").orElseThrow().indexes())
                .extracting(i -> i.named())
                .containsExactly(List.of("arrivedAt", "boat"), List.of("state"));
        assertThat(Report.of(split, Dialects.POSTGRESQL).of(Level.ERROR)).isEmpty();
    }

    @Test
    void aConditionThatCannotBeHeldIsAnErrorAndTheIndexLeftOut() {
        Design design = Samples.design(
                "entity Visit",
                "  id serial key",
                "  boat text(20)",
                "  index (boat) where depth > 3",
                "  index (ship)");
        assertThat(Report.of(design, Dialects.POSTGRESQL).of(Level.ERROR))
                .extracting(Finding::rule)
                .contains(Rule.INDEX_CONDITION, Rule.UNKNOWN_NAME);
        assertThat(Schema.derive(design, Dialects.POSTGRESQL).sql()).doesNotContain("create index");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"names text(500)|codes text(500)", "names int list kept as json|codes int list kept as json"})
    void anIndexMariadbRefusesIsAnErrorAndItsFixMendsIt(String attributes) throws SQLException {
        String[] both = attributes.split("\\|");
        Design design = Samples.design(
                "entity Berth", "  id serial key", "  " + both[0], "  " + both[1], "  index (names, codes)");
        List<Finding> errors = Report.of(design, Dialects.MARIADB).of(Level.ERROR);
        assertThat(errors).extracting(Finding::rule).containsExactly(Rule.CANNOT_INDEX);
        assertThat(Report.of(design, Dialects.POSTGRESQL).of(Level.ERROR)).isEmpty();
        Design mended = errors.get(0).fixes().get(0).edit().on(design);
        try (Connection connection = Databases.open(Dialects.MARIADB);
                Statement statement = connection.createStatement()) {
            String refused = Schema.derive(design, Dialects.MARIADB).sql();
            assertThatThrownBy(() -> statement.executeUpdate(refused)).hasMessageContaining("key was too long");
            statement.execute("drop table if exists berths");
            statement.executeUpdate(Schema.derive(mended, Dialects.MARIADB).sql());
        }
    }

    /** MariaDB computes nothing from a column that a delete empties. */
    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void whatADeleteEmptiesIsUniqueAmongSomeRows(Dialect dialect) throws SQLException {
        Design design = Samples.design(
                "entity Berth",
                "  id int key",
                "entity Visit",
                "  id int key",
                "  leftAt date?",
                "  unique (berth) where leftAt is null",
                "each Visit may be at one Berth as berth, which may have many Visit as visits",
                "  deleting Berth empties it");
        try (Connection connection = Databases.loaded(design, dialect);
                Statement statement = connection.createStatement()) {
            statement.execute("insert into berths (id) values (1)");
            statement.execute("insert into visits (id, left_at, berth_id) values (1, '2026-01-01', 1), (2, null, 1)");
            statement.execute("insert into visits (id, left_at, berth_id) values (3, null, null), (4, null, null)");
            assertThatThrownBy(
                            () -> statement.execute("insert into visits (id, left_at, berth_id) values (5, null, 1)"))
                    .isInstanceOf(SQLException.class);
            statement.execute("delete from berths where id = 1");
            try (ResultSet emptied = statement.executeQuery("select count(*) from visits where berth_id is null")) {
                emptied.next();
                assertThat(emptied.getInt(1)).isEqualTo(4);
            }
        }
    }
}
