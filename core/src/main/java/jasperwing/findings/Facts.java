package jasperwing.findings;

import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What follows from a design and many rules look at, found out when first asked for. Safe for several threads. */
final class Facts {
    private final Design design;
    private volatile Map<String, String> bySnake;
    private volatile List<Role> roles;
    private volatile Set<String> outside;

    Facts(Design design) {
        this.design = design;
    }

    /** Those of a design whose entities have the same names as another's. */
    Facts(Design design, Facts named) {
        this(design);
        this.bySnake = named.bySnake;
    }

    Design design() {
        return design;
    }

    /** The first entity of each name, by the name in snake case. */
    Map<String, String> bySnake() {
        if (bySnake == null) {
            findBySnake();
        }
        return bySnake;
    }

    private synchronized void findBySnake() {
        if (bySnake == null) {
            Map<String, String> all = new HashMap<>(design.entities().size() * 2);
            design.entities().forEach(e -> all.putIfAbsent(Words.snake(e.name()), e.name()));
            bySnake = all;
        }
    }

    /** Every reference an entity holds, in the order of the entities. */
    List<Role> roles() {
        if (roles == null) {
            findRoles();
        }
        return roles;
    }

    private synchronized void findRoles() {
        if (roles == null) {
            List<Role> all = new ArrayList<>();
            design.entities().forEach(e -> all.addAll(heldBy(e)));
            roles = all;
        }
    }

    /** The references an entity holds; those of two of one name the first of them. */
    List<Role> heldBy(Entity entity) {
        return isFirst(entity) ? Roles.heldBy(design, entity.name()) : List.of();
    }

    boolean isFirst(Entity entity) {
        return design.entity(entity.name()).orElseThrow() == entity;
    }

    /** The entities that are kept by other systems. */
    Set<String> outside() {
        if (outside == null) {
            findOutside();
        }
        return outside;
    }

    private synchronized void findOutside() {
        if (outside == null) {
            Set<String> all = new HashSet<>();
            design.entities().stream().filter(Entity::outside).forEach(e -> all.add(e.name()));
            outside = all;
        }
    }
}
