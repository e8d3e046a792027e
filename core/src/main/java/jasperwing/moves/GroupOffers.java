package jasperwing.moves;

import jasperwing.derive.ValueColumns;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.naming.Words;
import java.util.List;

/** The moves to values and traits, and back. */
final class GroupOffers {
    private GroupOffers() {}

    static void ofEntity(OfferList offers, Entity entity) {
        List<String> movable = entity.attributes().stream()
                .filter(a -> ToValue.canBePart(entity, a))
                .map(Attribute::name)
                .toList();
        if (movable.size() >= 2) {
            offers.add(
                    "Gather attributes as a value",
                    "They stay in the table, and are one value that other entities can have too.",
                    movable,
                    movable.subList(movable.size() - 2, movable.size()),
                    "Its name",
                    offers.free(entity.name() + "Value"),
                    (chosen, said) -> new ToValue(entity.name(), chosen, said, Words.camel(said)));
        }
        for (Attribute attribute : entity.attributes()) {
            if (ValueColumns.value(offers.design(), attribute.type()).isPresent() && !attribute.list()) {
                offers.add(
                        "Take " + attribute.name() + " apart",
                        "Its parts become attributes of " + entity.name() + " itself.",
                        (chosen, said) -> new FromValue(entity.name(), attribute.name()));
            }
        }
        for (String trait : entity.traits()) {
            offers.add(
                    "Take over the attributes of " + trait,
                    entity.name() + " has them itself then, and no longer the trait.",
                    (chosen, said) -> new FromTrait(entity.name(), trait));
        }
    }

    /** What several entities have alike can be a trait. */
    static void ofEntities(OfferList offers, List<String> entities) {
        List<String> shared = shared(offers.design(), entities);
        if (entities.size() >= 2 && !shared.isEmpty()) {
            offers.add(
                    "Make a trait of what they share",
                    "Said once, and every one of them has it.",
                    shared,
                    shared,
                    "Its name",
                    offers.free("Shared"),
                    (chosen, said) -> new ToTrait(entities, chosen, said));
        }
    }

    /** The names of what all of them have alike, but for keys. */
    static List<String> shared(Design design, List<String> entities) {
        List<Entity> all =
                entities.stream().flatMap(e -> design.entity(e).stream()).toList();
        return all.stream()
                .limit(1)
                .flatMap(e -> e.attributes().stream()
                        .filter(a -> !e.isKey(a)
                                && all.stream().allMatch(o -> o.attributes().contains(a))))
                .map(Attribute::name)
                .toList();
    }
}
