package jasperwing.model;

import java.util.List;

/**
 * A named, closed list of values.
 *
 * @param values in the order they were listed, which is the order classes and checks keep
 */
public record EnumType(String name, List<EnumValue> values, Notes notes) {
    public EnumType {
        Names.require(name);
        values = List.copyOf(values);
    }

    public boolean has(String value) {
        return values.stream().anyMatch(v -> v.name().equals(value));
    }
}
