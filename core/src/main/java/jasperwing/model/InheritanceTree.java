package jasperwing.model;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * Who is a kind of whom in a design, as far as that can be: both are kept here, and nothing is a kind of itself in the end. Findings
 * tell of what cannot be.
 */
public final class InheritanceTree {
    private InheritanceTree() {}

    /** What an entity is a kind of, the nearest first. */
    public static List<Entity> ancestors(Design design, String entity) {
        List<Entity> all = new ArrayList<>();
        Optional<Entity> next = design.parent(entity);
        while (next.isPresent()) {
            all.add(next.get());
            next = design.parent(next.get().name());
        }
        return all;
    }

    /** The kinds of an entity and theirs: each in the order of the design, its own kinds after it. */
    public static List<Entity> descendants(Design design, String entity) {
        List<Entity> all = new ArrayList<>();
        addKinds(design, entity, all);
        return all;
    }

    private static void addKinds(Design design, String entity, List<Entity> all) {
        for (Entity kind : design.kinds(entity)) {
            all.add(kind);
            addKinds(design, kind.name(), all);
        }
    }

    /** The entity itself and what it is a kind of, the farthest first. */
    public static List<Entity> line(Design design, Entity entity) {
        List<Entity> all = new ArrayList<>(ancestors(design, entity.name()));
        Collections.reverse(all);
        all.add(entity);
        return all;
    }

    /** The farthest an entity is a kind of; itself when it is none. */
    public static String root(Design design, String entity) {
        List<Entity> ancestors = ancestors(design, entity);
        return ancestors.isEmpty()
                ? entity
                : ancestors.get(ancestors.size() - 1).name();
    }

    /** Whether an entity is a kind or has kinds. */
    public static boolean has(Design design, String entity) {
        return design.parent(entity).isPresent() || !design.kinds(entity).isEmpty();
    }

    /** How the rows of an entity's family are kept; empty when it has none. */
    public static Optional<KindsKept> kept(Design design, String entity) {
        return has(design, entity)
                ? Optional.of(design.entity(root(design, entity))
                        .flatMap(e -> e.inheritance().kept())
                        .orElse(KindsKept.TABLE_EACH))
                : Optional.empty();
    }

    public static boolean isKept(Design design, String entity, KindsKept way) {
        return kept(design, entity).equals(Optional.of(way));
    }

    /** The entities whose rows an entity's are: itself unless all are of its kinds, and its kinds and theirs. */
    public static List<Entity> withRows(Design design, Entity entity) {
        List<Entity> all = new ArrayList<>(List.of(entity));
        all.addAll(descendants(design, entity.name()));
        all.removeIf(e -> e.inheritance().onlyKinds());
        return all;
    }

    /** The attribute of that name an entity has, by itself or as the kind it is. */
    public static Optional<Attribute> attribute(Design design, String entity, String name) {
        Optional<Attribute> own = design.entity(entity).flatMap(e -> e.attribute(name));
        return own.isPresent() ? own : design.parent(entity).flatMap(p -> attribute(design, p.name(), name));
    }
}
