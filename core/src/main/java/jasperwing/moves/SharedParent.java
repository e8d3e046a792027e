package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Notes;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Reading;
import jasperwing.model.RelationshipEdits;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import java.util.List;
import java.util.Optional;

/**
 * Gives the subjects of a one-of an entity that each of them must have one of, and points to that with an ordinary relationship.
 *
 * @param name of the new entity
 */
public record SharedParent(PolymorphicRelationship oneOf, String name) implements Move {
    @Override
    public Optional<String> obstacle(Design design) {
        String role = Words.camel(name);
        return first(
                () -> Preconditions.when(!design.relationships().contains(oneOf), "That relationship is not there."),
                () -> Preconditions.freeName(design, name),
                () -> oneOf.subjects().stream()
                        .flatMap(s -> Preconditions.entity(design, s).stream())
                        .findFirst(),
                () -> oneOf.subjects().stream()
                        .flatMap(s -> Preconditions.freeMember(design, s, role).stream())
                        .findFirst());
    }

    @Override
    public Design made(Design design) {
        Design made = MoveSteps.addBeside(design, oneOf.from(), Entity.keyed(name));
        Reading forward = oneOf.forward().withRole(Roles.forward(oneOf));
        BinaryRelationship pointing = new BinaryRelationship(
                oneOf.from(), name, "", forward, oneOf.back(), List.of(), oneOf.checkedAtEnd(), oneOf.notes());
        made = RelationshipEdits.replace(oneOf, pointing).on(made);
        for (String subject : oneOf.subjects()) {
            made = MoveSteps.relate(made, having(subject));
        }
        return made;
    }

    private BinaryRelationship having(String subject) {
        Reading must = new Reading(true, "have", false, Words.camel(name));
        Reading back = new Reading(false, "be", false, Words.camel(subject));
        return new BinaryRelationship(subject, name, "", must, Optional.of(back), List.of(), Notes.NONE);
    }
}
