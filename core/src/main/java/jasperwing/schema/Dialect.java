package jasperwing.schema;

import jasperwing.naming.Reserved;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** The databases a schema can be derived for. */
public enum Dialect {
    POSTGRESQL("PostgreSQL", "12", Reserved.POSTGRESQL, 63, true),
    MARIADB("MariaDB", "10.7", Reserved.MARIADB, 64, true),
    SQLITE("SQLite", "3.35", Reserved.SQLITE, 0, false),
    H2("H2", "2.2", Reserved.H2, 256, true);

    private static final Pattern BEYOND_BASIC_PLANE = Pattern.compile("[\\x{10000}-\\x{10FFFF}]");

    private final String title;
    private final String oldest;
    private final Reserved reserved;
    private final int nameLimit;
    private final boolean altersConstraints;

    Dialect(String title, String oldest, Reserved reserved, int nameLimit, boolean altersConstraints) {
        this.title = title;
        this.oldest = oldest;
        this.reserved = reserved;
        this.nameLimit = nameLimit;
        this.altersConstraints = altersConstraints;
    }

    /** As people write it. */
    public String title() {
        return title;
    }

    /** The first version that takes what is written for it. */
    public String oldest() {
        return oldest;
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

    /** Whether a foreign key can be checked at the end of a transaction. */
    public boolean defersKeys() {
        return this == POSTGRESQL || this == SQLITE;
    }

    /** Whether a column can be an array. */
    boolean hasArrays() {
        return this == POSTGRESQL || this == H2;
    }

    /** A name as SQL writes it: quoted unless it is a plain lower-case word that is not reserved. */
    public String quote(String name) {
        if (isPlain(name) && !reserved.containsSmall(name)) {
            return name;
        }
        String mark = this == MARIADB ? "`" : "\"";
        return mark + possible(name).replace(mark, mark + mark).replace("\0", "") + mark;
    }

    private static boolean isPlain(String name) {
        for (int i = 0; i < name.length(); i++) {
            char c = name.charAt(i);
            boolean letter = c >= 'a' && c <= 'z' || c == '_';
            if (!letter && (i == 0 || c < '0' || c > '9')) {
                return false;
            }
        }
        return !name.isEmpty();
    }

    /** MariaDB has no names with characters beyond the basic plane or with a space at their end. */
    private String possible(String name) {
        if (this != MARIADB) {
            return name;
        }
        return BEYOND_BASIC_PLANE
                .matcher(name)
                .replaceAll(r -> String.format("u%x", r.group().codePointAt(0)))
                .replaceAll("\\s$", "_");
    }

    /** A text as SQL writes it. */
    public String literal(String text) {
        String escaped = this == MARIADB ? text.replace("\\", "\\\\") : text;
        return "'" + escaped.replace("'", "''").replace("\0", "") + "'";
    }

    /** The type a value is cast to so that it is compared as text. */
    String textCast() {
        return switch (this) {
            case MARIADB -> "char";
            case H2 -> "varchar";
            default -> "text";
        };
    }

    /** The function that counts the characters of a text. */
    String lengthFunction() {
        return this == MARIADB || this == H2 ? "char_length" : "length";
    }
}
