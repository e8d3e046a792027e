package jasperwing.physical;

import java.util.Locale;

/**
 * Names a part of a schema.
 *
 * @param owner the table it belongs to, or the view of a {@link Kind#VIEW_COLUMN}; empty for what belongs to none
 * @param name its own; of a primary key that need not have one, empty
 */
public record Part(Kind kind, String owner, String name) {
    /** What it is. */
    public enum Kind {
        /** What the database needs besides. */
        EXTENSION,
        /** A schema that tables lie in. */
        NAMESPACE,
        ENUM,
        SEQUENCE,
        TABLE,
        COLUMN,
        PRIMARY_KEY,
        FOREIGN_KEY,
        UNIQUE,
        CHECK,
        EXCLUSION,
        INDEX,
        /** A row that belongs to the schema, by the first of its values. */
        ROW,
        VIEW,
        VIEW_COLUMN,
        TRIGGER;

        /** As people call it. */
        public String words() {
            return switch (this) {
                case NAMESPACE -> "schema";
                case ENUM -> "type";
                case UNIQUE -> "unique constraint";
                default -> name().toLowerCase(Locale.ROOT).replace('_', ' ');
            };
        }
    }

    public static Part table(String name) {
        return new Part(Kind.TABLE, "", name);
    }

    public static Part view(String name) {
        return new Part(Kind.VIEW, "", name);
    }

    public static Part column(String table, String name) {
        return new Part(Kind.COLUMN, table, name);
    }
}
