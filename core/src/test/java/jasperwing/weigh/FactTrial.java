package jasperwing.weigh;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.derive.Databases;
import jasperwing.derive.FirstRows;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Tries what is said of a way on a database that has its tables and a row of each entity. At the end every statement must have been tried, so
 * that nothing is said that no database was asked about.
 */
final class FactTrial implements AutoCloseable {
    final Alternative way;
    final Dialect dialect;
    private final Design then;
    private final Connection connection;
    private final boolean tries;
    private final Set<String> tried = new HashSet<>();

    FactTrial(Design design, Dialect dialect, Alternative way) throws SQLException {
        this(design, dialect, way, true);
        new FirstRows(then, Schema.derive(then, dialect)).insert(connection);
        connection.setAutoCommit(false);
    }

    private FactTrial(Design design, Dialect dialect, Alternative way, boolean tries) throws SQLException {
        this.way = way;
        this.dialect = dialect;
        this.tries = tries;
        this.then = way.edit().on(design);
        this.connection = Databases.loaded(then, dialect);
    }

    /** The tables alone, to be compared with others; nothing that is said has to be tried. */
    static FactTrial ofTables(Design design, Dialect dialect, Alternative way) throws SQLException {
        return new FactTrial(design, dialect, way, false);
    }

    /** The same with the triggers of the design. */
    boolean takesGuarded(String... sql) throws SQLException {
        try (Connection guarded = Databases.loaded(then, dialect)) {
            new FirstRows(then, Schema.derive(then, dialect)).insert(guarded);
            Databases.guard(then, dialect, guarded);
            guarded.setAutoCommit(false);
            return takes(guarded, sql);
        }
    }

    Design design() {
        return then;
    }

    /** What is said exactly when it is so. */
    void says(String fact, boolean so) {
        tried.add(fact);
        assertThat(facts().contains(fact))
                .as(dialect + ", " + way.title() + ": \"" + fact + "\" of " + facts() + " while it is so: " + so)
                .isEqualTo(so);
    }

    private List<String> facts() {
        return way.facts().stream().map(Fact::text).toList();
    }

    /** Whether the database takes the last statement after the others, of which none is kept. */
    boolean takes(String... sql) throws SQLException {
        return takes(connection, sql);
    }

    private static boolean takes(Connection on, String... sql) throws SQLException {
        try (Statement statement = on.createStatement()) {
            for (int i = 0; i < sql.length - 1; i++) {
                statement.execute(sql[i]);
            }
            try {
                statement.execute(sql[sql.length - 1]);
                return true;
            } catch (SQLException e) {
                assertThat(e.getMessage().toLowerCase(Locale.ROOT))
                        .as(String.join("; ", sql))
                        .doesNotContain("no such", "does not exist", "doesn't exist", "not found", "unknown column");
                return false;
            }
        } finally {
            on.rollback();
        }
    }

    /** How many rows there are after some statements, of which none is kept. */
    int count(String from, String... before) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            for (String sql : before) {
                statement.execute(sql);
            }
            try (ResultSet rows = statement.executeQuery("select count(*) from " + from)) {
                rows.next();
                return rows.getInt(1);
            }
        } finally {
            connection.rollback();
        }
    }

    /** The names of a table's columns, in order. */
    List<String> columns(String table) throws SQLException {
        try (ResultSet found = connection.getMetaData().getColumns(connection.getCatalog(), null, own(table), null)) {
            return names(found, "COLUMN_NAME");
        }
    }

    /** How many tables there are. */
    int tables() throws SQLException {
        String schema = dialect == Dialects.POSTGRESQL ? "public" : dialect == Dialects.H2 ? "PUBLIC" : null;
        String[] types = {"TABLE", "BASE TABLE"};
        try (ResultSet found = connection.getMetaData().getTables(connection.getCatalog(), schema, null, types)) {
            return names(found, "TABLE_NAME").size();
        }
    }

    /** Whether a column must be filled. */
    boolean isNotNull(String table, String column) throws SQLException {
        try (ResultSet found =
                connection.getMetaData().getColumns(connection.getCatalog(), null, own(table), own(column))) {
            assertThat(found.next()).as(table + "." + column).isTrue();
            return "NO".equals(found.getString("IS_NULLABLE"));
        }
    }

    /** The names of the columns of a table's primary key. */
    List<String> primaryKey(String table) throws SQLException {
        try (ResultSet found = connection.getMetaData().getPrimaryKeys(connection.getCatalog(), null, own(table))) {
            return names(found, "COLUMN_NAME");
        }
    }

    /** The indexes of a table, those of its primary key and unique constraints included, each with the columns it begins with. */
    Set<String> indexes(String table) throws SQLException {
        try (ResultSet found =
                connection.getMetaData().getIndexInfo(connection.getCatalog(), null, own(table), false, true)) {
            Set<String> first = new HashSet<>();
            while (found.next()) {
                if (found.getInt("ORDINAL_POSITION") == 1) {
                    first.add(found.getString("COLUMN_NAME").toLowerCase(Locale.ROOT));
                }
            }
            first.addAll(primaryKey(table).stream().limit(1).toList());
            return first;
        }
    }

    /** H2 has its names in capitals. */
    private String own(String name) {
        return dialect == Dialects.H2 ? name.toUpperCase(Locale.ROOT) : name;
    }

    private static List<String> names(ResultSet found, String column) throws SQLException {
        List<String> names = new ArrayList<>();
        while (found.next()) {
            names.add(found.getString(column).toLowerCase(Locale.ROOT));
        }
        return names;
    }

    /** The statements that answer the question with the given beginning. */
    String statement(String question) {
        return way.statements().entrySet().stream()
                .filter(e -> e.getKey().startsWith(question))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElseThrow();
    }

    /** How often a word stands in the statements that answer a question. */
    long words(String word, String question) {
        String statements = statement(question);
        assertThat(statements).as(way.title() + ": " + question).isNotBlank();
        return Pattern.compile(word).matcher(statements).results().count();
    }

    /** Leaves nothing untried. */
    @Override
    public void close() throws SQLException {
        connection.close();
        if (tries) {
            assertThat(facts()).as(dialect + ", " + way.title()).allMatch(tried::contains);
        }
    }
}
