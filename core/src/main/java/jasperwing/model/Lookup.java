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
    private final Map<String, Entity> parents = new HashMap<>();
    private final Map<String, List<Entity>> kinds = new HashMap<>();

    Lookup(Design design) {
        design.entities().forEach(e -> entities.putIfAbsent(e.name(), e));
        for (Relationship relationship : design.relationships()) {
            for (String entity : mentioned(relationship)) {
                byEntity.computeIfAbsent(entity, e -> new ArrayList<>()).add(relationship);
            }
        }
        byEntity.replaceAll((entity, all) -> List.copyOf(all));
        for (Entity entity : design.entities()) {
            if (entities.get(entity.name()) == entity && canBeKind(entity)) {
                Entity parent = entities.get(entity.kinship().of());
                parents.put(entity.name(), parent);
                kinds.computeIfAbsent(parent.name(), p -> new ArrayList<>()).add(entity);
            }
        }
        kinds.replaceAll((entity, all) -> List.copyOf(all));
    }

    /** Whether it is said to be a kind of another that is kept here, and not of itself in the end. */
    private boolean canBeKind(Entity entity) {
        if (entity.kinship().of().isEmpty() || entity.outside()) {
            return false;
        }
        Entity parent = entities.get(entity.kinship().of());
        return parent != null && !parent.outside() && !isInCircle(entity);
    }

    private boolean isInCircle(Entity entity) {
        Set<String> seen = new HashSet<>();
        Entity at = entities.get(entity.kinship().of());
        while (at != null && seen.add(at.name())) {
            if (at.name().equals(entity.name())) {
                return true;
            }
            at = entities.get(at.kinship().of());
        }
        return false;
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

    Optional<Entity> parent(String entity) {
        return Optional.ofNullable(parents.get(entity));
    }

    List<Entity> kinds(String entity) {
        return kinds.getOrDefault(entity, List.of());
    }
}
