package jasperwing.model;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * Attributes that are declared once and used in several places. A value is the type of an attribute and lies in the rows of what has it;
 * a trait gives its attributes to every entity that has it.
 *
 * @param attributes in the order they are listed
 * @param rules conditions that every row with the trait, or every value, fulfils
 */
public record AttributeGroup(Kind kind, String name, List<Attribute> attributes, List<RowRule> rules, Notes notes) {
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
        rules = List.copyOf(rules);
        Objects.requireNonNull(notes);
    }

    /** One with attributes alone. */
    public static AttributeGroup of(Kind kind, String name, List<Attribute> attributes) {
        return new AttributeGroup(kind, name, attributes, List.of(), Notes.NONE);
    }

    public boolean is(Kind other) {
        return kind == other;
    }

    public Optional<Attribute> attribute(String attributeName) {
        return attributes.stream().filter(a -> a.name().equals(attributeName)).findFirst();
    }

    public AttributeGroup withName(String newName) {
        return new AttributeGroup(kind, newName, attributes, rules, notes);
    }

    public AttributeGroup withAttributes(List<Attribute> newAttributes) {
        return new AttributeGroup(kind, name, newAttributes, rules, notes);
    }

    public AttributeGroup withRules(List<RowRule> newRules) {
        return new AttributeGroup(kind, name, attributes, newRules, notes);
    }
}
