package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.sql.SQLException;
import java.sql.Statement;

/** Tries statements on a database. */
final class SqlRows {
    private SqlRows() {}

    static void refused(Statement statement, String sql) {
        assertThatThrownBy(() -> statement.executeUpdate(sql)).as(sql).isInstanceOf(SQLException.class);
    }

    static void taken(Statement statement, String... all) throws SQLException {
        for (String sql : all) {
            statement.executeUpdate(sql);
        }
    }
}
