package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.GroupEdits;
import jasperwing.model.Notes;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Makes a trait of attributes that several entities have alike; each has the trait instead. */
public record ToTrait(List<String> entities, List<String> attributes, String name) implements Move {
    public ToTrait {
        entities = List.copyOf(entities);
        attributes = List.copyOf(attributes);
    }

    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.when(entities.size() < 2, "Select two or more entities."),
                () -> entities.stream()
                        .flatMap(e -> Preconditions.entity(design, e).stream())
                        .findFirst(),
                () -> Preconditions.when(attributes.isEmpty(), "Choose what they share."),
                () -> Preconditions.freeName(design, name),
                () -> entities.stream()
                        .flatMap(e -> ofEntity(design, e).stream())
                        .findFirst());
    }

    private Optional<String> ofEntity(Design design, String entity) {
        return first(
                () -> Preconditions.attributes(design, entity, attributes),
                () -> Preconditions.inKey(design, entity, attributes),
                () -> Preconditions.sorting(design, entity, attributes),
                () -> new AlikeAttributes(entities, attributes).hindrance(design, entity));
    }

    @Override
    public Design made(Design design) {
        Design made = GroupEdits.add(new AttributeGroup(
                        AttributeGroup.Kind.TRAIT,
                        name,
                        new AlikeAttributes(entities, attributes).of(design),
                        Notes.NONE))
                .on(design);
        for (String entity : entities) {
            made = MoveSteps.change(made, entity, this::with);
        }
        return made;
    }

    private Entity with(Entity entity) {
        List<String> traits = new ArrayList<>(entity.traits());
        traits.add(name);
        return entity.withAttributes(MoveSteps.without(entity, attributes)).withTraits(traits);
    }
}
