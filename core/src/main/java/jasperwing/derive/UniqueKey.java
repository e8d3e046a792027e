package jasperwing.derive;

import jasperwing.dialect.Dialect;
import jasperwing.physical.Index;
import jasperwing.physical.SqlExpression;
import jasperwing.physical.Unique;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A combination of columns no two rows share: a unique constraint, or a unique index where a constraint would say something else.
 *
 * @param folded those of the columns in which capitals make no difference
 * @param filled columns that must be filled for it to hold, where the database takes one null alone; else empty
 */
public record UniqueKey(String name, List<String> columns, Set<String> folded, List<String> filled) {
    public UniqueKey {
        columns = List.copyOf(columns);
        folded = Set.copyOf(folded);
        filled = List.copyOf(filled);
    }

    private boolean isConstraint() {
        return folded.isEmpty() && filled.isEmpty();
    }

    /** What is compared, column by column: its text as it is, or in small letters. */
    public List<String> compared() {
        return columns.stream()
                .map(c -> folded.contains(c) ? "lower(" + c + ")" : c)
                .toList();
    }

    /** Whether the rows it has are all that have these columns, the first one leading. */
    boolean finds(List<String> wanted) {
        return folded.isEmpty()
                && columns.size() >= wanted.size()
                && columns.get(0).equals(wanted.get(0))
                && columns.subList(0, wanted.size()).containsAll(wanted)
                && columns.containsAll(filled);
    }

    /** A constraint compares columns as they are. */
    Optional<Unique> constraint() {
        return isConstraint() ? Optional.of(new Unique(name, columns)) : Optional.empty();
    }

    /** An index can compare them in small letters, and pass over rows. */
    Optional<Index> index(Dialect dialect) {
        return isConstraint()
                ? Optional.empty()
                : Optional.of(new Index(
                        name,
                        columns.stream().map(c -> part(dialect, c)).toList(),
                        List.of(),
                        where(dialect),
                        true,
                        ""));
    }

    private Optional<SqlExpression> where(Dialect dialect) {
        return filled.stream()
                .map(c -> dialect.quote(c) + " is not null")
                .reduce((a, b) -> a + " and " + b)
                .map(SqlExpression::of);
    }

    private Index.Part part(Dialect dialect, String column) {
        return folded.contains(column)
                ? Index.Part.of(column, SqlExpression.of("lower(" + dialect.quote(column) + ")"))
                : Index.Part.of(column);
    }
}
