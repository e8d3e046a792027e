package jasperwing.derive;

import jasperwing.model.Design;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.naming.Role;
import jasperwing.physical.Column;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jgrapht.Graph;
import org.jgrapht.alg.connectivity.KosarajuStrongConnectivityInspector;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleDirectedGraph;

/**
 * The order in which tables can be created and filled.
 *
 * @param steps tables that can be created together, after all earlier steps; within a step in the order of the schema,
 *     but what must point to another behind it. Tables that point to each other in a circle stand in one step
 * @param late foreign keys that close a circle and can only be added when both tables stand
 */
public record Order(List<List<DerivedTable>> steps, List<Reference> late) {
    public Order {
        steps = steps.stream().map(List::copyOf).toList();
        late = List.copyOf(late);
    }

    /** The order in which tables can be created. Linear in tables and keys: strong components after Kosaraju, then longest paths. */
    public static Order of(Schema schema) {
        return ordered(schema, List.of());
    }

    /** The order of some of the tables; keys to others are taken to find them there. */
    static Order of(Schema schema, List<DerivedTable> some) {
        Order whole = of(schema);
        Set<String> names = some.stream().map(DerivedTable::name).collect(Collectors.toSet());
        List<Reference> closing = some.stream()
                .flatMap(t -> t.references().stream())
                .filter(k -> names.contains(k.target()) && whole.late.contains(k))
                .toList();
        return new Order(List.of(whole.tables().stream().filter(some::contains).toList()), closing);
    }

    /**
     * The order in which tables can be filled so that every reference finds its row, with or without a foreign key. References without one
     * are passed over where they would close a circle.
     */
    public static Order ofRows(Design design, Schema schema) {
        return ordered(schema, LooseReference.all(design.whole(), schema));
    }

    private static Order ordered(Schema schema, List<LooseReference> loose) {
        Graph<String, DefaultEdge> graph = new SimpleDirectedGraph<>(DefaultEdge.class);
        schema.tables().forEach(t -> graph.addVertex(t.name()));
        for (DerivedTable table : schema.tables()) {
            for (Reference key : table.references()) {
                if (key.enforced() && !key.target().equals(table.name()) && graph.containsVertex(key.target())) {
                    graph.addEdge(table.name(), key.target());
                }
            }
        }
        loose.forEach(
                l -> l.targets().forEach(t -> addUnlessCircle(graph, l.holder().name(), t.name())));
        Map<String, Integer> component = components(graph);
        Map<Integer, List<String>> members = new HashMap<>();
        component.forEach(
                (table, c) -> members.computeIfAbsent(c, n -> new ArrayList<>()).add(table));
        Map<Integer, Integer> depth = new HashMap<>();
        members.keySet().forEach(c -> new Depths(graph, component, members, depth).of(c));
        return ordered(schema, component, depth);
    }

    private static void addUnlessCircle(Graph<String, DefaultEdge> graph, String from, String to) {
        if (!graph.containsVertex(to)) {
            return;
        }
        Set<String> reached = new HashSet<>(Set.of(to));
        Deque<String> open = new ArrayDeque<>(reached);
        while (!open.isEmpty()) {
            graph.outgoingEdgesOf(open.remove()).stream()
                    .map(graph::getEdgeTarget)
                    .filter(reached::add)
                    .forEach(open::add);
        }
        if (!reached.contains(from)) {
            graph.addEdge(from, to);
        }
    }

    private static Map<String, Integer> components(Graph<String, DefaultEdge> graph) {
        Map<String, Integer> component = new HashMap<>();
        int number = 0;
        for (Set<String> members : new KosarajuStrongConnectivityInspector<>(graph).stronglyConnectedSets()) {
            for (String member : members) {
                component.put(member, number);
            }
            number++;
        }
        return component;
    }

    /** How many steps must come before a component: the longest path of references from it. */
    private record Depths(
            Graph<String, DefaultEdge> graph,
            Map<String, Integer> component,
            Map<Integer, List<String>> members,
            Map<Integer, Integer> known) {
        int of(int wanted) {
            Integer done = known.get(wanted);
            if (done != null) {
                return done;
            }
            int deepest = 0;
            for (String table : members.get(wanted)) {
                for (DefaultEdge edge : graph.outgoingEdgesOf(table)) {
                    int to = component.get(graph.getEdgeTarget(edge));
                    deepest = to == wanted ? deepest : Math.max(deepest, 1 + of(to));
                }
            }
            known.put(wanted, deepest);
            return deepest;
        }
    }

    private static Order ordered(Schema schema, Map<String, Integer> component, Map<Integer, Integer> depth) {
        List<List<DerivedTable>> steps = new ArrayList<>();
        schema.tables().stream()
                .sorted(Comparator.comparingInt(t -> depth.get(component.get(t.name()))))
                .forEach(t -> {
                    int step = depth.get(component.get(t.name()));
                    while (steps.size() <= step) {
                        steps.add(new ArrayList<>());
                    }
                    steps.get(step).add(t);
                });
        Set<String> there = schema.others().stream().map(DerivedTable::name).collect(Collectors.toSet());
        Filling filling = new Filling(there);
        List<List<DerivedTable>> filled = steps.stream().map(filling::ordered).toList();
        Set<String> created = new HashSet<>(there);
        List<Reference> late = new ArrayList<>();
        filled.stream().flatMap(List::stream).forEach(t -> {
            created.add(t.name());
            t.references().stream()
                    .filter(k -> k.enforced() && !created.contains(k.target()))
                    .forEach(late::add);
        });
        return new Order(filled, late);
    }

    /** Within a circle first comes what can be filled first: all it must point to is there, and of each one-of that must one subject. */
    private static final class Filling {
        private final Set<String> there;

        /** @param there tables that others have filled */
        Filling(Set<String> there) {
            this.there = new HashSet<>(there);
        }

        List<DerivedTable> ordered(List<DerivedTable> step) {
            List<DerivedTable> ordered = new ArrayList<>(step.size());
            List<DerivedTable> waiting = new ArrayList<>(step);
            while (!waiting.isEmpty()) {
                List<DerivedTable> blocked = new ArrayList<>();
                for (DerivedTable table : waiting) {
                    if (canBeFilled(table)) {
                        there.add(table.name());
                        ordered.add(table);
                    } else {
                        blocked.add(table);
                    }
                }
                if (blocked.size() == waiting.size()) {
                    there.add(blocked.get(0).name());
                    ordered.add(blocked.remove(0));
                }
                waiting = blocked;
            }
            return ordered;
        }

        private boolean canBeFilled(DerivedTable table) {
            Map<Role, Boolean> oneOfs = new HashMap<>();
            for (Reference key : table.references()) {
                boolean reached = !key.enforced() || key.late() || there.contains(key.target());
                if (key.role()
                        .filter(r -> r.relationship() instanceof PolymorphicRelationship)
                        .isPresent()) {
                    oneOfs.merge(key.role().orElseThrow(), reached, Boolean::logicalOr);
                } else if (!reached && isRequired(table, key) && !key.target().equals(table.name())) {
                    return false;
                }
            }
            return oneOfs.entrySet().stream()
                    .allMatch(e -> e.getValue() || !e.getKey().must());
        }

        private static boolean isRequired(DerivedTable table, Reference key) {
            return key.columns().stream()
                    .allMatch(c -> table.keyColumns().contains(c)
                            || table.column(c).map(Column::required).orElse(false));
        }
    }

    /** All tables in an order in which they can be created. */
    public List<DerivedTable> tables() {
        return steps.stream().flatMap(List::stream).toList();
    }
}
