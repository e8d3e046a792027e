package jasperwing.model;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Entities with the attributes and rules of their traits, and kinds without keys of their own, remembered from one design to the next: an entity that an edit has left as it was is given
 * out as the same instance again, so that whatever follows from it can be recalled.
 */
final class ResolvedEntities {
    private Map<Entity, Entity> known = new IdentityHashMap<>();
    private List<AttributeGroup> groups = List.of();

    /** The design itself when no entity has anything from a trait. */
    synchronized Design of(Design design) {
        if (design.entities().stream().allMatch(e -> e.traits().isEmpty() && !hasKeyBesides(design, e))) {
            return design;
        }
        if (!design.groups().equals(groups)) {
            known = new IdentityHashMap<>();
            groups = design.groups();
        }
        Map<Entity, Entity> now = new IdentityHashMap<>();
        List<Entity> wholes = new ArrayList<>();
        for (Entity entity : design.entities()) {
            boolean kind = design.parent(entity.name()).isPresent();
            Entity whole = known.containsKey(entity) && !kind ? known.get(entity) : recalled(design, entity);
            now.put(entity, whole);
            wholes.add(hasKeyBesides(design, entity) ? whole.withKey(Members.NONE) : whole);
        }
        known = now;
        return design.withEntities(wholes);
    }

    /** Whether a kind has a key of its own besides that of what it is a kind of. */
    private static boolean hasKeyBesides(Design design, Entity entity) {
        return !entity.inheritance().of().isEmpty()
                && !entity.key().isEmpty()
                && design.parent(entity.name()).isPresent();
    }

    private Entity recalled(Design design, Entity entity) {
        Entity whole = whole(design, entity);
        Entity before = known.get(entity);
        return whole.equals(before) ? before : whole;
    }

    /** A trait's attribute that the entity or an earlier trait has already is not taken again, nor a trait of what it is a kind of. */
    private static Entity whole(Design design, Entity entity) {
        List<Attribute> all = new ArrayList<>(entity.attributes());
        List<RowRule> rules = new ArrayList<>(entity.rules());
        List<String> inherited = InheritanceTree.ancestors(design, entity.name()).stream()
                .flatMap(a -> a.traits().stream())
                .toList();
        for (String trait : entity.traits()) {
            if (inherited.contains(trait)) {
                continue;
            }
            Optional<AttributeGroup> group = design.trait(trait);
            rules.addAll(group.map(AttributeGroup::rules).orElse(List.of()));
            for (Attribute attribute : group.map(AttributeGroup::attributes).orElse(List.of())) {
                if (all.stream().noneMatch(a -> a.name().equals(attribute.name()))) {
                    all.add(attribute);
                }
            }
        }
        boolean same = all.size() == entity.attributes().size()
                && rules.size() == entity.rules().size();
        return same ? entity : entity.withAttributes(all).withRules(rules);
    }
}
