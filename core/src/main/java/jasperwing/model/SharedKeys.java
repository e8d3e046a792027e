package jasperwing.model;

import java.util.ArrayList;
import java.util.List;

/** What is left of an entity whose rows are identified by another's key from now on: a generated key goes, another stays unique. */
public final class SharedKeys {
    private SharedKeys() {}

    public static Entity of(Entity entity) {
        List<String> key = entity.key().names();
        List<Attribute> attributes = new ArrayList<>();
        for (Attribute attribute : entity.attributes()) {
            boolean alone = key.equals(List.of(attribute.name()));
            if (!(alone && isGenerated(attribute))) {
                attributes.add(alone ? attribute.withUnique(true) : attribute);
            }
        }
        List<Members> uniques = new ArrayList<>();
        if (key.size() > 1) {
            uniques.add(entity.key());
        }
        uniques.addAll(entity.uniques());
        return entity.withAttributes(attributes).withKey(Members.NONE).withUniques(uniques);
    }

    public static boolean isGenerated(Attribute attribute) {
        return attribute.type().is(Scalar.SERIAL) || attribute.type().is(Scalar.UUID);
    }
}
