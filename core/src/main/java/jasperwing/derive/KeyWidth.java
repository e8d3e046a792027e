package jasperwing.derive;

import jasperwing.dialect.Dialect;
import java.util.List;

/** How many bytes of an index columns take, where that has a limit. */
public final class KeyWidth {
    private KeyWidth() {}

    /** The bytes of some columns of a table in a key that need not be unique. */
    public static int of(Dialect dialect, DerivedTable table, List<String> columns) {
        return columns.stream()
                .flatMap(c -> table.column(c).stream())
                .mapToInt(c -> dialect.indexedBytes(c.type()))
                .sum();
    }
}
