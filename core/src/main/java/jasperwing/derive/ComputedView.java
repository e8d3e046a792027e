package jasperwing.derive;

import jasperwing.physical.SqlExpression;
import jasperwing.physical.View;
import java.util.List;
import java.util.Optional;

/**
 * The rows of an entity with what no table can keep of them: computed attributes that look at other rows.
 *
 * @param entity whose rows they are
 * @param table the name of the table they lie in
 * @param columns what is computed, in the order of the attributes; all columns of the table stand before them
 * @param condition which rows of the table they are, empty for all
 */
public record ComputedView(
        String name, String entity, String table, List<Computed> columns, Optional<SqlExpression> condition) {
    /**
     * A column of a view.
     *
     * @param expression it, with the table under its own name
     * @param member the attribute it comes from
     */
    public record Computed(String name, SqlExpression expression, String member) {}

    public ComputedView {
        columns = List.copyOf(columns);
    }

    /** The column an attribute became. */
    public Optional<Computed> columnOf(String attribute) {
        return columns.stream().filter(c -> c.member().equals(attribute)).findFirst();
    }

    View view(String namespace) {
        List<View.Output> outputs = columns.stream()
                .map(c -> new View.Output(c.name(), c.expression()))
                .toList();
        return new View(namespace, name, List.of(new View.Query(table, true, outputs, condition)));
    }
}
