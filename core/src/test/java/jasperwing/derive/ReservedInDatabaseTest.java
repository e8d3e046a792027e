package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.dialect.Dialect;
import jasperwing.naming.Reserved;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** No word that any database keeps for itself is written to another as if it were a plain one. */
class ReservedInDatabaseTest {
    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void everyReservedWordCanNameAColumnAndATable(Dialect dialect) throws SQLException {
        Set<String> words = new TreeSet<>(Reserved.ofLanguage("java").all());
        Databases.running().forEach(d -> words.addAll(d.reserved().all()));
        try (Connection connection = Databases.open(dialect);
                Statement statement = connection.createStatement()) {
            assertThat(words.stream().filter(w -> !canName(statement, dialect.quote(w))))
                    .isEmpty();
        }
    }

    private static boolean canName(Statement statement, String name) {
        try {
            statement.execute("create table " + name + " (" + name + " int)");
            statement.execute("select " + name + " from " + name + " where " + name + " > 0");
            statement.execute("drop table " + name);
            return true;
        } catch (SQLException e) {
            return false;
        }
    }
}
