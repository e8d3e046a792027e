package jasperwing.findings;

import jasperwing.derive.DeleteEffect;
import jasperwing.derive.Enforcement;
import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.RelationshipEdits;
import jasperwing.naming.Articles;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;

/** Deletes that take more with them than one thinks. */
final class CascadeRules {
    /** A delete that goes on through as many entities is seen by nobody who only looks at the first. */
    private static final int FAR = 3;

    private final Map<String, List<Role>> into = new LinkedHashMap<>();
    private final Map<String, List<Role>> from = new HashMap<>();
    private final Design design;
    private final Consumer<Finding> found;

    private CascadeRules(Design design, Consumer<Finding> found) {
        this.design = design;
        this.found = found;
    }

    static void check(Checked checked, Consumer<Finding> found) {
        CascadeRules rules = new CascadeRules(checked.design(), found);
        for (Role role : checked.roles()) {
            if (!role.relationship().deletes().isEmpty()) {
                role.targets().stream().filter(t -> rules.cascades(role, t)).forEach(t -> rules.add(role, t));
            }
        }
        rules.run();
    }

    /** Whether the database deletes on; without a foreign key it does not. */
    private boolean cascades(Role role, String target) {
        DeleteRule rule = role.relationship().onDelete(target);
        return Enforcement.of(design, role, target).onDelete(rule) == DeleteEffect.DELETES;
    }

    private void add(Role role, String target) {
        from.computeIfAbsent(target, t -> new ArrayList<>()).add(role);
        into.computeIfAbsent(role.holder(), h -> new ArrayList<>()).add(role);
    }

    private void run() {
        into.forEach((entity, roles) -> {
            routes(entity, roles);
            for (Role role : roles) {
                if (role.targets().contains(entity)) {
                    found.accept(tree(role));
                } else if (role.targets().stream().anyMatch(t -> below(entity).contains(t))) {
                    found.accept(circle(role));
                }
            }
        });
        from.keySet().stream().filter(e -> !into.containsKey(e)).sorted().forEach(this::far);
    }

    /** The entities whose rows may go with one of an entity's, in the order they are reached, itself only when it is reached again. */
    private Set<String> below(String entity) {
        Set<String> reached = new LinkedHashSet<>();
        Deque<String> open = new ArrayDeque<>(List.of(entity));
        while (!open.isEmpty()) {
            for (Role role : from.getOrDefault(open.remove(), List.of())) {
                if (reached.add(role.holder())) {
                    open.add(role.holder());
                }
            }
        }
        return reached;
    }

    /** The entities whose deletes can reach one that a reference points to, itself first. */
    private Set<String> above(Role role) {
        Set<String> reached = new LinkedHashSet<>(role.targets());
        Deque<String> open = new ArrayDeque<>(reached);
        while (!open.isEmpty()) {
            for (Role next : into.getOrDefault(open.remove(), List.of())) {
                next.targets().stream().filter(reached::add).forEach(open::add);
            }
        }
        return reached;
    }

    private void routes(String entity, List<Role> roles) {
        for (int i = 0; i < roles.size(); i++) {
            Set<String> first = above(roles.get(i));
            for (Role other : roles.subList(i + 1, roles.size())) {
                if (!other.relationship().equals(roles.get(i).relationship())) {
                    Role one = roles.get(i);
                    above(other).stream()
                            .filter(a -> first.contains(a) && !a.equals(entity))
                            .findFirst()
                            .ifPresent(a -> found.accept(twoRoutes(a, one, other)));
                }
            }
        }
    }

    private Finding twoRoutes(String top, Role one, Role other) {
        return new Finding(
                Rule.CASCADE_ROUTES,
                Subject.of(other.relationship(), other.name()),
                "Deleting " + Articles.with(top) + " reaches " + one.holder() + " by two ways: by its " + one.name()
                        + " and by its " + other.name() + ".",
                "It goes when either goes, though the other still stands; some databases refuse such tables.",
                List.of(refuse(other)));
    }

    private Finding circle(Role role) {
        return new Finding(
                Rule.CASCADE_CIRCLE,
                Subject.of(role.relationship(), role.name()),
                "Deleting " + Articles.with(role.target()) + " deletes " + role.holder()
                        + " too, and that comes back to " + role.target() + " in a circle.",
                "One delete can empty all of their tables.",
                List.of(refuse(role)));
    }

    private Finding tree(Role role) {
        return new Finding(
                Rule.CASCADE_CIRCLE,
                Subject.of(role.relationship(), role.name()),
                "Deleting " + Articles.with(role.holder()) + " deletes all that have it as " + role.name()
                        + ", and theirs, to the end.",
                "One delete can empty the table.",
                List.of(refuse(role)));
    }

    private void far(String top) {
        Map<String, Integer> depths = new LinkedHashMap<>();
        Deque<String> open = new ArrayDeque<>(List.of(top));
        depths.put(top, 0);
        while (!open.isEmpty()) {
            String at = open.remove();
            for (Role role : from.getOrDefault(at, List.of())) {
                if (!depths.containsKey(role.holder())) {
                    depths.put(role.holder(), depths.get(at) + 1);
                    open.add(role.holder());
                }
            }
        }
        int deepest = depths.values().stream().reduce(0, Math::max);
        if (deepest >= FAR) {
            List<String> gone = depths.keySet().stream().skip(1).toList();
            Role first = from.get(top).get(0);
            found.accept(new Finding(
                    Rule.FAR_CASCADE,
                    Subject.of(first.relationship(), Roles.forward(first.relationship())),
                    "Deleting " + Articles.with(top) + " deletes " + EntityNouns.all(gone) + " with it.",
                    "Someone who deletes one may not expect so many rows to go.",
                    from.get(top).stream().map(this::refuse).toList()));
        }
    }

    private Fix refuse(Role role) {
        String target = role.targets().stream()
                .filter(t -> cascades(role, t))
                .findFirst()
                .orElse(role.target());
        return new Fix(
                "Refuse to delete " + Articles.with(target) + " that has " + Articles.with(role.holder()),
                RelationshipEdits.replace(
                        role.relationship(),
                        RelationshipEdits.withRule(role.relationship(), target, DeleteRule.REFUSE)));
    }
}
