package jasperwing.model;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Entities with the attributes of their traits, remembered from one design to the next: an entity that an edit has left as it was is given
 * out as the same instance again, so that whatever follows from it can be recalled.
 */
final class Wholes {
    private Map<Entity, Entity> known = new IdentityHashMap<>();
    private List<AttributeGroup> groups = List.of();

    /** The design itself when no entity has anything from a trait. */
    synchronized Design of(Design design) {
        if (design.entities().stream().allMatch(e -> e.traits().isEmpty())) {
            return design;
        }
        if (!design.groups().equals(groups)) {
            known = new IdentityHashMap<>();
            groups = design.groups();
        }
        Map<Entity, Entity> now = new IdentityHashMap<>();
        List<Entity> wholes = new ArrayList<>();
        for (Entity entity : design.entities()) {
            Entity whole = known.containsKey(entity) ? known.get(entity) : whole(design, entity);
            now.put(entity, whole);
            wholes.add(whole);
        }
        known = now;
        return design.withEntities(wholes);
    }

    /** A trait's attribute that the entity or an earlier trait has already is not taken again. */
    private static Entity whole(Design design, Entity entity) {
        List<Attribute> all = new ArrayList<>(entity.attributes());
        for (String trait : entity.traits()) {
            Optional<AttributeGroup> group = design.trait(trait);
            for (Attribute attribute : group.map(AttributeGroup::attributes).orElse(List.of())) {
                if (all.stream().noneMatch(a -> a.name().equals(attribute.name()))) {
                    all.add(attribute);
                }
            }
        }
        return all.size() == entity.attributes().size() ? entity : entity.withAttributes(all);
    }
}
