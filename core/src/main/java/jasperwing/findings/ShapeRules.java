package jasperwing.findings;

import jasperwing.model.Area;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.jgrapht.Graph;
import org.jgrapht.alg.connectivity.GabowStrongConnectivityInspector;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleDirectedGraph;

/** What is strange about a design as a whole: entities tied to nothing or with nothing in them, areas that need each other. */
final class ShapeRules {
    private ShapeRules() {}

    /** Entities that are related to nothing, where others are. */
    static void untied(Checked checked, Consumer<Finding> found) {
        Design design = checked.design();
        if (design.relationships().isEmpty()) {
            return;
        }
        for (Entity entity : design.entities()) {
            if (design.relationshipsOf(entity.name()).isEmpty() && !InheritanceTree.has(design, entity.name())) {
                found.accept(untied(entity));
            }
        }
    }

    static void check(Checked checked, Entity entity, Consumer<Finding> found) {
        if (!InheritanceTree.has(checked.design(), entity.name()) && !entity.outside() && isBare(checked, entity)) {
            found.accept(bare(entity));
        }
    }

    /** Whether it says nothing about its rows: no attribute that is not only its key, and nothing it points to. */
    private static boolean isBare(Checked checked, Entity entity) {
        return !checked.design().isLink(entity.name())
                && entity.traits().isEmpty()
                && entity.attributes().stream().allMatch(a -> entity.isKey(a) && isGiven(a))
                && checked.heldBy(entity.name()).isEmpty()
                && !isSharedParent(checked, entity);
    }

    /** Whether it is there to be what several entities have in common: each of its rows belongs to one row of one of them. */
    private static boolean isSharedParent(Checked checked, Entity entity) {
        return Roles.pointingTo(checked.design(), entity.name()).stream()
                        .filter(r -> r.unique() && r.must())
                        .map(Role::holder)
                        .distinct()
                        .count()
                > 1;
    }

    private static boolean isGiven(Attribute attribute) {
        return !attribute.type().isText();
    }

    private static Finding untied(Entity entity) {
        return new Finding(
                Rule.UNTIED,
                Subject.of(entity.name()),
                entity.name() + " is related to nothing.",
                "Nothing refers to it and it refers to nothing.",
                List.of());
    }

    private static Finding bare(Entity entity) {
        return new Finding(
                Rule.NO_ATTRIBUTES,
                Subject.of(entity.name()),
                entity.name() + " has no attributes besides its key.",
                "A row has no data besides its key.",
                List.of());
    }

    /** Areas that point to each other in a circle. */
    static void areas(Checked checked, Consumer<Finding> found) {
        Map<String, Map<String, Role>> binaries = binaries(checked);
        Graph<String, DefaultEdge> graph = new SimpleDirectedGraph<>(DefaultEdge.class);
        binaries.forEach((from, tos) -> {
            graph.addVertex(from);
            tos.keySet().forEach(graph::addVertex);
            tos.keySet().forEach(to -> graph.addEdge(from, to));
        });
        List<String> order = checked.design().areas().stream().map(Area::name).toList();
        List<List<String>> circles = new ArrayList<>();
        for (Set<String> circle : new GabowStrongConnectivityInspector<>(graph).stronglyConnectedSets()) {
            if (circle.size() > 1) {
                circles.add(order.stream().filter(circle::contains).toList());
            }
        }
        circles.stream()
                .sorted((a, b) -> Integer.compare(order.indexOf(a.get(0)), order.indexOf(b.get(0))))
                .forEach(c -> found.accept(tangled(c, binaries)));
    }

    /** One reference for each pair of areas with one between them, in the order of the entities. */
    private static Map<String, Map<String, Role>> binaries(Checked checked) {
        Map<String, Map<String, Role>> binaries = new TreeMap<>();
        Map<String, String> areas = areasOf(checked.design());
        for (Role role : checked.roles()) {
            String from = areas.getOrDefault(role.holder(), "");
            for (String target : role.targets()) {
                String to = areas.getOrDefault(target, "");
                if (!from.isEmpty() && !to.isEmpty() && !from.equals(to)) {
                    binaries.computeIfAbsent(from, f -> new LinkedHashMap<>()).putIfAbsent(to, role);
                }
            }
        }
        return binaries;
    }

    /** The area of each entity that is in one there is. */
    private static Map<String, String> areasOf(Design design) {
        Map<String, String> areas = new HashMap<>();
        for (Entity entity : design.entities()) {
            if (!entity.area().isEmpty() && design.area(entity.area()).isPresent()) {
                areas.putIfAbsent(entity.name(), entity.area());
            }
        }
        return areas;
    }

    private static Finding tangled(List<String> areas, Map<String, Map<String, Role>> binaries) {
        Set<String> examples = new LinkedHashSet<>();
        for (String from : areas) {
            binaries.getOrDefault(from, Map.of()).forEach((to, role) -> {
                if (areas.contains(to)) {
                    examples.add(role.holder() + "'s " + role.name());
                }
            });
        }
        return new Finding(
                Rule.TANGLED_AREAS,
                Subject.of(areas.get(0)),
                "The areas " + EntityNouns.all(areas) + " point to each other in a circle, by "
                        + examples.stream().limit(4).collect(Collectors.joining(", ")) + ".",
                "None of them can be built or released without the others.",
                List.of());
    }
}
