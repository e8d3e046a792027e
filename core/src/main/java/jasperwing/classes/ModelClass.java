package jasperwing.classes;

import jasperwing.derive.DerivedTable;
import jasperwing.model.Entity;
import jasperwing.model.KindsKept;
import java.util.List;
import java.util.Optional;

/**
 * A class for an entity.
 *
 * @param computed those whose formula is sound, in the order of the attributes
 * @param rules those that are sound: what it inherits, then its own, in their order
 * @param associations references first, in the order of the relationships, then what leads back
 * @param subjectOf the one-of associations this class is a subject of
 * @param hierarchy what it is a kind of, and how its family is kept; empty for a class without a family
 */
public record ModelClass(
        Entity entity,
        String name,
        DerivedTable table,
        List<Property> properties,
        List<Computed> computed,
        List<ClassRule> rules,
        List<Association> associations,
        List<SubjectOf> subjectOf,
        Optional<Hierarchy> hierarchy) {
    /** That this class is a possible subject of another's one-of. */
    public record SubjectOf(String holder, String association) {}

    /**
     * The place of a class in its family.
     *
     * @param parent the entity it is a kind of; empty for the root
     * @param kept how the family is kept
     * @param onlyKinds whether there is no object of the class that is not of one of its kinds
     */
    public record Hierarchy(Optional<String> parent, KindsKept kept, boolean onlyKinds) {}

    public ModelClass {
        properties = List.copyOf(properties);
        computed = List.copyOf(computed);
        rules = List.copyOf(rules);
        associations = List.copyOf(associations);
        subjectOf = List.copyOf(subjectOf);
    }

    /** The entity it is a kind of. */
    public Optional<String> parent() {
        return hierarchy.flatMap(Hierarchy::parent);
    }

    /** Whether it has kinds and is none itself. */
    public boolean isRoot() {
        return hierarchy.isPresent() && parent().isEmpty();
    }

    /** Whether there is no object of the class that is not of one of its kinds. */
    public boolean isAbstract() {
        return hierarchy.map(Hierarchy::onlyKinds).orElse(false);
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

    /** The reference that is the whole key and one column, so that rows have the key of what they refer to. */
    public Optional<Association.ToOne> sharedKey() {
        List<Association.ToOne> references = keyReferences();
        boolean outside = all(Association.ToOutside.class).stream().anyMatch(Association.ToOutside::key);
        boolean alone = !outside && keyProperties().isEmpty() && references.size() == 1;
        return alone && references.get(0).foreignKey().columns().size() == 1
                ? Optional.of(references.get(0))
                : Optional.empty();
    }

    public <T extends Association> List<T> all(Class<T> kind) {
        return associations.stream().filter(kind::isInstance).map(kind::cast).toList();
    }
}
