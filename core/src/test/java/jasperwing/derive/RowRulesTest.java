package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import jasperwing.physical.Check;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class RowRulesTest {
    private static final Design DESIGN = Samples.rules();

    private static Stream<Dialect> databases() {
        return Databases.running().stream();
    }

    private static List<String> checks(Design design, String table) {
        return Schema.derive(design, Dialects.POSTGRESQL).named(table).orElseThrow().table().checks().stream()
                .filter(c -> c.name().matches(".*_(must|be)_.*"))
                .map(RowRulesTest::text)
                .toList();
    }

    private static String text(Check check) {
        return check.name() + ": " + check.condition();
    }

    @Test
    void aRuleIsACheckWithTheNameOfWhatItSays() {
        assertThat(checks(DESIGN, "firings"))
                .containsExactly(
                        "ck_firings_must_end_after_it_starts: (ended_at is null) or (ended_at > started_at)",
                        "ck_firings_must_be_sold_after_it_is_made: sold_on >= made_on",
                        "ck_firings_heat_must_rise: heat_least <= heat_most",
                        "ck_firings_reheat_must_rise: ((reheat_least is null) and (reheat_most is null))"
                                + " or (reheat_least <= reheat_most)");
        assertThat(checks(DESIGN, "firing_stages")).containsExactly("ck_firing_stages_must_rise: least <= most");
    }

    @Test
    void aRuleOfAKindHoldsOfItsRowsAlone() {
        assertThat(checks(DESIGN, "pots"))
                .containsExactly("ck_pots_must_be_glazed_to_hold_more_than_1: kind not in ('Jug') or "
                        + "(holds <= 1) or (glaze is not null)");
        Design apart = Samples.design(
                "entity Pot",
                "  id int key",
                "  glaze text(9)?",
                "entity Jug is a kind of Pot",
                "  holds int",
                "  rule \"must hold something\": holds > 0",
                "  rule \"must be glazed\": glaze is not null");
        assertThat(checks(apart, "jugs")).containsExactly("ck_jugs_must_hold_something: holds > 0");
    }

    @Test
    void parenthesesInTextsEndNothing() {
        Design design = Samples.design(
                "entity Pot",
                "  id int key",
                "  mark text(9)",
                "  rule \"must be marked\": mark = \"(\" or mark = \")\"");
        assertThat(checks(design, "pots")).containsExactly("ck_pots_must_be_marked: (mark = '(') or (mark = ')')");
    }

    @ParameterizedTest
    @MethodSource("databases")
    void databasesRefuseWhatBreaksThem(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.loaded(DESIGN, dialect);
                Statement statement = connection.createStatement()) {
            statement.execute("insert into kilns (id, hottest) values (1, 900)");
            String start = "insert into firings (id, kiln_id, made_on, started_at, heat_least, heat_most";
            takes(statement, start + ") values (1, 1, '2026-01-02', '2026-01-02 08:00:00', 3, 3)");
            refuses(statement, start + ") values (2, 1, '2026-01-02', '2026-01-02 08:00:00', 4, 3)");
            takes(
                    statement,
                    start
                            + ", ended_at) values (3, 1, '2026-01-02', '2026-01-02 08:00:00', 1, 3, '2026-01-02 08:01:00')");
            refuses(
                    statement,
                    start
                            + ", ended_at) values (4, 1, '2026-01-02', '2026-01-02 08:00:00', 1, 3, '2026-01-02 07:01:00')");
            takes(
                    statement,
                    start + ", sold_on) values (5, 1, '2026-01-02', '2026-01-02 08:00:00', 1, 3, '2026-01-02')");
            refuses(
                    statement,
                    start + ", sold_on) values (6, 1, '2026-01-02', '2026-01-02 08:00:00', 1, 3, '2026-01-01')");
            refuses(
                    statement,
                    start
                            + ", reheat_least, reheat_most) values (7, 1, '2026-01-02', '2026-01-02 08:00:00', 1, 3, 5, 4)");
            takes(statement, "insert into firing_stages (firing_id, position, least, most) values (1, 0, 1, 2)");
            refuses(statement, "insert into firing_stages (firing_id, position, least, most) values (1, 1, 3, 2)");
            takes(statement, "insert into pots (id, kind, holds) values (1, 'Jug', 1)");
            refuses(statement, "insert into pots (id, kind, holds) values (2, 'Jug', 2)");
            takes(statement, "insert into pots (id, kind, holds, glaze) values (3, 'Jug', 2, 'salt')");
            takes(statement, "insert into pots (id, kind, edge) values (4, 'Tile', 9)");
        }
    }

    @ParameterizedTest
    @MethodSource("databases")
    void aRuleLooksAtTheReferencesOfItsRow(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.guarded(DESIGN, dialect);
                Statement statement = connection.createStatement()) {
            statement.execute("insert into shelves (room, number) values ('A', 1), ('A', 0)");
            String start = "insert into boxes (id, label, parent_id, shelf_room, shelf_number) values ";
            takes(statement, start + "(1, 'a', null, 'A', 1)");
            takes(statement, start + "(2, 'a', 1, null, null)");
            refuses(statement, start + "(3, 'b', 3, null, null)");
            refuses(statement, start + "(4, 'b', null, null, null)");
            refuses(statement, start + "(5, 'b', 1, 'A', 0)");
            assertThatThrownBy(() -> statement.execute(start + "(6, 'a', null, 'A', 1)"))
                    .isInstanceOf(SQLException.class);
            if (dialect.checksEmptied()) {
                assertThatThrownBy(() -> statement.execute("delete from shelves where number = 1"))
                        .as("box 1 would be nowhere; MariaDB runs no trigger where a foreign key empties")
                        .isInstanceOf(SQLException.class);
            }
            try (ResultSet nested = statement.executeQuery("select nested from boxes where id = 2")) {
                nested.next();
                assertThat(nested.getBoolean(1)).isTrue();
            }
        }
    }

    private static void takes(Statement statement, String sql) throws SQLException {
        assertThat(statement.executeUpdate(sql)).isOne();
    }

    private static void refuses(Statement statement, String sql) {
        assertThatThrownBy(() -> statement.execute(sql))
                .as(sql)
                .isInstanceOf(SQLException.class)
                .hasMessageMatching("(?is).*_must_.*");
    }
}
