package jasperwing.model;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Finds the areas, entities, enums, values and traits of a design by name, gathered in one pass. */
final class Lookup {
    private final Map<String, Entity> entities;
    private final Map<String, Area> areas = new HashMap<>();
    private final Map<String, EnumType> enums = new HashMap<>();
    private final Map<String, AttributeGroup> values = new HashMap<>();
    private final Map<String, AttributeGroup> traits = new HashMap<>();
    private final Map<String, Entity> parents = new HashMap<>();
    private final Map<String, List<Entity>> kinds = new HashMap<>();

    Lookup(Design design) {
        entities = new HashMap<>(design.entities().size() * 2);
        design.entities().forEach(e -> entities.putIfAbsent(e.name(), e));
        design.areas().forEach(a -> areas.putIfAbsent(a.name(), a));
        design.enums().forEach(e -> enums.putIfAbsent(e.name(), e));
        for (AttributeGroup group : design.groups()) {
            (group.is(AttributeGroup.Kind.VALUE) ? values : traits).putIfAbsent(group.name(), group);
        }
        for (Entity entity : design.entities()) {
            if (canBeKind(entity) && entities.get(entity.name()) == entity) {
                Entity parent = entities.get(entity.inheritance().of());
                parents.put(entity.name(), parent);
                kinds.computeIfAbsent(parent.name(), p -> new ArrayList<>()).add(entity);
            }
        }
        kinds.replaceAll((entity, all) -> List.copyOf(all));
    }

    /** Whether it is said to be a kind of another that is kept here, and not of itself in the end. */
    private boolean canBeKind(Entity entity) {
        if (entity.inheritance().of().isEmpty() || entity.outside()) {
            return false;
        }
        Entity parent = entities.get(entity.inheritance().of());
        return parent != null && !parent.outside() && !isInCircle(entity);
    }

    private boolean isInCircle(Entity entity) {
        Set<String> seen = new HashSet<>();
        Entity at = entities.get(entity.inheritance().of());
        while (at != null && seen.add(at.name())) {
            if (at.name().equals(entity.name())) {
                return true;
            }
            at = entities.get(at.inheritance().of());
        }
        return false;
    }

    Optional<Entity> entity(String name) {
        return Optional.ofNullable(entities.get(name));
    }

    Optional<Area> area(String name) {
        return Optional.ofNullable(areas.get(name));
    }

    Optional<EnumType> enumType(String name) {
        return Optional.ofNullable(enums.get(name));
    }

    Optional<AttributeGroup> value(String name) {
        return Optional.ofNullable(values.get(name));
    }

    Optional<AttributeGroup> trait(String name) {
        return Optional.ofNullable(traits.get(name));
    }

    Optional<Entity> parent(String entity) {
        return Optional.ofNullable(parents.get(entity));
    }

    List<Entity> kinds(String entity) {
        return kinds.getOrDefault(entity, List.of());
    }
}
