package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.formula.FormulaPaths;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Members;
import jasperwing.model.Notes;
import jasperwing.model.Reading;
import java.util.List;
import java.util.Optional;

/**
 * Makes what an attribute says an entity of its own, each said once. The attribute's name becomes the role, so that whatever names it
 * stays as it is.
 */
public record TextToEntity(String entity, String attribute, String name) implements Move {
    private static final String SAID = "name";

    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.entity(design, entity),
                () -> Preconditions.freeName(design, name),
                () -> Preconditions.attributes(design, entity, List.of(attribute)),
                () -> Preconditions.inKey(design, entity, List.of(attribute)),
                () -> Preconditions.sorting(design, entity, List.of(attribute)),
                () -> kind(before(design)));
    }

    private static Optional<String> kind(Attribute attribute) {
        if (attribute.list() || !attribute.type().isText()) {
            return Optional.of(attribute.name() + " is no text.");
        }
        return Preconditions.when(
                attribute.defaultValue().isPresent(),
                attribute.name() + " has a default, which a reference cannot have; take it away first.");
    }

    private Attribute before(Design design) {
        return design.entity(entity).orElseThrow().attribute(attribute).orElseThrow();
    }

    @Override
    public Design made(Design design) {
        Attribute before = before(design);
        Attribute said = before.withName(SAID)
                .withOptional(false)
                .withUnique(true)
                .withNotes(Notes.NONE.withDoc(before.notes().doc()));
        Entity added = MoveSteps.keyed(name, List.of(said)).withShown(Members.of(SAID));
        Design without = MoveSteps.change(
                MoveSteps.addBeside(design, entity, added),
                entity,
                e -> e.withAttributes(MoveSteps.without(e, List.of(attribute))));
        boolean many = !before.unique();
        Reading forward = new Reading(!before.optional(), "have", false, attribute);
        Reading back = new Reading(false, "be of", many, MoveSteps.backRole(entity, many));
        Notes notes =
                Notes.of(before.notes().comments()).withLabel(before.notes().label());
        Design related = MoveSteps.relate(
                without, new BinaryRelationship(entity, name, "", forward, Optional.of(back), List.of(), notes));
        return FormulaPaths.followed(
                design, related, List.of(new FormulaPaths.Moved(entity, List.of(attribute), List.of(attribute, SAID))));
    }
}
