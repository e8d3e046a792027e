package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import java.io.IOException;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.Driver;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Properties;
import org.junit.jupiter.api.Test;

/** What is written for SQLite runs in the first version it is said to run in. */
class OldestSqliteTest {
    private static final Path DRIVER =
            Path.of(System.getProperty("jasperwing.root"), "core", "target", "oldest", "sqlite.jar");

    private interface Work {
        void on(Statement statement) throws SQLException;
    }

    private static void loaded(Design design, Work work)
            throws IOException, SQLException, ReflectiveOperationException {
        try (URLClassLoader oldest =
                new URLClassLoader(new URL[] {DRIVER.toUri().toURL()}, ClassLoader.getPlatformClassLoader())) {
            Driver driver = (Driver)
                    oldest.loadClass("org.sqlite.JDBC").getDeclaredConstructor().newInstance();
            try (Connection connection = driver.connect("jdbc:sqlite::memory:", new Properties());
                    Statement statement = connection.createStatement()) {
                statement.executeUpdate(Schema.derive(design, Dialects.SQLITE).sql());
                work.on(statement);
            }
        }
    }

    private static String read(Statement statement, String select) throws SQLException {
        try (ResultSet rows = statement.executeQuery(select)) {
            rows.next();
            return rows.getString(1);
        }
    }

    @Test
    void itIsTheOneThatIsNamed() throws Exception {
        loaded(Samples.demo(), s -> assertThat(read(s, "select sqlite_version()"))
                .startsWith(Dialects.SQLITE.oldest() + "."));
    }

    @Test
    void theMinutesBetweenTwoMomentsAreCounted() throws Exception {
        Design design = Samples.design(
                "entity Task",
                "  id serial key",
                "  startedAt timestamp",
                "  endedAt timestamp",
                "  took int = minutes_between(startedAt, endedAt)",
                "  took2 int = seconds_between(startedAt, endedAt)");
        loaded(design, s -> {
            s.execute(
                    "insert into tasks (started_at, ended_at) values ('2026-02-28T10:00:00.250Z', '2026-02-28T12:31:00.249Z')");
            assertThat(read(s, "select took || ' ' || took2 from tasks")).isEqualTo("150 9059");
        });
    }
}
