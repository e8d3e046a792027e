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

/**
 * A design with the projections rules look at.
 *
 * @param bySnake the first entity of each name, by the name in snake case
 */
record Checked(Design design, Schema schema, Map<String, String> bySnake) {
    static Checked of(Design design, Schema schema) {
        Map<String, String> bySnake = new HashMap<>();
        design.entities().forEach(e -> bySnake.putIfAbsent(Words.snake(e.name()), e.name()));
        return new Checked(design, schema, bySnake);
    }

    /** The entity with the attributes of its traits. */
    Entity whole(Entity entity) {
        return entity.traits().isEmpty()
                ? entity
                : design.whole().entity(entity.name()).orElse(entity);
    }

    /** Every reference, in the order of the relationships. */
    List<Role> roles() {
        return Roles.all(design);
    }

    List<Role> heldBy(String entity) {
        return Roles.heldBy(design, entity);
    }
}
