package jasperwing.schema;

import jasperwing.naming.Reserved;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** The databases a schema can be derived for. */
public enum Dialect {
    POSTGRESQL("PostgreSQL", Reserved.POSTGRESQL, 63, true),
    SQLITE("SQLite", Reserved.SQLITE, 0, false);

    private final String title;
    private final Reserved reserved;
    private final int nameLimit;
    private final boolean altersConstraints;

    Dialect(String title, Reserved reserved, int nameLimit, boolean altersConstraints) {
        this.title = title;
        this.reserved = reserved;
        this.nameLimit = nameLimit;
        this.altersConstraints = altersConstraints;
    }

    /** As people write it. */
    public String title() {
        return title;
    }

    /** As the command line writes it. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<Dialect> of(String word) {
        return Arrays.stream(values()).filter(d -> d.word().equals(word)).findFirst();
    }

    public Reserved reserved() {
        return reserved;
    }

    /** The most bytes a name may have; 0 for no limit. */
    public int nameLimit() {
        return nameLimit;
    }

    /** Whether a foreign key can be added to a table that exists. */
    public boolean altersConstraints() {
        return altersConstraints;
    }

    /** A name as SQL writes it: quoted unless it is a plain lower-case word that is not reserved. */
    public String quote(String name) {
        boolean plain = name.matches("[a-z_][a-z0-9_]*") && !reserved.contains(name);
        return plain ? name : "\"" + name.replace("\"", "\"\"").replace("\0", "") + "\"";
    }

    /** A text as SQL writes it. */
    public static String literal(String text) {
        return "'" + text.replace("'", "''").replace("\0", "") + "'";
    }
}
