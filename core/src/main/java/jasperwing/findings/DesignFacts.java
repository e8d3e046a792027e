package jasperwing.findings;

import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** What follows from a design and many rules look at, found out when first asked for. Safe for several threads. */
final class DesignFacts {
    private final Design design;
    private final LazyValue<Map<String, String>> bySnake;
    private final LazyValue<List<Role>> roles = new LazyValue<>(this::findRoles);
    private final LazyValue<Set<String>> outside = new LazyValue<>(this::findOutside);

    DesignFacts(Design design) {
        this.design = design;
        this.bySnake = new LazyValue<>(this::findBySnake);
    }

    /** Those of a design whose entities have the same names as another's. */
    DesignFacts(Design design, DesignFacts named) {
        this.design = design;
        this.bySnake = named.bySnake;
    }

    Design design() {
        return design;
    }

    /** The first entity of each name, by the name in snake case. */
    Map<String, String> bySnake() {
        return bySnake.get();
    }

    private Map<String, String> findBySnake() {
        Map<String, String> all = new HashMap<>(design.entities().size() * 2);
        design.entities().forEach(e -> all.putIfAbsent(Words.snake(e.name()), e.name()));
        return all;
    }

    /** Every reference an entity holds, in the order of the entities. */
    List<Role> roles() {
        return roles.get();
    }

    private List<Role> findRoles() {
        List<Role> all = new ArrayList<>();
        design.entities().forEach(e -> all.addAll(heldBy(e)));
        return all;
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
        return outside.get();
    }

    private Set<String> findOutside() {
        return design.entities().stream()
                .filter(Entity::outside)
                .map(Entity::name)
                .collect(Collectors.toSet());
    }
}
