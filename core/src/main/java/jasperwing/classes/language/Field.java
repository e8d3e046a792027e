package jasperwing.classes.language;

import jasperwing.classes.Property;
import java.util.Optional;

/**
 * What a class has, as one.
 *
 * @param member the property it belongs to, which may have several
 * @param doc its documentation, or empty
 * @param property the attribute it is of, if it is of one
 */
public record Field(String name, String member, String doc, FieldType type, Optional<Property> property) {
    /** One that is of no attribute, and alone the property it belongs to. */
    public static Field of(String name, FieldType type) {
        return new Field(name, name, "", type, Optional.empty());
    }

    /** That of an attribute. */
    public static Field of(Property property) {
        FieldType type = FieldType.of(property.attribute().type())
                .listed(property.attribute().list());
        String name = property.name();
        return new Field(name, name, property.attribute().notes().doc(), type, Optional.of(property));
    }
}
