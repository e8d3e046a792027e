package jasperwing.findings;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Differing;
import jasperwing.model.Entity;
import jasperwing.model.Type;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Which attributes which entities have in common. Remembers what it counted, so that an edit pays only for what it changes. */
final class Repetitions {
    private static final int LEAST = 3;

    /**
     * Attributes of the same names and types.
     *
     * @param entities that have all of them, in the order of the design
     * @param attributes their names, in the order of the first of the entities
     */
    record Repetition(List<String> entities, List<String> attributes) {}

    private record Signature(String name, Type type) {}

    /** The names of the entities that have it, each with how many of that name do. */
    private static final class Holders {
        private final Map<String, Integer> counts = new HashMap<>(4);
        private int hash;

        /** @return whether it is the first of that name */
        boolean add(String entity) {
            boolean first = counts.merge(entity, 1, Integer::sum) == 1;
            if (first) {
                hash += entity.hashCode();
            }
            return first;
        }

        void remove(String entity) {
            if (counts.merge(entity, -1, (a, b) -> a + b == 0 ? null : a + b) == null) {
                hash -= entity.hashCode();
            }
        }

        Set<String> names() {
            return counts.keySet();
        }

        /** The same for the same names, without looking at all of them again. */
        long summary() {
            return (long) counts.size() << Integer.SIZE | hash & 0xFFFFFFFFL;
        }
    }

    private final Map<Signature, Holders> holders = new HashMap<>();
    private final Set<Signature> frequent = new HashSet<>();
    private List<Entity> counted = List.of();

    /** Of three entities at least, in the order of the first of each. Keys, and what is computed, are not looked at. */
    List<Repetition> of(Design design) {
        count(design.entities());
        Map<Long, List<Signature>> alike = new HashMap<>();
        for (Signature signature : frequent) {
            alike.computeIfAbsent(holders.get(signature).summary(), h -> new ArrayList<>(2))
                    .add(signature);
        }
        Map<Set<String>, Set<String>> byEntities = new HashMap<>();
        alike.values().stream().filter(s -> s.size() > 1).flatMap(List::stream).forEach(s -> byEntities
                .computeIfAbsent(holders.get(s).names(), e -> new HashSet<>())
                .add(s.name()));
        byEntities.values().removeIf(names -> names.size() < 2);
        return byEntities.isEmpty() ? List.of() : ordered(design, byEntities);
    }

    private static List<Repetition> ordered(Design design, Map<Set<String>, Set<String>> byEntities) {
        Map<Set<String>, List<String>> inOrder = new LinkedHashMap<>();
        for (Entity entity : design.entities()) {
            byEntities.keySet().stream().filter(e -> e.contains(entity.name())).forEach(e -> inOrder.computeIfAbsent(
                            e, s -> new ArrayList<>())
                    .add(entity.name()));
        }
        return inOrder.entrySet().stream()
                .map(e -> new Repetition(
                        e.getValue().stream().distinct().toList(),
                        design.entity(e.getValue().get(0)).orElseThrow().attributes().stream()
                                .map(Attribute::name)
                                .filter(byEntities.get(e.getKey())::contains)
                                .toList()))
                .sorted((a, b) -> compare(design, a, b))
                .toList();
    }

    private static int compare(Design design, Repetition one, Repetition other) {
        List<String> names = design.entities().stream().map(Entity::name).toList();
        int first = Integer.compare(
                names.indexOf(one.entities().get(0)),
                names.indexOf(other.entities().get(0)));
        return first != 0 ? first : String.join(" ", one.attributes()).compareTo(String.join(" ", other.attributes()));
    }

    /** Entities that stand at both ends of the list as they did are passed over. */
    private void count(List<Entity> entities) {
        Differing differing = Differing.in(counted, entities);
        differing.of(counted).forEach(this::forget);
        differing.of(entities).forEach(this::add);
        counted = entities;
    }

    private void add(Entity entity) {
        for (Signature signature : signatures(entity)) {
            Holders all = holders.computeIfAbsent(signature, s -> new Holders());
            if (all.add(entity.name()) && all.names().size() == LEAST) {
                frequent.add(signature);
            }
        }
    }

    private void forget(Entity entity) {
        for (Signature signature : signatures(entity)) {
            Holders all = holders.get(signature);
            all.remove(entity.name());
            if (all.names().size() < LEAST) {
                frequent.remove(signature);
            }
            if (all.names().isEmpty()) {
                holders.remove(signature);
            }
        }
    }

    private static List<Signature> signatures(Entity entity) {
        List<Signature> signatures = new ArrayList<>(entity.attributes().size());
        if (!entity.outside()) {
            for (Attribute attribute : entity.attributes()) {
                if (!entity.isKey(attribute) && !attribute.isComputed()) {
                    signatures.add(new Signature(attribute.name(), attribute.type()));
                }
            }
        }
        return signatures;
    }
}
