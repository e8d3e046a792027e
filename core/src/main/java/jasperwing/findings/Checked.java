package jasperwing.findings;

import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Relationship;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import jasperwing.schema.Schema;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** A design with the projections rules look at. */
final class Checked {
    private final Design design;
    private final Schema schema;
    private final Repetitions repetitions;
    private final Hints hints;
    private Map<String, String> bySnake;
    private List<Role> roles;
    private Set<String> outside;

    /** @param bySnake {@link #bySnake} of the same names; null when that is not known */
    Checked(Design design, Schema schema, Repetitions repetitions, Hints hints, Map<String, String> bySnake) {
        this.hints = hints;
        this.bySnake = bySnake;
        this.design = design;
        this.schema = schema;
        this.repetitions = repetitions;
    }

    Design design() {
        return design;
    }

    Schema schema() {
        return schema;
    }

    /** Finds out beforehand what several threads are to look at together. */
    void prepare() {
        bySnake();
        roles();
        isOutside("");
    }

    /** The first entity of each name, by the name in snake case. */
    Map<String, String> bySnake() {
        if (bySnake == null) {
            bySnake = new HashMap<>();
            design.entities().forEach(e -> bySnake.putIfAbsent(Words.snake(e.name()), e.name()));
        }
        return bySnake;
    }

    /** The entity with the attributes of its traits. */
    Entity whole(Entity entity) {
        return entity.traits().isEmpty()
                ? entity
                : design.whole().entity(entity.name()).orElse(entity);
    }

    /** What the attributes of an entity may be named after. */
    Set<String> hints(Entity entity) {
        return hints.of(entity);
    }

    Repetitions repetitions() {
        return repetitions;
    }

    /** Every reference an entity holds, in the order of the entities. */
    List<Role> roles() {
        if (roles == null) {
            roles = new ArrayList<>();
            for (Entity entity : design.entities()) {
                roles.addAll(heldBy(entity));
            }
        }
        return roles;
    }

    /** The references an entity holds; those of two of one name the first of them. */
    List<Role> heldBy(Entity entity) {
        return isFirst(entity) ? heldBy(entity.name()) : List.of();
    }

    /** The relationships an entity takes part in; those of two of one name the first of them. */
    List<Relationship> relationshipsOf(Entity entity) {
        return isFirst(entity) ? design.relationshipsOf(entity.name()) : List.of();
    }

    /** Whether an entity is kept by another system. */
    boolean isOutside(String entity) {
        if (outside == null) {
            outside = new HashSet<>();
            design.entities().stream().filter(Entity::outside).forEach(e -> outside.add(e.name()));
        }
        return outside.contains(entity);
    }

    private boolean isFirst(Entity entity) {
        return design.entity(entity.name()).orElseThrow() == entity;
    }

    List<Role> heldBy(String entity) {
        return Roles.heldBy(design, entity);
    }
}
