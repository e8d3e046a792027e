package jasperwing.physical;

import java.util.List;

/** A type with a closed list of values, in their order, that the database knows under a name. */
public record EnumDefinition(String name, List<String> values) {
    public EnumDefinition {
        values = List.copyOf(values);
    }
}
