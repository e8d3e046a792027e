package jasperwing.schema;

import java.util.List;
import java.util.Set;

/**
 * A combination of columns no two rows share.
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
}
