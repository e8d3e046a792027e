package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.model.Design;
import jasperwing.model.KindEdits;
import java.util.Optional;

/** Says whether every row of an entity is of one of its kinds, or it can have rows of its own. */
public record OnlyKinds(String entity, boolean only) implements Move {
    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.entity(design, entity),
                () -> Kinds.hasKinds(design, entity),
                () -> Preconditions.when(
                        design.entity(entity).orElseThrow().inheritance().onlyKinds() == only,
                        only ? "It is only its kinds already." : "It can have rows of its own already."));
    }

    @Override
    public Design made(Design design) {
        return KindEdits.onlyKinds(entity, only).on(design);
    }
}
