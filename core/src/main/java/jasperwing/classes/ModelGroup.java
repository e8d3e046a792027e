package jasperwing.classes;

import jasperwing.model.AttributeGroup;
import java.util.List;

/**
 * A value as a class, or a trait as an interface.
 *
 * @param properties without lists, for a value; their columns bear the names they ask for by themselves
 */
public record ModelGroup(AttributeGroup group, String name, List<Property> properties) {
    public ModelGroup {
        properties = List.copyOf(properties);
    }
}
