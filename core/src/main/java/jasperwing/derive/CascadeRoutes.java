package jasperwing.derive;

import jasperwing.model.DeleteRule;
import jasperwing.model.KeyChangeRule;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/**
 * Which delete rules a database takes that follows one route alone: what a delete does must form a tree, in which no table stands twice and none
 * leads back. Rows that are deleted are followed before rows that are emptied, and both in the order of the tables.
 */
final class CascadeRoutes {
    /** The tables whose rows a delete from a table deletes, and those it empties, each with its own. */
    private final Map<String, List<String>> deleted = new HashMap<>();

    private final Map<String, List<String>> touched = new HashMap<>();
    private final Map<String, List<String>> causes = new HashMap<>();
    private final Map<Reference, Boolean> refused = new IdentityHashMap<>();

    private CascadeRoutes() {}

    /** The tables, of which references that the database would refuse refuse the delete, or the change of the key, instead. */
    static List<DerivedTable> settled(List<DerivedTable> tables) {
        List<DerivedTable> deleting = settled(
                tables,
                r -> r.onDelete() == DeleteRule.DELETE_TOO,
                r -> r.onDelete() == DeleteRule.EMPTY,
                Reference::refusing);
        return settled(
                deleting,
                r -> r.keyChange() == KeyChangeRule.FOLLOW,
                r -> r.keyChange() == KeyChangeRule.EMPTY,
                Reference::withUnchangedKey);
    }

    /**
     * The tables after one sort of change.
     *
     * @param further whether a reference takes the change on to those that refer to its own row
     * @param last whether a reference takes it no further than to its own row
     */
    private static List<DerivedTable> settled(
            List<DerivedTable> tables,
            Predicate<Reference> further,
            Predicate<Reference> last,
            UnaryOperator<Reference> refusing) {
        CascadeRoutes routes = new CascadeRoutes();
        routes.take(tables, further, true);
        routes.take(tables, last, false);
        return routes.refused.isEmpty()
                ? tables
                : tables.stream().map(t -> routes.settled(t, refusing)).toList();
    }

    private void take(List<DerivedTable> tables, Predicate<Reference> wanted, boolean further) {
        for (DerivedTable table : tables) {
            for (Reference reference : table.references()) {
                if (reference.enforced() && wanted.test(reference)) {
                    take(table.name(), reference, further);
                }
            }
        }
    }

    private void take(String table, Reference reference, boolean deletes) {
        Set<String> added = new HashSet<>(Set.of(table));
        if (deletes) {
            added.addAll(reached(table));
        }
        Set<String> starts = starts(reference.target());
        boolean twice = starts.stream().anyMatch(s -> added.contains(s) || overlaps(reached(s), added));
        if (twice) {
            refused.put(reference, true);
            return;
        }
        touched.computeIfAbsent(reference.target(), t -> new ArrayList<>()).add(table);
        if (deletes) {
            deleted.computeIfAbsent(reference.target(), t -> new ArrayList<>()).add(table);
            causes.computeIfAbsent(table, t -> new ArrayList<>()).add(reference.target());
        }
    }

    private static boolean overlaps(Set<String> one, Set<String> other) {
        return one.stream().anyMatch(other::contains);
    }

    /** The tables whose deletes delete from a table, itself included. */
    private Set<String> starts(String table) {
        return closure(table, causes);
    }

    /** The tables a delete from a table changes; not the table itself. */
    private Set<String> reached(String table) {
        Set<String> all = new HashSet<>();
        closure(table, deleted).forEach(t -> all.addAll(touched.getOrDefault(t, List.of())));
        return all;
    }

    private static Set<String> closure(String start, Map<String, List<String>> steps) {
        Set<String> all = new HashSet<>(Set.of(start));
        Deque<String> open = new ArrayDeque<>(all);
        while (!open.isEmpty()) {
            steps.getOrDefault(open.remove(), List.of()).stream()
                    .filter(all::add)
                    .forEach(open::add);
        }
        return all;
    }

    private DerivedTable settled(DerivedTable each, UnaryOperator<Reference> refusing) {
        if (each.references().stream().noneMatch(refused::containsKey)) {
            return each;
        }
        List<Reference> references = each.references().stream()
                .map(r -> refused.containsKey(r) ? refusing.apply(r) : r)
                .toList();
        return each.withReferences(references);
    }
}
