package jasperwing.schema;

import java.util.List;

/** A combination of columns no two rows share. */
public record UniqueKey(String name, List<String> columns) {
    public UniqueKey {
        columns = List.copyOf(columns);
    }
}
