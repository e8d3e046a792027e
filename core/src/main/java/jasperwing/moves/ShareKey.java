package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Members;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.Roles;
import java.util.List;
import java.util.Optional;

/**
 * Lets both ends of a one-to-one have the same key: the one that holds the reference is identified by it. A key that was only counted up
 * or drawn goes.
 */
public record ShareKey(BinaryRelationship binary) implements Move {
    @Override
    public Optional<String> obstacle(Design design) {
        String role = Roles.holding(binary);
        return first(
                () -> Preconditions.when(!design.relationships().contains(binary), "That relationship is not there."),
                () -> Preconditions.when(
                        binary.shape() != BinaryRelationship.Shape.ONE_TO_ONE, "Only a one-to-one can share its key."),
                () -> Preconditions.entity(design, binary.holder()),
                () -> Preconditions.ownKey(design, binary.holder()),
                () -> Preconditions.when(
                        !binary.holding().orElseThrow().must(),
                        "Not every " + binary.holder() + " has a " + role + "; a key is always there."),
                () -> Kinds.identified(design, binary.holder(), binary.parent()),
                () -> Preconditions.when(
                        holder(design).key().names().equals(List.of(role)), "They share their key already."));
    }

    private Entity holder(Design design) {
        return design.entity(binary.holder()).orElseThrow();
    }

    @Override
    public Design made(Design design) {
        Entity holder = holder(design);
        Design made = design;
        for (Attribute attribute : holder.attributes()) {
            if (holder.isKey(attribute) && isMade(attribute.type())) {
                made = EntityEdits.removeAttribute(holder.name(), attribute.name())
                        .on(made);
            }
        }
        return MoveSteps.change(made, holder.name(), e -> e.withKey(Members.of(Roles.holding(binary))));
    }

    private static boolean isMade(Type type) {
        return type.is(Scalar.SERIAL) || type.is(Scalar.UUID);
    }
}
