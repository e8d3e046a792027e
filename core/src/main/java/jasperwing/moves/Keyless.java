package jasperwing.moves;

import jasperwing.model.Attribute;
import jasperwing.model.Entity;
import jasperwing.model.Members;
import jasperwing.model.Scalar;
import java.util.ArrayList;
import java.util.List;

/** What is left of an entity whose rows are identified by another's key from now on: a generated key goes, another stays unique. */
final class Keyless {
    private Keyless() {}

    static Entity of(Entity entity) {
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

    static boolean isGenerated(Attribute attribute) {
        return attribute.type().is(Scalar.SERIAL) || attribute.type().is(Scalar.UUID);
    }
}
