package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.GroupEdits;
import jasperwing.model.RowRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Makes a trait of attributes that several entities have alike, with the rules all state of them; each has the trait instead. */
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
                () -> new AlikeAttributes(entities, attributes).hindrance(design, entity));
    }

    @Override
    public Design made(Design design) {
        List<RowRule> rules = shared(design);
        Design made = GroupEdits.add(AttributeGroup.of(
                                AttributeGroup.Kind.TRAIT, name, new AlikeAttributes(entities, attributes).of(design))
                        .withRules(rules))
                .on(design);
        for (String entity : entities) {
            made = MoveSteps.change(made, entity, e -> with(e, rules));
        }
        return made;
    }

    /** The rules of the first that all have and that look at what they share alone. */
    private List<RowRule> shared(Design design) {
        return MoveSteps.rulesAmong(design, entities.get(0), attributes).stream()
                .filter(r -> entities.stream()
                        .allMatch(e -> design.entity(e).orElseThrow().rules().contains(r)))
                .toList();
    }

    private Entity with(Entity entity, List<RowRule> rules) {
        List<String> traits = new ArrayList<>(entity.traits());
        traits.add(name);
        return entity.withAttributes(MoveSteps.without(entity, attributes))
                .withRules(MoveSteps.without(entity.rules(), rules))
                .withTraits(traits);
    }
}
