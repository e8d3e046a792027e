package jasperwing.moves;

import jasperwing.model.Design;
import java.util.Optional;

/** Stands for a move as long as something it asks is not answered. */
record UnansweredMove(String asks) implements Move {
    @Override
    public Optional<String> obstacle(Design design) {
        return Optional.of(asks);
    }

    @Override
    public Design made(Design design) {
        return design;
    }
}
