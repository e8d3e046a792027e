package jasperwing.physical;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Rows that belong to a schema, as those of a table of an enum do.
 *
 * @param rows the values in the order of the columns: texts, numbers, or null
 */
public record Rows(String table, List<String> columns, List<List<Object>> rows) {
    public Rows {
        columns = List.copyOf(columns);
        rows = rows.stream().map(Rows::copy).toList();
    }

    private static List<Object> copy(List<Object> row) {
        return Collections.unmodifiableList(new ArrayList<>(row));
    }
}
