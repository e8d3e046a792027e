package jasperwing.findings;

import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.OneOf;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.Tie;
import jasperwing.naming.Role;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.jgrapht.Graph;
import org.jgrapht.alg.connectivity.GabowStrongConnectivityInspector;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.DirectedPseudograph;

/** References that no row could ever satisfy, and rules on deleting that cannot be kept. */
final class ReferenceRules {
    private ReferenceRules() {}

    static void check(Checked checked, Consumer<Finding> found) {
        List<Role> roles = checked.roles().stream()
                .filter(r -> !isOutside(checked.design(), r.holder()))
                .toList();
        for (Role role : roles) {
            if (role.must() && !role.relationship().deletes().isEmpty()) {
                role.targets().stream()
                        .filter(t -> role.relationship().onDelete(t) == DeleteRule.EMPTY)
                        .forEach(t -> found.accept(emptyOnMust(role, t)));
            }
            if (role.must()
                    && FirstRowRules.bindsAtOnce(checked, role)
                    && role.targets().equals(List.of(role.holder()))) {
                found.accept(requiredSelf(role));
            }
        }
        requiredCycles(checked, roles, found);
        FirstRowRules.check(checked, found);
        for (Relationship relationship : checked.design().relationships()) {
            if (relationship instanceof Tie tie
                    && tie.shape() == Tie.Shape.MANY_TO_MANY
                    && !tie.deletes().isEmpty()) {
                found.accept(ruleOnJoin(tie));
            }
            if (relationship.checkedAtEnd() && !checked.schema().dialect().defersKeys()) {
                found.accept(checkedAtOnce(checked, relationship));
            }
        }
    }

    private static Edit checkedAtEnd(Relationship relationship, boolean atEnd) {
        return RelationshipEdits.replace(relationship, relationship.withCheckedAtEnd(atEnd));
    }

    private static Finding checkedAtOnce(Checked checked, Relationship relationship) {
        return new Finding(
                Rule.CHECKED_AT_ONCE,
                Subject.of(relationship, ""),
                checked.schema().dialect().title() + " checks what " + relationship.from()
                        + " points to at every statement.",
                "What is to be checked at the end of a transaction is refused before.",
                List.of(new Fix("Have it checked at once everywhere", checkedAtEnd(relationship, false))));
    }

    /** What another system keeps it keeps by its own rules. */
    private static boolean isOutside(Design design, String entity) {
        return design.entity(entity).map(Entity::outside).orElse(false);
    }

    private static Finding emptyOnMust(Role role, String target) {
        Relationship relationship = role.relationship();
        List<Fix> fixes = new ArrayList<>();
        fixes.add(new Fix(
                "Refuse to delete " + target + " instead",
                RelationshipEdits.replace(
                        relationship, RelationshipEdits.withRule(relationship, target, DeleteRule.REFUSE))));
        if (canLoosen(role)) {
            fixes.add(new Fix("Let " + role.holder() + " be without one", loosen(role)));
        }
        return new Finding(
                Rule.EMPTY_ON_MUST,
                Subject.of(relationship, role.name()),
                "Deleting " + target + " empties " + role.holder() + "'s " + role.name() + ", which must be filled.",
                "The database refuses the delete when it comes to it.",
                fixes);
    }

    private static Finding requiredSelf(Role role) {
        return new Finding(
                Rule.REQUIRED_SELF,
                Subject.of(role.relationship(), role.name()),
                "Every " + role.holder() + " must have another as " + role.name() + ".",
                "The first one can never be stored.",
                canLoosen(role) ? List.of(new Fix("Let the first be without one", loosen(role))) : List.of());
    }

    private static void requiredCycles(Checked checked, List<Role> roles, Consumer<Finding> found) {
        Graph<String, DefaultEdge> graph = new DirectedPseudograph<>(DefaultEdge.class);
        List<Role> musts = inCircles(roles.stream()
                .filter(r -> r.must()
                        && FirstRowRules.bindsAtOnce(checked, r)
                        && r.targets().size() == 1
                        && !r.target().equals(r.holder()))
                .toList());
        for (Role role : musts) {
            graph.addVertex(role.holder());
            graph.addVertex(role.target());
            graph.addEdge(role.holder(), role.target());
        }
        Map<String, Set<String>> circles = new HashMap<>();
        new GabowStrongConnectivityInspector<>(graph)
                .stronglyConnectedSets().stream()
                        .filter(c -> c.size() > 1)
                        .forEach(c -> c.forEach(e -> circles.put(e, c)));
        Map<Set<String>, List<Role>> inside = new IdentityHashMap<>();
        for (Role role : musts) {
            Set<String> circle = circles.get(role.holder());
            if (circle != null && circle == circles.get(role.target())) {
                inside.computeIfAbsent(circle, c -> new ArrayList<>()).add(role);
            }
        }
        inside.entrySet().stream()
                .map(e -> requiredCycle(
                        checked, e.getKey().stream().sorted().collect(Collectors.joining(", ")), e.getValue()))
                .sorted(Comparator.comparing(Finding::message))
                .forEach(found);
    }

    /** Those that can lie on a circle: all but those whose chains of musts come to an end. Linear, after Kahn. */
    private static List<Role> inCircles(List<Role> roles) {
        Map<String, List<Role>> pointing = new HashMap<>();
        Map<String, Integer> open = new HashMap<>();
        for (Role role : roles) {
            pointing.computeIfAbsent(role.target(), t -> new ArrayList<>()).add(role);
            open.merge(role.holder(), 1, Integer::sum);
        }
        Deque<String> ended = new ArrayDeque<>(
                pointing.keySet().stream().filter(t -> !open.containsKey(t)).toList());
        while (!ended.isEmpty()) {
            for (Role role : pointing.getOrDefault(ended.remove(), List.of())) {
                if (open.merge(role.holder(), -1, Integer::sum) == 0) {
                    ended.add(role.holder());
                }
            }
        }
        return roles.stream().filter(r -> open.get(r.holder()) > 0).toList();
    }

    private static Finding requiredCycle(Checked checked, String names, List<Role> inside) {
        List<Fix> fixes = new ArrayList<>();
        inside.stream()
                .filter(ReferenceRules::canLoosen)
                .forEach(r -> fixes.add(new Fix("Let " + r.holder() + " be without " + r.name(), loosen(r))));
        if (checked.schema().dialect().defersKeys()) {
            Role first = inside.get(0);
            fixes.add(new Fix(
                    "Check " + first.holder() + "'s " + first.name() + " at the end of a transaction",
                    checkedAtEnd(first.relationship(), true)));
        }
        return new Finding(
                Rule.REQUIRED_CYCLE,
                Subject.of(inside.get(0).relationship(), inside.get(0).name()),
                names + " must each have one of the others first.",
                "None of them can have a first row.",
                fixes);
    }

    private static Finding ruleOnJoin(Tie tie) {
        return new Finding(
                Rule.RULE_ON_JOIN,
                Subject.of(tie, ""),
                "A rule for deleting stands on the many-to-many of " + tie.from() + " and " + tie.to() + ".",
                "It means nothing: only the pairs go, never the rows at the other end.",
                List.of(new Fix(
                        "Take the rule away", RelationshipEdits.replace(tie, RelationshipEdits.withoutRules(tie)))));
    }

    /** The references of a link entity are always filled. */
    private static boolean canLoosen(Role role) {
        return role.relationship() instanceof OneOf
                || role.relationship() instanceof Tie tie && tie.via().isEmpty();
    }

    private static Edit loosen(Role role) {
        return must(role, false);
    }

    /** Says whether the holder of a reference has to point to something. */
    static Edit must(Role role, boolean must) {
        Relationship relationship = role.relationship();
        boolean forward = relationship instanceof OneOf || relationship instanceof Tie tie && tie.fromHolds();
        Relationship changed = forward
                ? relationship.withForward(relationship.forward().withMust(must))
                : relationship.withBack(relationship.back().map(b -> b.withMust(must)));
        return RelationshipEdits.replace(relationship, changed);
    }
}
