package jasperwing.findings;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Type;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
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

    /** How many entities of each name have it. */
    private final Map<Signature, Map<String, Integer>> holders = new HashMap<>();

    private final Set<Signature> frequent = new HashSet<>();
    private Map<Entity, Boolean> counted = new IdentityHashMap<>();

    /** Of three entities at least, in the order of the first of each. Keys, and what is computed, are not looked at. */
    List<Repetition> of(Design design) {
        count(design);
        Map<Set<String>, Set<String>> byEntities = new HashMap<>();
        for (Signature signature : frequent) {
            byEntities
                    .computeIfAbsent(holders.get(signature).keySet(), e -> new HashSet<>())
                    .add(signature.name());
        }
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

    private void count(Design design) {
        Map<Entity, Boolean> now = new IdentityHashMap<>(design.entities().size() * 2);
        Map<Entity, Boolean> gone = counted;
        List<Entity> fresh = new ArrayList<>();
        for (Entity entity : design.entities()) {
            if (now.put(entity, true) == null && gone.remove(entity) == null) {
                fresh.add(entity);
            }
        }
        gone.keySet().forEach(this::forget);
        fresh.forEach(this::add);
        counted = now;
    }

    private void add(Entity entity) {
        for (Signature signature : signatures(entity)) {
            Map<String, Integer> all = holders.computeIfAbsent(signature, s -> new HashMap<>(4));
            all.merge(entity.name(), 1, Integer::sum);
            if (all.size() >= LEAST) {
                frequent.add(signature);
            }
        }
    }

    private void forget(Entity entity) {
        for (Signature signature : signatures(entity)) {
            Map<String, Integer> all = holders.get(signature);
            all.merge(entity.name(), -1, (a, b) -> a + b == 0 ? null : a + b);
            if (all.size() < LEAST) {
                frequent.remove(signature);
            }
            if (all.isEmpty()) {
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
