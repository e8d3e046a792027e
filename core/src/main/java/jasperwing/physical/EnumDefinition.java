package jasperwing.physical;

import java.util.List;

/**
 * A type with a closed list of values, in their order, that the database knows under a name.
 *
 * @param namespace where it lies, as that of a {@link Table}
 */
public record EnumDefinition(String namespace, String name, List<String> values) {
    /** One in the namespace that is looked in first. */
    public EnumDefinition(String name, List<String> values) {
        this("", name, values);
    }

    public EnumDefinition {
        values = List.copyOf(values);
    }
}
