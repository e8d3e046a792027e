package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.model.Relationship;
import jasperwing.naming.Roles;
import java.util.ArrayDeque;
import java.util.Collection;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** What moves among kinds ask. */
final class Kinds {
    private Kinds() {}

    static Optional<String> canBecome(Design design, String kind, String of) {
        return first(
                () -> Preconditions.when(kind.equals(of), "Nothing is a kind of itself."),
                () -> design.parent(kind).map(p -> kind + " is a kind of " + p.name() + " already."),
                () -> Preconditions.when(
                        InheritanceTree.ancestors(design, of).stream()
                                .anyMatch(a -> a.name().equals(kind)),
                        of + " is a kind of " + kind + "."));
    }

    /** What an entity is to be known by must not be known by that entity in the end. */
    static Optional<String> identified(Design design, String entity, String by) {
        Set<String> seen = new HashSet<>();
        Deque<String> open = new ArrayDeque<>(List.of(by));
        while (!open.isEmpty()) {
            String at = open.pop();
            if (at.equals(entity)) {
                return Optional.of(by + " is known by " + entity + " itself, in the end.");
            }
            if (seen.add(at)) {
                open.addAll(knownBy(design, at));
            }
        }
        return Optional.empty();
    }

    /** What the key of an entity takes in. */
    private static List<String> knownBy(Design design, String entity) {
        Optional<Entity> parent = design.parent(entity);
        if (parent.isPresent()) {
            return List.of(parent.get().name());
        }
        boolean link = design.isLink(entity)
                && design.entity(entity).map(e -> e.key().isEmpty()).orElse(false);
        return Roles.heldBy(design, entity).stream()
                .filter(r -> link
                        || design.entity(entity)
                                .map(e -> e.key().names().contains(r.name()))
                                .orElse(false))
                .flatMap(r -> r.targets().stream())
                .toList();
    }

    /** Whether an entity, or what it is a kind of, has an attribute as it is. */
    static boolean has(Design design, String entity, Attribute attribute) {
        return InheritanceTree.attribute(design, entity, attribute.name()).equals(Optional.of(attribute));
    }

    /** What a kind and its kinds have, but some members, must not bear a name of what it becomes a kind of. */
    static Optional<String> clash(Design design, String kind, String of, Collection<String> but) {
        List<String> above = Stream.concat(
                        Stream.of(of),
                        InheritanceTree.ancestors(design, of).stream().map(Entity::name))
                .toList();
        List<String> below = Stream.concat(
                        Stream.of(kind),
                        InheritanceTree.descendants(design, kind).stream().map(Entity::name))
                .toList();
        Set<String> inherited = members(design, above);
        Set<String> own = members(design, below);
        Preconditions.members(design, kind).stream().filter(but::contains).forEach(own::remove);
        Set<String> named = named(design, above);
        named.addAll(named(design, below));
        return own.stream()
                .filter(m -> inherited.contains(m) && named.contains(m))
                .findFirst()
                .map(m ->
                        "Both " + kind + " and " + of + " have a " + m + ", and not alike; rename one of them first.");
    }

    private static Set<String> members(Design design, List<String> entities) {
        Set<String> members = new LinkedHashSet<>();
        entities.forEach(e -> members.addAll(Preconditions.members(design, e)));
        return members;
    }

    /** The members whose names were given, or become columns; properties for the rest find free names. */
    private static Set<String> named(Design design, List<String> entities) {
        Set<String> named = new HashSet<>();
        entities.forEach(e -> named.addAll(named(design, e)));
        return named;
    }

    private static List<String> named(Design design, String entity) {
        Set<String> loose = new HashSet<>();
        for (Relationship relationship : design.relationshipsOf(entity)) {
            boolean forward = relationship.from().equals(entity);
            if (forward && relationship.forward().role().isEmpty()) {
                loose.add(Roles.forward(relationship));
            }
            boolean back = relationship.targets().contains(entity);
            if (back && relationship.back().map(b -> b.role().isEmpty()).orElse(false)) {
                loose.add(Roles.back(relationship));
            }
        }
        design.entity(entity).ifPresent(e -> e.attributes().forEach(a -> loose.remove(a.name())));
        Roles.heldBy(design, entity).forEach(r -> loose.remove(r.name()));
        return Preconditions.members(design, entity).stream()
                .filter(m -> !loose.contains(m))
                .toList();
    }

    static Optional<String> isKind(Design design, String entity) {
        return Preconditions.when(design.parent(entity).isEmpty(), entity + " is no kind of anything.");
    }

    static Optional<String> hasKinds(Design design, String entity) {
        return Preconditions.when(design.kinds(entity).isEmpty(), "There are no kinds of " + entity + ".");
    }
}
