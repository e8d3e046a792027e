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
                        kind,
                        e -> e.withInheritance(
                                new Inheritance(of, e.inheritance().onlyKinds(), Optional.empty())))
                .then(withoutKey(kind));
    }

    /** Takes away the key of an entity: one that was only counted up or drawn goes, another stays unique. */
    public static Edit withoutKey(String entity) {
        return design -> {
            List<Attribute> made = design.entity(entity)
                    .filter(e -> e.key().names().size() == 1)
                    .map(e -> e.attributes().stream()
                            .filter(a -> e.isKey(a) && SharedKeys.isGenerated(a))
                            .toList())
                    .orElse(List.of());
            return made.isEmpty()
                    ? EntityEdits.change(entity, SharedKeys::of).on(design)
                    : EntityEdits.removeAttribute(entity, made.get(0).name()).on(design);
        };
    }

    /** An entity is no kind of any other any more; it gets a key that is counted up where it has none. */
    public static Edit noKind(String entity) {
        return EntityEdits.change(entity, e -> {
            Entity alone = e.withInheritance(e.inheritance().withOf(""));
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
                        InheritanceTree.root(design, entity),
                        e -> e.withInheritance(e.inheritance().withKept(Optional.of(way))))
                .on(design);
    }

    /** Says whether every row of an entity is of one of its kinds. */
    public static Edit onlyKinds(String entity, boolean only) {
        return EntityEdits.change(entity, e -> e.withInheritance(e.inheritance().withOnlyKinds(only)));
    }
}
