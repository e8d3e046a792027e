package jasperwing.classes.jakarta;

import jasperwing.classes.Property;
import java.util.List;
import java.util.Optional;

/**
 * A field of a class.
 *
 * @param member the property it belongs to, which may have several
 * @param mappings what says where it is kept
 * @param rules what its values have to keep to
 * @param property the attribute it is of, if it is of one
 */
public record Field(
        String name,
        String member,
        String doc,
        FieldType type,
        List<Annotation> mappings,
        List<Annotation> rules,
        Optional<Property> property) {
    public Field {
        mappings = List.copyOf(mappings);
        rules = List.copyOf(rules);
    }
}
