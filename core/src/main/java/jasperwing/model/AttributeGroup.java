package jasperwing.model;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * Attributes that are declared once and used in several places. A value is the type of an attribute and lies in the rows of what has it;
 * a trait gives its attributes to every entity that has it.
 *
 * @param attributes in the order they are listed
 */
public record AttributeGroup(Kind kind, String name, List<Attribute> attributes, Notes notes) {
    /** How the attributes are used. */
    public enum Kind {
        VALUE("value"),
        TRAIT("trait");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        /** As the notation and messages write it. */
        public String word() {
            return word;
        }
    }

    public AttributeGroup {
        Objects.requireNonNull(kind);
        Names.require(name);
        attributes = List.copyOf(attributes);
        Objects.requireNonNull(notes);
    }

    public boolean is(Kind other) {
        return kind == other;
    }

    public Optional<Attribute> attribute(String attributeName) {
        return attributes.stream().filter(a -> a.name().equals(attributeName)).findFirst();
    }

    public AttributeGroup withName(String newName) {
        return new AttributeGroup(kind, newName, attributes, notes);
    }

    public AttributeGroup withAttributes(List<Attribute> newAttributes) {
        return new AttributeGroup(kind, name, newAttributes, notes);
    }
}
