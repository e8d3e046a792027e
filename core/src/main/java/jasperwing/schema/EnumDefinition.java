package jasperwing.schema;

import java.util.List;

/**
 * A type of the database with a closed list of values.
 *
 * @param name without quotes
 * @param declaration the enum it was derived from
 */
public record EnumDefinition(String name, String declaration, List<String> values) {
    public EnumDefinition {
        values = List.copyOf(values);
    }
}
