package jasperwing.findings;

import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.naming.Role;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Which entities can have a first row: those of whose references that must be filled, and of what they are a kind of, each has a target that
 * can, or that lives elsewhere. What has only its kinds has the rows of these. Linear in references, but for the depth of kinds.
 */
final class FirstRows {
    private final Design design;
    private final Map<String, Integer> open = new HashMap<>();
    private final Map<String, List<Role>> waiting = new HashMap<>();
    private final Set<String> there = new HashSet<>();
    private final Deque<String> next = new ArrayDeque<>();

    private FirstRows(Design design) {
        this.design = design;
    }

    /** @param musts the references that must be filled at once */
    static Set<String> of(Design design, List<Role> musts) {
        FirstRows rows = new FirstRows(design);
        musts.forEach(rows::owe);
        for (Entity entity : design.entities()) {
            if (entity.outside() || !rows.open.containsKey(entity.name())) {
                rows.store(entity);
            }
        }
        rows.run();
        return rows.there;
    }

    private void owe(Role role) {
        open.merge(role.holder(), 1, Integer::sum);
        InheritanceTree.descendants(design, role.holder()).forEach(k -> open.merge(k.name(), 1, Integer::sum));
        role.targets()
                .forEach(t -> waiting.computeIfAbsent(t, e -> new ArrayList<>()).add(role));
    }

    /** A row of it is one of all it is a kind of too. */
    private void store(Entity entity) {
        if (!entity.inheritance().onlyKinds()) {
            next.add(entity.name());
            InheritanceTree.ancestors(design, entity.name()).forEach(a -> next.add(a.name()));
        }
    }

    private void run() {
        Set<Role> satisfied = new HashSet<>();
        while (!next.isEmpty()) {
            String entity = next.remove();
            if (there.add(entity)) {
                waiting.getOrDefault(entity, List.of()).stream()
                        .filter(satisfied::add)
                        .forEach(this::settle);
            }
        }
    }

    private void settle(Role role) {
        settle(role.holder());
        InheritanceTree.descendants(design, role.holder()).forEach(k -> settle(k.name()));
    }

    private void settle(String entity) {
        if (open.merge(entity, -1, Integer::sum) == 0) {
            design.entity(entity).ifPresent(this::store);
        }
    }
}
