package jasperwing.dialect;

import java.util.List;
import java.util.Optional;

/** The databases there are classes for. */
public final class Dialects {
    public static final Dialect POSTGRESQL = new PostgreSql();
    public static final Dialect MARIADB = new MariaDb();
    public static final Dialect SQLITE = new Sqlite();
    public static final Dialect H2 = new H2();
    public static final Dialect SQL_SERVER = new SqlServer();

    /** That of a design of which nothing else is said. */
    public static final Dialect DEFAULT = POSTGRESQL;

    private static final List<Dialect> ALL = List.of(POSTGRESQL, MARIADB, SQLITE, H2, SQL_SERVER);

    private Dialects() {}

    /** All of them, the one most used first. */
    public static List<Dialect> all() {
        return ALL;
    }

    /** The one of a word as the command line has it; capitals make a difference. */
    public static Optional<Dialect> of(String word) {
        return ALL.stream().filter(d -> d.word().equals(word)).findFirst();
    }
}
