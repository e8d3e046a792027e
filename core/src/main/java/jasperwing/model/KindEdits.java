package jasperwing.model;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Edits on who is a kind of whom. An edit on something that is not there changes nothing. */
public final class KindEdits {
    private KindEdits() {}

    /** Makes an entity a kind of another: it is known by that one's key then, and what was kept for its own goes. */
    public static Edit become(String kind, String of) {
        return EntityEdits.change(
                        kind, e -> e.withKinship(new Kinship(of, e.kinship().onlyKinds(), Optional.empty())))
                .then(withoutKey(kind));
    }

    /** Takes away the key of an entity: a number that is counted up goes, every other attribute in it stays. */
    public static Edit withoutKey(String entity) {
        return design -> {
            Design result =
                    EntityEdits.change(entity, e -> e.withKey(Members.NONE)).on(design);
            List<Attribute> inKey = design.entity(entity).map(Entity::attributes).orElse(List.of()).stream()
                    .filter(a -> design.entity(entity).orElseThrow().isKey(a))
                    .toList();
            for (Attribute attribute : inKey) {
                boolean counted = attribute.type().is(Scalar.SERIAL) && !attribute.list();
                result = (counted
                                ? EntityEdits.removeAttribute(entity, attribute.name())
                                : unique(entity, attribute, inKey.size()))
                        .on(result);
            }
            return result;
        };
    }

    private static Edit unique(String entity, Attribute attribute, int together) {
        return together == 1
                ? EntityEdits.changeAttribute(entity, attribute.name(), a -> a.withUnique(true))
                : Edit.NOTHING;
    }

    /** An entity is no kind of any other any more; it gets a key that is counted up where it has none. */
    public static Edit noKind(String entity) {
        return EntityEdits.change(entity, e -> {
            Entity alone = e.withKinship(e.kinship().withOf(""));
            return alone.key().isEmpty() ? keyed(alone) : alone;
        });
    }

    private static Entity keyed(Entity entity) {
        String key = "id";
        for (int i = 2; entity.attribute(key).isPresent(); i++) {
            key = "id" + i;
        }
        List<Attribute> attributes = new ArrayList<>(List.of(Attribute.of(key, Type.of(Scalar.SERIAL))));
        attributes.addAll(entity.attributes());
        return entity.withAttributes(attributes).withKey(Members.of(key));
    }

    /** The kinds of an entity are kept in another way. */
    public static Edit keep(String entity, KindsKept way) {
        return design -> EntityEdits.change(
                        Family.root(design, entity),
                        e -> e.withKinship(e.kinship().withKept(Optional.of(way))))
                .on(design);
    }

    /** Says whether every row of an entity is of one of its kinds. */
    public static Edit onlyKinds(String entity, boolean only) {
        return EntityEdits.change(entity, e -> e.withKinship(e.kinship().withOnlyKinds(only)));
    }
}
