package jasperwing.schema;

import java.util.List;

/** A type of the database with a closed list of values. */
public record EnumDefinition(String name, List<String> values) {
    public EnumDefinition {
        values = List.copyOf(values);
    }
}
