package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Inheritance;
import jasperwing.model.Members;
import jasperwing.model.RelationshipEdits;
import jasperwing.naming.Roles;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Makes what shares its key with another in a one-to-one a kind of it; the relationship goes. */
public record OneToOneToKind(BinaryRelationship binary) implements Move {
    @Override
    public Optional<String> obstacle(Design design) {
        String kind = binary.shape() == BinaryRelationship.Shape.ONE_TO_ONE ? binary.holder() : "";
        return first(
                () -> Preconditions.when(
                        !design.relationships().contains(binary) || kind.isEmpty(),
                        "Only one of a one-to-one can be a kind of the other."),
                () -> Preconditions.entity(design, kind),
                () -> Preconditions.entity(design, binary.parent()),
                () -> Kinds.canBecome(design, kind, binary.parent()),
                () -> Preconditions.when(
                        !entity(design).key().names().equals(List.of(Roles.holding(binary))),
                        kind + " has a key of its own; let them share theirs first."),
                () -> named(entity(design)),
                () -> Kinds.clash(design, kind, binary.parent(), Preconditions.roles(binary, kind)));
    }

    private Entity entity(Design design) {
        return design.entity(binary.holder()).orElseThrow();
    }

    private Optional<String> named(Entity entity) {
        return Stream.concat(entity.uniques().stream(), Stream.of(entity.shown()))
                .flatMap(m -> m.names().stream())
                .filter(Roles.holding(binary)::equals)
                .findFirst()
                .map(r -> entity.name() + " is unique by or shown as its " + r + ", which goes; change that first.");
    }

    @Override
    public Design made(Design design) {
        Design kind = MoveSteps.change(design, binary.holder(), e -> e.withKey(Members.NONE)
                .withInheritance(
                        new Inheritance(binary.parent(), e.inheritance().onlyKinds(), Optional.empty())));
        return RelationshipEdits.remove(binary).on(kind);
    }
}
