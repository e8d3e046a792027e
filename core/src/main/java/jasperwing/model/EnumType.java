package jasperwing.model;

import java.util.List;
import java.util.Optional;

/**
 * A named, closed list of values.
 *
 * @param kept how a database is told of the values; {@link EnumKept#CHECK} when not said
 * @param values in the order they were listed, which is the order classes and checks keep
 */
public record EnumType(String name, Optional<EnumKept> kept, List<EnumValue> values, Notes notes) {
    public EnumType {
        Names.require(name);
        values = List.copyOf(values);
    }

    /** One whose values are checked. */
    public EnumType(String name, List<EnumValue> values, Notes notes) {
        this(name, Optional.empty(), values, notes);
    }

    public boolean isKept(EnumKept way) {
        return kept.orElse(EnumKept.CHECK) == way;
    }

    public boolean has(String value) {
        return values.stream().anyMatch(v -> v.name().equals(value));
    }
}
