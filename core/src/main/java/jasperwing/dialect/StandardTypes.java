package jasperwing.dialect;

import jasperwing.model.Scalar;
import jasperwing.physical.SqlType;
import java.util.Locale;

/** Types as standard SQL has them. */
final class StandardTypes {
    private StandardTypes() {}

    /** The type that holds the values of one of the notation's. */
    static SqlType of(Scalar scalar) {
        return switch (scalar) {
            case LONG_TEXT -> SqlType.of(SqlType.Kind.TEXT);
            case INT -> SqlType.of(SqlType.Kind.INTEGER);
            case SMALL_INT -> SqlType.of(SqlType.Kind.SMALLINT);
            case BIG_INT, SERIAL, DURATION -> SqlType.of(SqlType.Kind.BIGINT);
            case UUID -> SqlType.of(SqlType.Kind.UUID);
            case REAL -> SqlType.of(SqlType.Kind.DOUBLE);
            case BOOLEAN -> SqlType.of(SqlType.Kind.BOOLEAN);
            case DATE -> SqlType.of(SqlType.Kind.DATE);
            case TIME -> SqlType.of(SqlType.Kind.TIME);
            case TIMESTAMP -> SqlType.of(SqlType.Kind.TIMESTAMP).withZone();
            case LOCAL_TIMESTAMP -> SqlType.of(SqlType.Kind.TIMESTAMP);
            case BINARY -> SqlType.of(SqlType.Kind.BINARY);
            case JSON -> SqlType.of(SqlType.Kind.JSON);
        };
    }

    /** A type without parts. */
    static String plain(SqlType type) {
        return switch (type.kind()) {
            case DECIMAL -> "decimal" + digits(type);
            case DOUBLE -> "double precision";
            case TIMESTAMP, TIME -> sized(type) + (type.zoned() ? " with time zone" : "");
            default -> sized(type);
        };
    }

    /** Its name, and its size where that is said. */
    static String sized(SqlType type) {
        return type.kind().name().toLowerCase(Locale.ROOT)
                + (type.size() == SqlType.UNSAID ? "" : "(" + type.size() + ")");
    }

    static String digits(SqlType type) {
        return "(" + type.size() + "," + type.scale() + ")";
    }
}
