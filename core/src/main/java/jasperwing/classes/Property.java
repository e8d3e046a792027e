package jasperwing.classes;

import jasperwing.derive.DerivedTable;
import jasperwing.model.Attribute;
import jasperwing.physical.Column;
import java.util.List;
import java.util.Optional;

/**
 * An attribute as a property of a class.
 *
 * @param column where it is kept; empty for a list and for a value
 * @param parts where the parts of a value are kept, in its own table or in that of a list; empty for what is no value
 * @param listTable where a list's elements are kept
 */
public record Property(
        String name,
        Attribute attribute,
        boolean key,
        Optional<Column> column,
        List<Part> parts,
        Optional<DerivedTable> listTable) {
    /**
     * A part of a value.
     *
     * @param path the properties that lead to it from the value, with points between
     */
    public record Part(String path, Column column, Attribute attribute) {}

    public Property {
        parts = List.copyOf(parts);
    }

    public boolean isValue() {
        return !parts.isEmpty();
    }
}
