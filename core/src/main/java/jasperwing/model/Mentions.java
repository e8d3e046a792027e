package jasperwing.model;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The relationships of every entity of a design, gathered in one pass. */
public final class Mentions {
    private final Map<String, List<Relationship>> byEntity = new HashMap<>();

    public Mentions(Design design) {
        for (Relationship relationship : design.relationships()) {
            for (String entity : ends(relationship)) {
                byEntity.computeIfAbsent(entity, e -> new ArrayList<>()).add(relationship);
            }
        }
    }

    private static Set<String> ends(Relationship relationship) {
        Set<String> ends = new LinkedHashSet<>(relationship.targets());
        ends.add(relationship.from());
        if (relationship instanceof Tie tie && !tie.via().isEmpty()) {
            ends.add(tie.via());
        }
        return ends;
    }

    /** As {@link Design#relationshipsOf}; equal ones are all in it. */
    public List<Relationship> of(String entity) {
        return byEntity.getOrDefault(entity, List.of());
    }
}
