package jasperwing.naming;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Reading;
import jasperwing.model.Relations;
import jasperwing.model.Relationship;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What the ends of relationships are called, said or not. */
public final class Roles {
    private Roles() {}

    /** What the first entity of the sentence calls the far end. */
    public static String forward(Relationship relationship) {
        Reading reading = relationship.forward();
        if (relationship instanceof PolymorphicRelationship) {
            return reading.role().isEmpty() ? "subject" : reading.role();
        }
        return name(reading, relationship.targets().get(0));
    }

    /** What the far end calls the first entity of the sentence; there is a name even when it is not read back. */
    public static String back(Relationship relationship) {
        return relationship
                .back()
                .map(b -> name(b, relationship.from()))
                .orElseGet(() -> Plurals.plural(Words.camel(relationship.from())));
    }

    private static String name(Reading reading, String entity) {
        if (!reading.role().isEmpty()) {
            return reading.role();
        }
        String one = Words.camel(entity);
        String name = reading.many() ? Plurals.plural(one) : one;
        return name.isEmpty() ? "other" : name;
    }

    /** What the holder of a one-to-one or one-to-many calls the entity it points to. */
    public static String holding(BinaryRelationship binary) {
        return binary.fromHolds()
                ? forward(binary)
                : binary.back().map(b -> name(b, binary.from())).orElseGet(() -> Words.camel(binary.from()));
    }

    /** What the entity pointed to calls the holder or holders of a one-to-one or one-to-many. */
    public static String held(BinaryRelationship binary) {
        return binary.fromHolds() ? back(binary) : forward(binary);
    }

    /** What one row of a link entity or a join table calls the row at the sentence's first end. */
    public static String linkFrom(BinaryRelationship binary) {
        return linkName(binary, binary.from(), back(binary));
    }

    /** What one row of a link entity or a join table calls the row at the sentence's far end. */
    public static String linkTo(BinaryRelationship binary) {
        return linkName(binary, binary.to(), forward(binary));
    }

    private static String linkName(BinaryRelationship binary, String entity, String role) {
        boolean byRole = binary.isSelf();
        String name = byRole ? Plurals.singular(role) : Words.camel(entity);
        return name.isEmpty() ? "other" : name;
    }

    /** The references an entity holds, in the order of the relationships. */
    public static List<Role> heldBy(Design design, String entity) {
        return known(design).byHolder().getOrDefault(entity, List.of());
    }

    /** The references that can point to an entity, in the order of the relationships. */
    public static List<Role> pointingTo(Design design, String entity) {
        return known(design).byTarget().getOrDefault(entity, List.of());
    }

    private static Known known(Design design) {
        return design.relations().known(Known.class, Known::of);
    }

    /** The references of a list of relationships. */
    private record Known(Map<String, List<Role>> byHolder, Map<String, List<Role>> byTarget) {
        static Known of(Relations relations, Optional<Relations.Former<Known>> former) {
            Known known = former.map(f -> f.what().without(f.touched()))
                    .orElseGet(() -> new Known(new HashMap<>(), new HashMap<>()));
            former.map(Relations.Former::touched)
                    .orElseGet(relations::entities)
                    .forEach(e -> known.add(e, relations.of(e)));
            return known;
        }

        private Known without(Set<String> entities) {
            Known left = new Known(new HashMap<>(byHolder), new HashMap<>(byTarget));
            left.byHolder.keySet().removeAll(entities);
            left.byTarget.keySet().removeAll(entities);
            return left;
        }

        private void add(String entity, List<Relationship> its) {
            List<Role> held = new ArrayList<>(its.size());
            List<Role> pointing = new ArrayList<>(its.size());
            for (Relationship relationship : its) {
                for (Role role : Roles.of(relationship)) {
                    if (role.holder().equals(entity)) {
                        held.add(role);
                    }
                    role.targets().stream().filter(entity::equals).forEach(t -> pointing.add(role));
                }
            }
            byHolder.put(entity, List.copyOf(held));
            byTarget.put(entity, List.copyOf(pointing));
        }
    }

    /** The references one relationship makes; none for a plain many-to-many. */
    public static List<Role> of(Relationship relationship) {
        return relationship.match(Roles::ofBinary, Roles::ofOneOf);
    }

    private static List<Role> ofOneOf(PolymorphicRelationship oneOf) {
        return List.of(new Role(
                oneOf.from(), forward(oneOf), oneOf.subjects(), oneOf.forward().must(), !oneOf.backMany(), oneOf));
    }

    private static List<Role> ofBinary(BinaryRelationship binary) {
        return switch (binary.shape()) {
            case MANY_TO_MANY -> List.of();
            case LINKED -> List.of(
                    new Role(binary.via(), linkFrom(binary), List.of(binary.from()), true, false, binary),
                    new Role(binary.via(), linkTo(binary), List.of(binary.to()), true, false, binary));
            case ONE_TO_ONE, ONE_TO_MANY -> List.of(new Role(
                    binary.holder(),
                    holding(binary),
                    List.of(binary.parent()),
                    binary.holding().map(Reading::must).orElse(false),
                    binary.shape() == BinaryRelationship.Shape.ONE_TO_ONE,
                    binary));
        };
    }

    /** The reference of that name that the entity holds. */
    public static Optional<Role> find(Design design, String entity, String name) {
        return heldBy(design, entity).stream()
                .filter(r -> r.name().equals(name))
                .findFirst();
    }
}
