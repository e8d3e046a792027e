package jasperwing.schema;

import java.util.List;

/**
 * An index that no key makes.
 *
 * @param columns that rows are found by, the leading one first
 * @param covered columns that are kept in it besides
 * @param where which rows are in it, as SQL; empty for all
 * @param unique whether no two rows in it share the columns
 */
public record Index(String name, List<String> columns, List<String> covered, String where, boolean unique) {
    public Index {
        columns = List.copyOf(columns);
        covered = List.copyOf(covered);
    }

    /** One of all rows, which need not be unique. */
    public Index(String name, List<String> columns) {
        this(name, columns, List.of(), "", false);
    }

    /** Whether every row can be found by it. */
    boolean isWhole() {
        return where.isEmpty();
    }

    /** Whether rows can be found by these columns with it. */
    boolean finds(List<String> wanted) {
        return isWhole() && Table.startsWith(columns, wanted);
    }
}
