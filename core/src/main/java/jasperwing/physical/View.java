package jasperwing.physical;

import java.util.List;
import java.util.Optional;

/**
 * A view: the rows of its queries, one query after the other.
 *
 * @param namespace where it lies, as that of a {@link Table}
 * @param queries one, or several with the same columns; the rows of all of them, repeats included
 */
public record View(String namespace, String name, List<Query> queries) {
    /** One in the namespace that is looked in first. */
    public View(String name, List<Query> queries) {
        this("", name, queries);
    }

    public View {
        queries = List.copyOf(queries);
        if (queries.isEmpty()) {
            throw new IllegalArgumentException("a view has a query");
        }
    }

    /**
     * A query of one table.
     *
     * @param table the rows of which; expressions know it by its name
     * @param whole whether all columns of the table come first
     * @param columns further columns
     * @param where which rows; empty for all
     */
    public record Query(String table, boolean whole, List<Output> columns, Optional<SqlExpression> where) {
        public Query {
            columns = List.copyOf(columns);
        }

        Query normal() {
            return new Query(
                    table,
                    whole,
                    columns.stream()
                            .map(c -> new Output(c.name(), c.expression().normal()))
                            .toList(),
                    where.map(SqlExpression::normal));
        }
    }

    /** A column of a view. */
    public record Output(String name, SqlExpression expression) {}

    View normal() {
        return new View(namespace, name, queries.stream().map(Query::normal).toList());
    }
}
