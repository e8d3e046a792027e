package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;

import io.zonky.test.db.postgres.embedded.EmbeddedPostgres;
import jasperwing.ExampleDesigns;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import jasperwing.physical.Trigger;
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
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;

/** What is written for PostgreSQL and H2 runs in the first versions it is said to run in; rows are accepted and refused there as in later ones. */
class OldestServersTest {
    private static final Path OLDEST = Path.of(System.getProperty("jasperwing.root"), "core", "target", "oldest");

    private interface Opening {
        Connection open() throws SQLException;
    }

    private static URLClassLoader of(String jar) throws IOException {
        return new URLClassLoader(
                new URL[] {OLDEST.resolve(jar).toUri().toURL()}, ClassLoader.getPlatformClassLoader());
    }

    private static String read(Connection connection, String select) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(select)) {
            rows.next();
            return rows.getString(1);
        }
    }

    private static void examples(Dialect dialect, Opening opening) throws SQLException {
        for (String name : ExampleDesigns.NAMES) {
            Design design = ExampleDesigns.design(name);
            Schema schema = Schema.derive(design, dialect);
            try (Connection connection = opening.open();
                    Statement statement = connection.createStatement()) {
                statement.execute(schema.sql());
                for (Trigger trigger : GuardTriggers.of(design, schema)) {
                    for (var created : dialect.statements().create(trigger)) {
                        statement.execute(created.sql());
                    }
                }
                for (ExampleDesigns.Row row : ExampleDesigns.rows(name)) {
                    if (row.isFor(dialect) && (GuardTriggers.areIn(dialect) || row.isByConstraint(dialect))) {
                        ExampleDesignsTest.check(statement, row, dialect);
                    }
                }
            }
        }
    }

    /** The server there is of that version is one for Linux. */
    @Test
    @EnabledOnOs(value = OS.LINUX, architectures = "amd64")
    void theExamplesRunInTheOldestPostgresql() throws Exception {
        try (URLClassLoader jar = of("postgresql.jar");
                EmbeddedPostgres server = EmbeddedPostgres.builder()
                        .setPgBinaryResolver((system, machine) -> jar.getResourceAsStream("postgres-linux-x86_64.txz"))
                        .start()) {
            try (Connection connection = server.getPostgresDatabase().getConnection()) {
                assertThat(read(connection, "show server_version")).startsWith(Dialects.POSTGRESQL.oldest() + ".");
            }
            int[] count = {0};
            examples(Dialects.POSTGRESQL, () -> {
                String name = "example" + count[0]++;
                try (Connection connection = server.getPostgresDatabase().getConnection();
                        Statement statement = connection.createStatement()) {
                    statement.execute("create database " + name);
                }
                return server.getDatabase("postgres", name).getConnection();
            });
        }
    }

    @Test
    void theExamplesRunInTheOldestH2() throws Exception {
        try (URLClassLoader jar = of("h2.jar")) {
            Driver driver = (Driver)
                    jar.loadClass("org.h2.Driver").getDeclaredConstructor().newInstance();
            try (Connection connection = driver.connect("jdbc:h2:mem:", new Properties())) {
                assertThat(read(connection, "select h2version()")).startsWith(Dialects.H2.oldest() + ".");
            }
            examples(Dialects.H2, () -> driver.connect("jdbc:h2:mem:", new Properties()));
        }
    }
}
