package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Members;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Gives an entity that is identified by what it refers to, or by nothing, a key of its own, counted up; what identified it stays unique. */
public record OwnKey(String entity) implements Move {
    private static final String KEY = "id";

    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.entity(design, entity),
                () -> Preconditions.ownKey(design, entity),
                () -> Preconditions.freeMember(design, entity, KEY),
                () -> Preconditions.when(
                        isKeyed(design.entity(entity).orElseThrow()), entity + " has a key of its own already."));
    }

    /** Whether it is identified by attributes alone; a link without a key is identified by its ends. */
    private static boolean isKeyed(Entity entity) {
        return !entity.key().isEmpty()
                && entity.key().names().stream()
                        .allMatch(n -> entity.attribute(n).isPresent());
    }

    @Override
    public Design made(Design design) {
        return MoveSteps.change(design, entity, OwnKey::keyed);
    }

    private static Entity keyed(Entity entity) {
        List<Attribute> attributes = new ArrayList<>(List.of(Attribute.of(KEY, Type.of(Scalar.SERIAL))));
        attributes.addAll(entity.attributes());
        List<Members> uniques = new ArrayList<>(entity.uniques());
        if (!entity.key().isEmpty()) {
            uniques.add(entity.key());
        }
        return entity.withAttributes(attributes).withKey(Members.of(KEY)).withUniques(uniques);
    }
}
