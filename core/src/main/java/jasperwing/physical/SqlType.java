package jasperwing.physical;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * The type of a column, whatever database it is in. Two types are equal when they hold the same values in the same way.
 *
 * <pre>{@code
 * SqlType.of(SqlType.Kind.VARCHAR, 40); // varchar(40)
 * SqlType.decimal(8, 2);
 * SqlType.arrayOf(SqlType.of(SqlType.Kind.INTEGER));
 * }</pre>
 *
 * @param size characters of a text, bytes of something binary, digits of an exact number, digits of a second's fraction; {@link #UNSAID} where
 *     nothing is said
 * @param scale digits behind the point of an exact number; 0 for others
 * @param zoned whether a time of day or a moment knows its zone
 * @param element the type of an array's elements; empty for others
 * @param values of an enum that is written where it is used, in order
 * @param namespace where a type lies that is declared elsewhere; empty for where is looked first, and for others
 * @param text the name of a type that is declared elsewhere, or what the database calls a type that is none of these; else empty
 */
public record SqlType(
        Kind kind,
        int size,
        int scale,
        boolean zoned,
        Optional<SqlType> element,
        List<String> values,
        String namespace,
        String text) {
    public static final int UNSAID = -1;

    /** What a type is for. */
    public enum Kind {
        CHAR,
        VARCHAR,
        /** A text without a length of its own. */
        TEXT,
        SMALLINT,
        INTEGER,
        BIGINT,
        DECIMAL,
        REAL,
        DOUBLE,
        BOOLEAN,
        DATE,
        TIME,
        TIMESTAMP,
        UUID,
        BINARY,
        JSON,
        ARRAY,
        /** Some values, written where it is used. */
        ENUM,
        /** An enum or domain that is declared under a name. */
        NAMED,
        OTHER
    }

    public SqlType {
        Objects.requireNonNull(kind);
        values = List.copyOf(values);
        if (element.isPresent() != (kind == Kind.ARRAY)) {
            throw new IllegalArgumentException("an array has a type of elements, and nothing else has: " + kind);
        }
    }

    /** One of which nothing more is said. */
    public static SqlType of(Kind kind) {
        return of(kind, UNSAID);
    }

    public static SqlType of(Kind kind, int size) {
        return new SqlType(kind, size, 0, false, Optional.empty(), List.of(), "", "");
    }

    public static SqlType decimal(int precision, int scale) {
        return new SqlType(Kind.DECIMAL, precision, scale, false, Optional.empty(), List.of(), "", "");
    }

    public static SqlType arrayOf(SqlType element) {
        return new SqlType(Kind.ARRAY, UNSAID, 0, false, Optional.of(element), List.of(), "", "");
    }

    /** @param values as they are kept, in order */
    public static SqlType enumOf(List<String> values) {
        return new SqlType(Kind.ENUM, UNSAID, 0, false, Optional.empty(), values, "", "");
    }

    /** @param name as the database keeps it, without quotes */
    public static SqlType named(String name) {
        return named("", name);
    }

    /** @param name as the database keeps it, without quotes */
    public static SqlType named(String namespace, String name) {
        return new SqlType(Kind.NAMED, UNSAID, 0, false, Optional.empty(), List.of(), namespace, name);
    }

    /** @param text as the database writes it */
    public static SqlType other(String text) {
        return new SqlType(Kind.OTHER, UNSAID, 0, false, Optional.empty(), List.of(), "", text);
    }

    /** The same that knows its zone. */
    public SqlType withZone() {
        return new SqlType(kind, size, scale, true, element, values, namespace, text);
    }

    /** Whether its values are texts that are compared. */
    public boolean isText() {
        return kind == Kind.CHAR || kind == Kind.VARCHAR || kind == Kind.TEXT;
    }

    public boolean is(Kind wanted) {
        return kind == wanted;
    }
}
