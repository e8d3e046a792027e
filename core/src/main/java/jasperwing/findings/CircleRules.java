package jasperwing.findings;

import jasperwing.model.Entity;
import jasperwing.naming.Role;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import org.jgrapht.Graph;
import org.jgrapht.alg.connectivity.GabowStrongConnectivityInspector;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.DirectedPseudograph;

/** Entities that must each have one of the others first. */
final class CircleRules {
    /** What checking at the end is good for. */
    private static final String TOGETHER =
            "; checked at the end they can be stored together where keys are not counted up, though not by Hibernate";

    private CircleRules() {}

    static void check(Checked checked, Consumer<Finding> found) {
        List<Role> musts = new ArrayList<>();
        for (Role role : checked.roles()) {
            if (role.must() && FirstRowRules.bindsAtOnce(checked, role) && !checked.isOutside(role.holder())) {
                musts.add(role);
            }
        }
        requiredCycles(checked, musts, found);
        FirstRowRules.check(checked, musts, found);
    }

    private static void requiredCycles(Checked checked, List<Role> roles, Consumer<Finding> found) {
        List<RowDependency> needs = OnCircles.of(needs(checked, roles));
        if (needs.isEmpty()) {
            return;
        }
        Graph<String, DefaultEdge> graph = new DirectedPseudograph<>(DefaultEdge.class);
        for (RowDependency need : needs) {
            graph.addVertex(need.from());
            graph.addVertex(need.to());
            graph.addEdge(need.from(), need.to());
        }
        Map<String, Set<String>> circles = new HashMap<>();
        new GabowStrongConnectivityInspector<>(graph)
                .stronglyConnectedSets().stream()
                        .filter(c -> c.size() > 1)
                        .forEach(c -> c.forEach(e -> circles.put(e, c)));
        Map<Set<String>, List<Role>> inside = new IdentityHashMap<>();
        for (RowDependency need : needs) {
            Set<String> circle = circles.get(need.from());
            if (need.role().isPresent() && circle != null && circle == circles.get(need.to())) {
                inside.computeIfAbsent(circle, c -> new ArrayList<>())
                        .add(need.role().get());
            }
        }
        inside.entrySet().stream()
                .map(e -> requiredCycle(
                        checked, EntityNouns.all(e.getKey().stream().sorted().toList()), e.getValue()))
                .sorted(Comparator.comparing(Finding::message))
                .forEach(found);
    }

    private static List<RowDependency> needs(Checked checked, List<Role> musts) {
        List<RowDependency> needs = new ArrayList<>(musts.size());
        for (Role role : musts) {
            if (role.targets().size() == 1 && !role.target().equals(role.holder())) {
                needs.add(RowDependency.of(role));
            }
        }
        for (Entity entity : checked.design().entities()) {
            checked.design()
                    .parent(entity.name())
                    .ifPresent(p -> needs.add(RowDependency.ofKind(entity.name(), p.name())));
        }
        return needs;
    }

    private static Finding requiredCycle(Checked checked, String names, List<Role> inside) {
        List<Fix> fixes = new ArrayList<>();
        inside.stream()
                .filter(ReferenceRules::canLoosen)
                .forEach(r ->
                        fixes.add(new Fix("Let " + r.holder() + " be without " + r.name(), ReferenceRules.loosen(r))));
        if (checked.dialect().defersKeys()) {
            Role first = inside.get(0);
            fixes.add(new Fix(
                    "Check " + first.holder() + "'s " + first.name() + " at the end of a transaction",
                    ReferenceRules.checkedAtEnd(first.relationship(), true)));
        }
        return new Finding(
                Rule.REQUIRED_CYCLE,
                Subject.of(inside.get(0).relationship(), inside.get(0).name()),
                names + " must each have one of the others first.",
                "None of them can have a first row" + (checked.dialect().defersKeys() ? TOGETHER : "") + ".",
                fixes);
    }
}
