package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Moves attributes of what is only its kinds down to each of them. */
public record PushDown(String entity, List<String> attributes) implements Move {
    public PushDown {
        attributes = List.copyOf(attributes);
    }

    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.entity(design, entity),
                () -> Kinds.hasKinds(design, entity),
                () -> Preconditions.when(attributes.isEmpty(), "Choose what moves."),
                () -> Preconditions.attributes(design, entity, attributes),
                () -> Preconditions.when(
                        !design.entity(entity).orElseThrow().inheritance().onlyKinds(),
                        entity + " has rows of its own, which would lose them; say that it is only its kinds first."),
                () -> Preconditions.inKey(design, entity, attributes),
                () -> Preconditions.namedAlone(design, entity, attributes),
                () -> namedByKinds(design));
    }

    /** What a kind names of these is its own then, but what its kinds name may be another's. */
    private Optional<String> namedByKinds(Design design) {
        return InheritanceTree.descendants(design, entity).stream()
                .flatMap(k -> Preconditions.namedAlone(design, k.name(), attributes).stream())
                .findFirst();
    }

    @Override
    public Design made(Design design) {
        List<Attribute> moved = design.entity(entity).orElseThrow().attributes().stream()
                .filter(a -> attributes.contains(a.name()))
                .toList();
        Design made = MoveSteps.change(design, entity, e -> e.withAttributes(MoveSteps.without(e, attributes)));
        for (Entity kind : design.kinds(entity)) {
            made = MoveSteps.change(made, kind.name(), e -> {
                List<Attribute> longer = new ArrayList<>(e.attributes());
                longer.addAll(moved);
                return e.withAttributes(longer);
            });
        }
        return made;
    }
}
