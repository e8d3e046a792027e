package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Counting;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Members;
import jasperwing.model.Notes;
import jasperwing.model.Reading;
import java.util.List;
import java.util.Optional;

/**
 * Makes the elements of a list attribute rows of an entity; the attribute's name becomes the role.
 *
 * @param shared whether the same element is one row, to which many may point; else each row has its own, which go with it
 */
public record ListToEntity(String entity, String attribute, String name, boolean shared) implements Move {
    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.entity(design, entity),
                () -> Preconditions.freeName(design, name),
                () -> Preconditions.attributes(design, entity, List.of(attribute)),
                () -> Preconditions.when(!before(design).list(), attribute + " is no list."),
                () -> Preconditions.torn(design, entity, List.of(attribute)),
                () -> named(design.entity(entity).orElseThrow()));
    }

    private Optional<String> named(Entity e) {
        boolean names = e.uniques().stream().anyMatch(u -> u.names().contains(attribute))
                || e.key().names().contains(attribute)
                || e.shown().names().contains(attribute);
        return Preconditions.when(
                names, entity + " is told apart or shown by its " + attribute + "; change that first.");
    }

    private Attribute before(Design design) {
        return design.entity(entity).orElseThrow().attribute(attribute).orElseThrow();
    }

    @Override
    public Design made(Design design) {
        Attribute before = before(design);
        String said = before.type().isText() ? "name" : "value";
        Attribute element = new Attribute(
                said,
                before.type(),
                false,
                Optional.empty(),
                false,
                shared,
                Optional.empty(),
                before.range(),
                before.textConstraint(),
                Optional.empty(),
                Counting.BY_ONE,
                Optional.empty(),
                Notes.NONE.withDoc(before.notes().doc()));
        Entity added = MoveSteps.keyed(name, List.of(element)).withShown(Members.of(said));
        Design without = MoveSteps.change(
                MoveSteps.addBeside(design, entity, added),
                entity,
                e -> e.withAttributes(MoveSteps.without(e, List.of(attribute))));
        Reading having = new Reading(false, "have", true, attribute);
        return MoveSteps.relate(
                without,
                shared
                        ? sharing(having, before)
                        : MoveSteps.part(name, entity, having, before.notes().comments()));
    }

    private BinaryRelationship sharing(Reading having, Attribute before) {
        Reading back = new Reading(false, "be of", true, MoveSteps.backRole(entity, true));
        Notes notes = Notes.of(before.notes().comments());
        return new BinaryRelationship(entity, name, "", having, Optional.of(back), List.of(), notes);
    }
}
