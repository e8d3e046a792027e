package jasperwing.model;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Who is related to whom. */
public final class Neighbours {
    private Neighbours() {}

    /** An entity and all that can be reached from it over some relationships, or from kind to kind; in the order of the design. */
    public static List<String> within(Design design, String entity, int depth) {
        Set<String> reached = new LinkedHashSet<>(Set.of(entity));
        for (int i = 0; i < depth; i++) {
            Set<String> next = new LinkedHashSet<>();
            for (Relationship relationship : design.relationships()) {
                Set<String> ends = of(relationship);
                if (ends.stream().anyMatch(reached::contains)) {
                    next.addAll(ends);
                }
            }
            for (String each : reached) {
                design.parent(each).map(Entity::name).ifPresent(next::add);
                design.kinds(each).forEach(k -> next.add(k.name()));
            }
            reached.addAll(next);
        }
        return design.entities().stream()
                .map(Entity::name)
                .filter(reached::contains)
                .distinct()
                .toList();
    }

    /** The entities a relationship names: its ends and its link. */
    public static Set<String> of(Relationship relationship) {
        Set<String> ends = new LinkedHashSet<>(relationship.targets());
        ends.add(relationship.from());
        if (relationship instanceof BinaryRelationship binary && !binary.via().isEmpty()) {
            ends.add(binary.via());
        }
        return ends;
    }
}
