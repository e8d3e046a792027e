package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.model.Design;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is made of several columns is there or not, in every database: a reference with a wider key, and a value that may be missing. */
class FilledTogetherTest {
    private static final Design RAIL = Samples.design(
            "value Contact",
            "  phone text(20)",
            "  country text(2) default \"NO\"",
            "entity Platform",
            "  station text(4)",
            "  number int",
            "  key (station, number)",
            "entity Train",
            "  id int key",
            "  label text(9)",
            "  contact Contact?",
            "entity Freight is a kind of Train",
            "  load int",
            "each Train may stop at one Platform as platform, which may have many Train as trains",
            "each Freight must be loaded at one Platform as dock, which may have many Freight as freights");

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void aReferenceOfSeveralColumnsIsNeverHalfFilled(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.loaded(RAIL, dialect);
                Statement statement = connection.createStatement()) {
            statement.execute("insert into platforms (station, number) values ('OSL', 1)");
            statement.execute("insert into trains (id, kind, label, platform_station, platform_number)"
                    + " values (1, 'Train', 'a', 'OSL', 1), (2, 'Train', 'b', null, null)");
            assertThatThrownBy(() -> statement.execute("insert into trains (id, kind, label, platform_station)"
                            + " values (3, 'Train', 'c', 'NOWHERE')"))
                    .isInstanceOf(SQLException.class);
            assertThatThrownBy(() -> statement.execute("update trains set platform_number = 9 where id = 2"))
                    .isInstanceOf(SQLException.class);
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void aRowWithoutAnOptionalValueIsTakenAlsoWhereAPartHasADefault(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.loaded(RAIL, dialect);
                Statement statement = connection.createStatement()) {
            assertThatCode(() -> statement.execute("insert into trains (id, kind, label) values (1, 'Train', 'a')"))
                    .doesNotThrowAnyException();
            assertThatThrownBy(() -> statement.execute(
                            "insert into trains (id, kind, label, contact_phone)" + " values (2, 'Train', 'b', '123')"))
                    .isInstanceOf(SQLException.class);
        }
    }
}
