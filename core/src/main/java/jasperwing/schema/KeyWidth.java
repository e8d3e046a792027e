package jasperwing.schema;

import java.util.List;

/** How many bytes of an index columns take in MariaDB, where a character takes four and a key has at most {@link #MOST}. */
public final class KeyWidth {
    /** The most bytes of all columns of a key together. */
    public static final int MOST = 3072;

    private static final int CHARACTER = 4;
    private static final int PREFIX = 191;
    private static final int NUMBER = 16;

    private KeyWidth() {}

    /** The bytes of some columns of a table in a key that need not be unique. */
    public static int of(Table table, List<String> columns) {
        return columns.stream()
                .flatMap(c -> table.column(c).stream())
                .mapToInt(c -> of(c.type()))
                .sum();
    }

    private static int of(String type) {
        if (type.startsWith("varchar(")) {
            return CHARACTER * Integer.parseInt(type.substring("varchar(".length(), type.length() - 1));
        }
        return switch (type) {
            case "longtext" -> CHARACTER * PREFIX;
            case "json", "longblob" -> MOST;
            default -> NUMBER;
        };
    }
}
