package jasperwing.classes;

import jasperwing.model.Entity;
import jasperwing.schema.Table;
import java.util.List;

/**
 * A class for an entity.
 *
 * @param computed those whose formula is sound, in the order of the attributes
 * @param associations references first, in the order of the relationships, then what leads back
 * @param subjectOf the one-of associations this class is a subject of
 */
public record ModelClass(
        Entity entity,
        String name,
        Table table,
        List<Property> properties,
        List<Computed> computed,
        List<Association> associations,
        List<SubjectOf> subjectOf) {
    /** That this class is a possible subject of another's one-of. */
    public record SubjectOf(String holder, String association) {}

    public ModelClass {
        properties = List.copyOf(properties);
        computed = List.copyOf(computed);
        associations = List.copyOf(associations);
        subjectOf = List.copyOf(subjectOf);
    }

    public List<Property> keyProperties() {
        return properties.stream().filter(Property::key).toList();
    }

    /** The references that are part of the key. */
    public List<Association.ToOne> keyReferences() {
        return all(Association.ToOne.class).stream()
                .filter(Association.ToOne::key)
                .toList();
    }

    /** Whether the key has other than exactly one attribute. */
    public boolean hasCompositeKey() {
        return keyProperties().size() != 1 || !keyReferences().isEmpty();
    }

    public <T extends Association> List<T> all(Class<T> kind) {
        return associations.stream().filter(kind::isInstance).map(kind::cast).toList();
    }
}
