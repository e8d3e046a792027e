package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What columns take and refuse, in the databases themselves. */
class ColumnConditionsTest {
    private static final Design LISTS = Samples.design(
            "enum Gear: net, `fish trap`, `a^[b`",
            "entity Haul",
            "  id int key",
            "  marks text(4)? list kept as json",
            "  gears Gear? list kept as json",
            "  depths int? list kept as json",
            "  codes text(4)? list kept as an array",
            "  kinds Gear? list kept as an array",
            "  counts int? list from 0 to 9 kept as an array",
            "  rows int list");

    private static void takes(Statement statement, String sql, boolean taken) throws SQLException {
        if (taken) {
            statement.execute(sql);
            statement.execute("delete from hauls");
        } else {
            assertThatThrownBy(() -> statement.execute(sql))
                    .as(sql)
                    .isInstanceOf(SQLException.class)
                    .hasMessageMatching("(?is).*(check constraint|constraint .* failed|value too long).*");
        }
    }

    private static String json(Dialect dialect, String text) {
        return (dialect == Dialects.H2 ? "json " : "") + "'" + text + "'";
    }

    @ParameterizedTest
    @ValueSource(strings = {"postgresql", "mariadb", "h2"})
    void theElementsOfAJsonListAreHeldToTheirType(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.loaded(LISTS, dialect);
                Statement statement = connection.createStatement()) {
            String start = "insert into hauls (id, %s) values (1, ";
            for (String taken : List.of("[]", "[\"mud\"]", "[\"ab\", \"\u00e9\u00e9\u00e9\u00e9\"]")) {
                takes(statement, start.formatted("marks") + json(dialect, taken) + ")", true);
            }
            for (String refused : List.of("[\"slimy\"]", "[null]", "[1]", "[[\"a\"]]", "{}", "[\"a\", null]")) {
                takes(statement, start.formatted("marks") + json(dialect, refused) + ")", false);
            }
            takes(statement, start.formatted("gears") + json(dialect, "[\"net\", \"fish trap\"]") + ")", true);
            takes(statement, start.formatted("gears") + json(dialect, "[\"a^[b\"]") + ")", true);
            takes(statement, start.formatted("gears") + json(dialect, "[\"rod\"]") + ")", false);
            takes(statement, start.formatted("depths") + json(dialect, "[1, -20]") + ")", true);
            takes(statement, start.formatted("depths") + json(dialect, "[1.5]") + ")", false);
            takes(statement, start.formatted("depths") + json(dialect, "[\"1\"]") + ")", false);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            quoteCharacter = '"',
            value = {
                "codes; array['ab']; true",
                "codes; array[null]::varchar[]; false",
                "codes; array['slimy']; false",
                "codes; array[array['a']]; false",
                "kinds; array['net']; true",
                "kinds; array['rod']; false",
                "counts; array[1, 9]; true",
                "counts; array[10]; false",
                "counts; '{}'; true"
            })
    void theElementsOfAnArrayAreHeldToTheirType(String column, String value, boolean taken) throws SQLException {
        try (Connection connection = Databases.loaded(LISTS, Dialects.POSTGRESQL);
                Statement statement = connection.createStatement()) {
            takes(statement, "insert into hauls (id, " + column + ") values (1, " + value + ")", taken);
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void thePositionInAListIsNotNegative(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.loaded(LISTS, dialect);
                Statement statement = connection.createStatement()) {
            statement.execute("insert into hauls (id) values (1)");
            String rows = dialect.quote(Schema.derive(LISTS, dialect)
                    .listTable("Haul", "rows")
                    .orElseThrow()
                    .name());
            String row = dialect.quote("row");
            assertThatThrownBy(() -> statement.execute(
                            "insert into " + rows + " (haul_id, position, " + row + ") values (1, -1, 5)"))
                    .isInstanceOf(SQLException.class);
            statement.execute("insert into " + rows + " (haul_id, position, " + row + ") values (1, 0, 5)");
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            quoteCharacter = '"',
            value = {
                "n; 'seven'; false",
                "n; 7; true",
                "n; 7.5; false",
                "n; 3000000000; false",
                "small; 40000; false",
                "price; 'cheap'; false",
                "price; 12.5; true",
                "price; 123456; false",
                "day; '2026-02-30'; false",
                "day; '2026-02-28'; true",
                "day; 'soon'; false",
                "day; 20260228; false",
                "clock; '25:00'; false",
                "clock; '23:59:58.25'; true",
                "clock; '2026-02-28'; false",
                "at; '2026-02-28T10:00:00Z'; true",
                "at; '2026-02-28 10:00:00'; true",
                "at; '2026-02-30T10:00:00Z'; false",
                "at; '2026-02-28'; false",
                "at; 'now'; false",
                "ref; '0f8fad5b-d9cb-469f-a165-70867728950e'; true",
                "ref; '0f8fad5b'; false",
                "ref; 'zf8fad5b-d9cb-469f-a165-70867728950e'; false",
                "part; 0.25; true",
                "part; 'half'; false",
                "blob; x'00ff'; true",
                "blob; 'text'; false",
                "took; 5; true",
                "took; 'PT5S'; false"
            })
    void sqliteHoldsColumnsToTheirTypes(String column, String value, boolean taken) throws SQLException {
        Design design = Samples.design(
                "entity Haul",
                "  id int key",
                "  n int?",
                "  small small int?",
                "  price decimal(5,2)?",
                "  day date?",
                "  clock time?",
                "  at timestamp?",
                "  ref uuid?",
                "  part real?",
                "  blob binary?",
                "  took duration?");
        try (Connection connection = Databases.loaded(design, Dialects.SQLITE);
                Statement statement = connection.createStatement()) {
            takes(statement, "insert into hauls (id, " + column + ") values (1, " + value + ")", taken);
        }
    }

    private static final Design TASKS = Samples.design(
            "enum State kept as a type: open, closed",
            "entity Task",
            "  id serial key",
            "  state State",
            "  title text(40)",
            "  next int = id + 1",
            "  startedAt timestamp?",
            "  endedAt timestamp?",
            "  took int = minutes_between(startedAt, endedAt)",
            "  size int = count(parts)",
            "  index (title) where state = \"open\"",
            "entity Part",
            "  id serial key",
            "each Part must be of one Task, which may have many Part as parts");

    @Test
    void anIndexOverSomeRowsIsFoundByWhatTheConditionSays() throws SQLException {
        try (Connection connection = Databases.loaded(TASKS, Dialects.POSTGRESQL);
                Statement statement = connection.createStatement()) {
            statement.execute("set enable_seqscan = off");
            List<String> plan = new ArrayList<>();
            try (ResultSet rows =
                    statement.executeQuery("explain select * from tasks where state = 'open' and title = 'a'")) {
                while (rows.next()) {
                    plan.add(rows.getString(1));
                }
            }
            assertThat(String.join("\n", plan)).contains("ix_tasks_title");
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void whatIsComputedFromACountedKeyCanBeRead(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.loaded(TASKS, dialect);
                Statement statement = connection.createStatement()) {
            statement.execute("insert into tasks (id, state, title) values (4, 'open', 'a')");
            try (ResultSet rows = statement.executeQuery("select " + dialect.quote("next") + " from tasks"
                    + (dialect == Dialects.MARIADB ? "_computed" : ""))) {
                rows.next();
                assertThat(rows.getInt(1)).isEqualTo(5);
            }
        }
    }

    @Test
    void theColumnsOfAViewHaveTheTypesOfTheAttributes() throws SQLException {
        for (Dialect dialect : List.of(Dialects.POSTGRESQL, Dialects.H2)) {
            try (Connection connection = Databases.loaded(TASKS, dialect);
                    Statement statement = connection.createStatement();
                    ResultSet rows = statement.executeQuery("select size from tasks_computed")) {
                assertThat(rows.getMetaData().getColumnTypeName(1)).isIn("int4", "INTEGER");
            }
        }
    }
}
