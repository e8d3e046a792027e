package jasperwing.physical;

import java.util.List;

/** A unique constraint: no two rows share these columns. */
public record Unique(String name, List<String> columns) {
    public Unique {
        columns = List.copyOf(columns);
    }
}
