package jasperwing.findings;

import jasperwing.derive.Schema;
import jasperwing.dialect.Dialect;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Relationship;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A design with the projections rules look at.
 *
 * @param tables the schema; empty for rules that look at no table
 */
record Checked(DesignFacts facts, Dialect dialect, Optional<Schema> tables, Repetitions repetitions, NameHints hints) {
    Design design() {
        return facts.design();
    }

    Schema schema() {
        return tables.orElseThrow(
                () -> new IllegalStateException("a rule that looks at tables is held before there are any"));
    }

    /** The first entity of each name, by the name in snake case. */
    Map<String, String> bySnake() {
        return facts.bySnake();
    }

    /** The entity with the attributes of its traits. */
    Entity whole(Entity entity) {
        return entity.traits().isEmpty()
                ? entity
                : design().whole().entity(entity.name()).orElse(entity);
    }

    /** What the names of an entity's attributes say. */
    NameHints.Said hints(Entity entity) {
        return hints.of(entity);
    }

    /** Every reference an entity holds, in the order of the entities. */
    List<Role> roles() {
        return facts.roles();
    }

    /** The references an entity holds; those of two of one name the first of them. */
    List<Role> heldBy(Entity entity) {
        return facts.heldBy(entity);
    }

    /** The relationships an entity takes part in; those of two of one name the first of them. */
    List<Relationship> relationshipsOf(Entity entity) {
        return facts.isFirst(entity) ? design().relationshipsOf(entity.name()) : List.of();
    }

    /** Whether an entity is kept by another system. */
    boolean isOutside(String entity) {
        return facts.outside().contains(entity);
    }

    List<Role> heldBy(String entity) {
        return Roles.heldBy(design(), entity);
    }
}
