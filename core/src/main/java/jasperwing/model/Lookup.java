package jasperwing.model;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Finds the parts of a design by name, gathered in one pass. */
final class Lookup {
    private final Map<String, Entity> entities = new HashMap<>();
    private final Map<String, List<Relationship>> byEntity = new HashMap<>();
    private final Set<String> links = new HashSet<>();

    Lookup(Design design) {
        design.entities().forEach(e -> entities.putIfAbsent(e.name(), e));
        for (Relationship relationship : design.relationships()) {
            for (String entity : mentioned(relationship)) {
                byEntity.computeIfAbsent(entity, e -> new ArrayList<>()).add(relationship);
            }
        }
        byEntity.replaceAll((entity, all) -> List.copyOf(all));
    }

    private Set<String> mentioned(Relationship relationship) {
        Set<String> names = new LinkedHashSet<>(relationship.targets());
        names.add(relationship.from());
        if (relationship instanceof Tie tie && !tie.via().isEmpty()) {
            names.add(tie.via());
            links.add(tie.via());
        }
        return names;
    }

    Optional<Entity> entity(String name) {
        return Optional.ofNullable(entities.get(name));
    }

    List<Relationship> relationshipsOf(String entity) {
        return byEntity.getOrDefault(entity, List.of());
    }

    boolean isLink(String entity) {
        return links.contains(entity);
    }
}
