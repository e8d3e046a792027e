package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.model.Design;
import java.util.List;
import java.util.Optional;

/** Moves entities to another area, and with it to its colour and package. */
public record ToArea(List<String> entities, String area) implements Move {
    public ToArea {
        entities = List.copyOf(entities);
    }

    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.when(design.area(area).isEmpty(), "There is no area " + area + "."),
                () -> entities.stream()
                        .filter(e -> design.entity(e).isEmpty())
                        .findFirst()
                        .map(e -> "There is no entity " + e + "."));
    }

    @Override
    public Design made(Design design) {
        return design.withEntities(design.entities().stream()
                .map(e -> entities.contains(e.name()) && !e.area().equals(area) ? e.withArea(area) : e)
                .toList());
    }
}
