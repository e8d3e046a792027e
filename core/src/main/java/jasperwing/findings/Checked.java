package jasperwing.findings;

import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import jasperwing.schema.Schema;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** A design with the projections rules look at. */
final class Checked {
    private final Design design;
    private final Schema schema;
    private final Repetitions repetitions;
    private Map<String, String> bySnake;

    Checked(Design design, Schema schema, Repetitions repetitions) {
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

    Repetitions repetitions() {
        return repetitions;
    }

    /** Every reference, in the order of the relationships. */
    List<Role> roles() {
        return Roles.all(design);
    }

    List<Role> heldBy(String entity) {
        return Roles.heldBy(design, entity);
    }
}
