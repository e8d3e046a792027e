package jasperwing.schema;

import java.util.List;

/** An index that is not unique. */
public record Index(String name, List<String> columns) {
    public Index {
        columns = List.copyOf(columns);
    }
}
