package jasperwing.moves;

import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.model.Members;
import jasperwing.model.Relationship;
import jasperwing.model.SortedReading;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;

/** What can stand in the way of moves, said once for all of them. */
final class Preconditions {
    private Preconditions() {}

    /** The first check that finds something; later ones may rely on those before them. */
    @SafeVarargs
    static Optional<String> first(Supplier<Optional<String>>... checks) {
        for (Supplier<Optional<String>> check : checks) {
            Optional<String> hindrance = check.get();
            if (hindrance.isPresent()) {
                return hindrance;
            }
        }
        return Optional.empty();
    }

    static Optional<String> when(boolean is, String hindrance) {
        return is ? Optional.of(hindrance) : Optional.empty();
    }

    /**
     * The relationship must be there, a one-to-one, and between two entities.
     *
     * @param done what would be done to it, such as {@code folded}
     */
    static Optional<String> oneToOne(Design design, BinaryRelationship binary, String done) {
        boolean is = design.relationships().contains(binary)
                && binary.shape() == BinaryRelationship.Shape.ONE_TO_ONE
                && !binary.isSelf();
        return when(!is, "Only a one-to-one between two entities can be " + done + ".");
    }

    /** The entity must be there, once, and be of this design. */
    static Optional<String> entity(Design design, String name) {
        long count =
                design.entities().stream().filter(e -> e.name().equals(name)).count();
        if (count != 1) {
            return Optional.of(
                    count == 0 ? "There is no entity " + name + "." : "There are several entities " + name + ".");
        }
        return when(
                design.entity(name).orElseThrow().outside(),
                name + " lives in another system; its shape is decided there.");
    }

    /** An entity that is a kind of another, or has kinds, is more than itself. */
    static Optional<String> family(Design design, String name) {
        return design.parent(name)
                .map(p -> name + " is a kind of " + p.name() + "; let it be none first.")
                .or(() -> design.kinds(name).stream()
                        .findFirst()
                        .map(k -> k.name() + " is a kind of " + name + "; let it be none first."));
    }

    /** A kind has no key of its own to change. */
    static Optional<String> ownKey(Design design, String name) {
        return design.parent(name).map(p -> name + " is known by the key of " + p.name() + ", which it is a kind of.");
    }

    static Optional<String> attributes(Design design, String entity, Collection<String> names) {
        Entity e = design.entity(entity).orElseThrow();
        return names.stream()
                .filter(n -> e.attribute(n).isEmpty())
                .findFirst()
                .map(n -> entity + " has no attribute " + n + ".");
    }

    /** A new entity or enum needs a name that nothing bears. */
    static Optional<String> freeName(Design design, String name) {
        if (name.isBlank()) {
            return Optional.of("It needs a name.");
        }
        boolean taken = design.entity(name).isPresent()
                || design.enumType(name).isPresent()
                || design.groups().stream().anyMatch(g -> g.name().equals(name));
        return when(taken, "There is a " + name + " already; choose another name.");
    }

    /** No attribute and no role of the entity may have the name, nor of what it is a kind of or what is a kind of it. */
    static Optional<String> freeMember(Design design, String entity, String name) {
        return Stream.of(
                        Stream.of(entity),
                        InheritanceTree.ancestors(design, entity).stream().map(Entity::name),
                        InheritanceTree.descendants(design, entity).stream().map(Entity::name))
                .flatMap(s -> s)
                .filter(e -> members(design, e).contains(name))
                .findFirst()
                .map(e -> e + " has a " + name + " already; rename one of them first.");
    }

    /** The names of all members of an entity, of what it is a kind of and of what is a kind of it. */
    static List<String> membersOfTree(Design design, String entity) {
        List<String> names = members(design, entity);
        InheritanceTree.ancestors(design, entity).forEach(a -> names.addAll(members(design, a.name())));
        InheritanceTree.descendants(design, entity).forEach(d -> names.addAll(members(design, d.name())));
        return names;
    }

    /** The names of all attributes and roles of an entity, those it reads without holding included. */
    static List<String> members(Design design, String entity) {
        List<String> names = new ArrayList<>();
        design.entity(entity)
                .ifPresent(e -> e.attributes().stream().map(Attribute::name).forEach(names::add));
        for (Relationship relationship : design.relationshipsOf(entity)) {
            names.addAll(roles(relationship, entity));
        }
        return names;
    }

    /** What an entity calls the other ends of a relationship. */
    static List<String> roles(Relationship relationship, String entity) {
        List<String> names = new ArrayList<>();
        if (relationship.from().equals(entity)) {
            names.add(Roles.forward(relationship));
        }
        if (relationship.targets().contains(entity) && relationship.back().isPresent()) {
            names.add(Roles.back(relationship));
        }
        Roles.of(relationship).stream()
                .filter(r -> r.holder().equals(entity) && !names.contains(r.name()))
                .map(Role::name)
                .forEach(names::add);
        return names;
    }

    static Optional<String> inKey(Design design, String entity, Collection<String> attributes) {
        Entity e = design.entity(entity).orElseThrow();
        return attributes.stream()
                .filter(e.key().names()::contains)
                .findFirst()
                .map(n -> n + " is part of the key of " + entity + "; a key stays where it is.");
    }

    /** What names some of the attributes must name none besides them. */
    static Optional<String> torn(Design design, String entity, Collection<String> attributes) {
        Entity e = design.entity(entity).orElseThrow();
        Function<Members, Boolean> isTorn =
                m -> m.names().stream().anyMatch(attributes::contains) && !attributes.containsAll(m.names());
        for (Members unique : e.uniques()) {
            if (isTorn.apply(unique)) {
                return Optional.of(entity + "'s " + String.join(", ", unique.names())
                        + " are unique together and would be torn apart; change what is unique first.");
            }
        }
        return when(
                isTorn.apply(e.shown()),
                entity + " is shown as " + String.join(", ", e.shown().names())
                        + ", of which only some would move; change what it is shown as first.");
    }

    /** Nothing besides the attributes themselves may name them: no unique combination, no shown line, no order. */
    static Optional<String> namedAlone(Design design, String entity, Collection<String> attributes) {
        return first(() -> uniqueOrShown(design, entity, attributes), () -> sorting(design, entity, attributes));
    }

    /** As {@link #namedAlone}, where orders follow them. */
    static Optional<String> uniqueOrShown(Design design, String entity, Collection<String> attributes) {
        Entity e = design.entity(entity).orElseThrow();
        boolean unique = e.uniques().stream().anyMatch(u -> u.names().stream().anyMatch(attributes::contains));
        boolean shown = e.shown().names().stream().anyMatch(attributes::contains);
        return first(
                () -> when(unique, entity + " is unique by one of them; change what is unique first."),
                () -> when(shown, entity + " is shown as one of them; change what it is shown as first."));
    }

    /** No many may be read in the order of one of the attributes. */
    static Optional<String> sorting(Design design, String entity, Collection<String> attributes) {
        return sorted(design, entity, attributes, false);
    }

    /** No order may be kept in one of the attributes. */
    static Optional<String> keptOrder(Design design, String entity, Collection<String> attributes) {
        return sorted(design, entity, attributes, true);
    }

    private static Optional<String> sorted(
            Design design, String entity, Collection<String> attributes, boolean keptAlone) {
        return SortedReading.of(design).stream()
                .filter(s -> !keptAlone || s.sorting().kept())
                .filter(s -> s.resolved(design).stream()
                        .anyMatch(r -> r.owner(design).equals(entity)
                                && attributes.contains(r.path().get(0).name())))
                .findFirst()
                .map(s -> "Many " + s.many() + " are read " + s.sorting().words(n -> n)
                        + "; choose another order first.");
    }
}
