package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Moves attributes of a kind up to what it is a kind of, from every kind that has them alike. What then may have none is optional.
 */
public record PullUp(String kind, List<String> attributes) implements Move {
    public PullUp {
        attributes = List.copyOf(attributes);
    }

    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.entity(design, kind),
                () -> Kinds.isKind(design, kind),
                () -> Preconditions.when(attributes.isEmpty(), "Choose what moves."),
                () -> Preconditions.attributes(design, kind, attributes),
                () -> from(design).stream()
                        .flatMap(k -> Preconditions.uniqueOrShown(design, k.name(), attributes).stream())
                        .findFirst(),
                () -> clash(design));
    }

    private Entity parent(Design design) {
        return design.parent(kind).orElseThrow();
    }

    /** The kinds that have all of them alike. */
    private List<Entity> from(Design design) {
        List<Attribute> moved = moved(design);
        return design.kinds(parent(design).name()).stream()
                .filter(k -> k.attributes().containsAll(moved))
                .toList();
    }

    private List<Attribute> moved(Design design) {
        return design.entity(kind).orElseThrow().attributes().stream()
                .filter(a -> attributes.contains(a.name()))
                .toList();
    }

    /** Nothing else in the family may bear the names. */
    private Optional<String> clash(Design design) {
        Design without = removed(design);
        return attributes.stream()
                .flatMap(a -> Preconditions.freeMember(without, parent(design).name(), a).stream())
                .findFirst();
    }

    private Design removed(Design design) {
        Design without = design;
        for (Entity each : from(design)) {
            without = MoveSteps.change(without, each.name(), e -> e.withAttributes(MoveSteps.without(e, attributes)));
        }
        return without;
    }

    @Override
    public Design made(Design design) {
        Entity parent = parent(design);
        boolean all = parent.inheritance().onlyKinds()
                && from(design).size() == design.kinds(parent.name()).size();
        Design made = MoveSteps.change(removed(design), parent.name(), e -> {
            List<Attribute> longer = new ArrayList<>(e.attributes());
            moved(design).forEach(a -> longer.add(all ? a : a.withOptional(a.optional() || !a.list())));
            return e.withAttributes(longer);
        });
        return MoveSteps.acceptedMoved(made, kind, attributes, parent.name());
    }
}
