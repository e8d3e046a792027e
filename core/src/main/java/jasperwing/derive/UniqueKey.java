package jasperwing.derive;

import jasperwing.dialect.Dialect;
import jasperwing.physical.Index;
import jasperwing.physical.SqlExpression;
import jasperwing.physical.Unique;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A combination of columns no two rows share: a unique constraint, or a unique index where capitals make no difference.
 *
 * @param folded those of the columns in which capitals make no difference
 */
public record UniqueKey(String name, List<String> columns, Set<String> folded) {
    public UniqueKey {
        columns = List.copyOf(columns);
        folded = Set.copyOf(folded);
    }

    /** What is compared, column by column: its text as it is, or in small letters. */
    public List<String> compared() {
        return columns.stream()
                .map(c -> folded.contains(c) ? "lower(" + c + ")" : c)
                .toList();
    }

    /** A constraint compares columns as they are. */
    Optional<Unique> constraint() {
        return folded.isEmpty() ? Optional.of(new Unique(name, columns)) : Optional.empty();
    }

    /** An index can compare them in small letters. */
    Optional<Index> index(Dialect dialect) {
        return folded.isEmpty()
                ? Optional.empty()
                : Optional.of(new Index(
                        name,
                        columns.stream().map(c -> part(dialect, c)).toList(),
                        List.of(),
                        Optional.empty(),
                        true,
                        ""));
    }

    private Index.Part part(Dialect dialect, String column) {
        return folded.contains(column)
                ? Index.Part.of(column, SqlExpression.of("lower(" + dialect.quote(column) + ")"))
                : Index.Part.of(column);
    }
}
