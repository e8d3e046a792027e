package jasperwing.schema;

import java.util.List;
import java.util.Optional;

/**
 * The rows of an entity with what no table can keep of them: computed attributes that look at other rows.
 *
 * @param entity whose rows they are
 * @param table the name of the table they lie in
 * @param columns what is computed, in the order of the attributes; all columns of the table stand before them
 * @param condition which rows of the table they are, as SQL; blank for all
 */
public record View(String name, String entity, String table, List<Computed> columns, String condition) {
    /**
     * A column of a view.
     *
     * @param sql the expression, with the table under its own name
     * @param member the attribute it comes from
     */
    public record Computed(String name, String sql, String member) {}

    public View {
        columns = List.copyOf(columns);
    }

    /** The column an attribute became. */
    public Optional<Computed> columnOf(String attribute) {
        return columns.stream().filter(c -> c.member().equals(attribute)).findFirst();
    }
}
