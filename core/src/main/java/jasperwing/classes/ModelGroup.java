package jasperwing.classes;

import jasperwing.model.AttributeGroup;
import java.util.List;

/**
 * A value as a class, or a trait as an interface.
 *
 * @param properties without lists, for a value; their columns bear the names they ask for by themselves
 * @param rules those of a value that are sound; those of a trait are the classes' that have it
 */
public record ModelGroup(AttributeGroup group, String name, List<Property> properties, List<ClassRule> rules) {
    public ModelGroup {
        properties = List.copyOf(properties);
        rules = List.copyOf(rules);
    }
}
