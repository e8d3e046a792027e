package jasperwing.physical;

import java.util.List;

/**
 * A primary key.
 *
 * @param name of the constraint; empty where the database chooses it
 * @param columns in order; never empty
 */
public record PrimaryKey(String name, List<String> columns) {
    public PrimaryKey {
        columns = List.copyOf(columns);
        if (columns.isEmpty()) {
            throw new IllegalArgumentException("a primary key has columns");
        }
    }
}
