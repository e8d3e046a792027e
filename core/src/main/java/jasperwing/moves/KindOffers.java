package jasperwing.moves;

import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.naming.Roles;
import java.util.List;

/** The moves among kinds. */
final class KindOffers {
    private KindOffers() {}

    static void ofEntity(OfferList offers, Entity entity) {
        Design design = offers.design();
        String name = entity.name();
        List<String> free = entity.attributes().stream()
                .filter(a -> !entity.isKey(a))
                .map(Attribute::name)
                .toList();
        design.parent(name).ifPresent(p -> ofKind(offers, name, p.name(), free));
        if (!design.kinds(name).isEmpty()) {
            ofParent(offers, entity, free);
        }
        if (design.parent(name).isEmpty()) {
            become(offers, entity);
        }
    }

    private static void ofKind(OfferList offers, String kind, String parent, List<String> free) {
        if (!free.isEmpty()) {
            offers.add(
                    "Move attributes up to " + parent,
                    "Every " + parent + " has them then; they leave all kinds that have them alike.",
                    free,
                    free.subList(0, 1),
                    "",
                    "",
                    (chosen, said) -> new PullUp(kind, chosen));
        }
        offers.add(
                "Let it be no kind of " + parent,
                "It points to its " + parent + " instead, and shares the key with it.",
                (chosen, said) -> new KindToOneToOne(kind));
    }

    private static void ofParent(OfferList offers, Entity entity, List<String> free) {
        String name = entity.name();
        boolean only = entity.inheritance().onlyKinds();
        if (!free.isEmpty()) {
            offers.add(
                    "Move attributes down to the kinds",
                    "Each kind has them itself then.",
                    free,
                    free.subList(free.size() - 1, free.size()),
                    "",
                    "",
                    (chosen, said) -> new PushDown(name, chosen));
        }
        offers.add(
                only ? "Let there be a " + name + " of no kind" : "Let every " + name + " be of a kind",
                only ? "It has rows of its own besides those of its kinds." : "It has no rows of its own.",
                (chosen, said) -> new OnlyKinds(name, !only));
    }

    private static void become(OfferList offers, Entity entity) {
        List<String> below = InheritanceTree.descendants(offers.design(), entity.name()).stream()
                .map(Entity::name)
                .toList();
        List<String> others = offers.design().entities().stream()
                .filter(e -> !e.outside() && !e.name().equals(entity.name()) && !below.contains(e.name()))
                .map(Entity::name)
                .distinct()
                .toList();
        if (!others.isEmpty()) {
            offers.add(
                    "Make it a kind of another",
                    "It has all that one has, and is known by its key.",
                    others,
                    others.subList(0, 1),
                    "",
                    "",
                    (chosen, said) -> chosen.size() == 1
                            ? new MakeKind(entity.name(), chosen.get(0))
                            : new UnansweredMove("Choose one entity."));
        }
    }

    /** What several entities are can be said once. */
    static void ofEntities(OfferList offers, List<String> entities) {
        if (entities.size() >= 2) {
            List<String> shared = GroupOffers.shared(offers.design(), entities);
            offers.add(
                    "Make them kinds of a new entity",
                    "It has what they share, and they are known by its key.",
                    shared,
                    shared,
                    "Its name",
                    offers.free("Common"),
                    (chosen, said) -> new Generalise(entities, chosen, said));
        }
    }

    static void ofOneToOne(OfferList offers, BinaryRelationship binary) {
        boolean shared = offers.design()
                .entity(binary.holder())
                .map(e -> e.key().names().equals(List.of(Roles.holding(binary))))
                .orElse(false);
        if (shared) {
            offers.add(
                    "Make " + binary.holder() + " a kind of " + binary.parent(),
                    "They share their key already; the relationship goes, and it has all that one has.",
                    (chosen, said) -> new OneToOneToKind(binary));
        }
    }
}
