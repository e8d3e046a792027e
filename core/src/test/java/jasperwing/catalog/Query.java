package jasperwing.catalog;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;

/** Runs queries of a catalog. */
record Query(Connection connection) {
    /** What a row becomes. */
    interface Reader<T> {
        T read(ResultSet row) throws SQLException;
    }

    <T> List<T> all(String sql, Reader<T> reader, Object... parameters) throws SQLException {
        try (PreparedStatement statement = connection.prepareStatement(sql)) {
            for (int i = 0; i < parameters.length; i++) {
                statement.setObject(i + 1, parameters[i]);
            }
            List<T> all = new ArrayList<>();
            try (ResultSet rows = statement.executeQuery()) {
                while (rows.next()) {
                    all.add(reader.read(rows));
                }
            }
            return all;
        }
    }

    List<String> names(String sql, Object... parameters) throws SQLException {
        return all(sql, r -> r.getString(1), parameters);
    }
}
