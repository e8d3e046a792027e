package jasperwing.moves;

import static jasperwing.moves.Hindrances.first;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Family;
import jasperwing.naming.Roles;
import java.util.ArrayDeque;
import java.util.Collection;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** What moves among kinds ask. */
final class Kinds {
    private Kinds() {}

    static Optional<String> canBecome(Design design, String kind, String of) {
        return first(
                () -> Hindrances.when(kind.equals(of), "Nothing is a kind of itself."),
                () -> design.parent(kind).map(p -> kind + " is a kind of " + p.name() + " already."),
                () -> Hindrances.when(
                        Family.ancestors(design, of).stream()
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
        return Family.attribute(design, entity, attribute.name()).equals(Optional.of(attribute));
    }

    /** What a kind and its kinds have, but some members, must not bear a name of what it becomes a kind of. */
    static Optional<String> clash(Design design, String kind, String of, Collection<String> but) {
        List<String> above = Stream.concat(
                        Stream.of(of), Family.ancestors(design, of).stream().map(Entity::name))
                .flatMap(e -> Hindrances.members(design, e).stream())
                .toList();
        Stream<String> own = Hindrances.members(design, kind).stream().filter(m -> !but.contains(m));
        Stream<String> below =
                Family.descendants(design, kind).stream().flatMap(e -> Hindrances.members(design, e.name()).stream());
        return Stream.concat(own, below)
                .filter(above::contains)
                .findFirst()
                .map(m ->
                        "Both " + kind + " and " + of + " have a " + m + ", and not alike; rename one of them first.");
    }

    static Optional<String> isKind(Design design, String entity) {
        return Hindrances.when(design.parent(entity).isEmpty(), entity + " is no kind of anything.");
    }

    static Optional<String> hasKinds(Design design, String entity) {
        return Hindrances.when(design.kinds(entity).isEmpty(), "There are no kinds of " + entity + ".");
    }
}
