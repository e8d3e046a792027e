package jasperwing.physical;

import java.util.List;
import java.util.Optional;

/**
 * An index that no constraint makes.
 *
 * @param parts what rows are found by, the leading part first
 * @param covered columns that are kept in it besides
 * @param where which rows are in it; empty for all
 * @param unique whether no two rows in it share the parts
 * @param method how it is kept, such as {@code gin}; empty for the usual way of the database
 */
public record Index(
        String name,
        List<Part> parts,
        List<String> covered,
        Optional<SqlExpression> where,
        boolean unique,
        String method) {
    public Index {
        parts = List.copyOf(parts);
        covered = List.copyOf(covered);
    }

    /**
     * A column or an expression of an index.
     *
     * @param column the column; of an expression that looks at one column alone that one, else empty
     * @param expression empty where the column is indexed as it is
     */
    public record Part(String column, Optional<SqlExpression> expression, boolean descending) {
        public static Part of(String column) {
            return new Part(column, Optional.empty(), false);
        }

        /** An expression alone says what it looks at. */
        Part normal() {
            return new Part(expression.isEmpty() ? column : "", expression.map(SqlExpression::normal), descending);
        }

        /** @param column the one it looks at; empty where these are several */
        public static Part of(String column, SqlExpression expression) {
            return new Part(column, Optional.of(expression), false);
        }
    }

    /** One of all rows by their columns, which need not be unique. */
    public static Index of(String name, List<String> columns) {
        return of(name, columns, List.of(), Optional.empty(), false);
    }

    public static Index of(
            String name, List<String> columns, List<String> covered, Optional<SqlExpression> where, boolean unique) {
        return new Index(name, columns.stream().map(Part::of).toList(), covered, where, unique, "");
    }

    /** The columns of its parts, the leading one first. */
    public List<String> columns() {
        return parts.stream().map(Part::column).toList();
    }

    /** Whether it has every row, by its columns as they are. */
    public boolean isPlain() {
        return where.isEmpty() && parts.stream().allMatch(p -> p.expression().isEmpty());
    }

    /** Whether rows can be found by these columns with it. */
    public boolean finds(List<String> wanted) {
        return isPlain() && Table.startsWith(columns(), wanted);
    }

    Index normal() {
        return new Index(
                name,
                parts.stream().map(Part::normal).toList(),
                covered,
                where.map(SqlExpression::normal),
                unique,
                method);
    }
}
