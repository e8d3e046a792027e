package jasperwing.moves;

import jasperwing.model.Design;
import jasperwing.model.Edit;
import java.util.Optional;

/** A change of shape. Where it cannot be made it changes nothing. */
public interface Move extends Edit {
    /** What stands in the way of the move itself and what would help, in one sentence; empty when nothing does. */
    Optional<String> obstacle(Design design);

    /** The design after the move, in whose way nothing stands. */
    Design made(Design design);

    /** Why it cannot be made on this design, in one sentence; empty when it can. Nothing that is computed is lost by a move. */
    default Optional<String> hindrance(Design design) {
        Optional<String> obstacle = obstacle(design);
        return obstacle.isPresent() || !FormulaComparison.isIn(design)
                ? obstacle
                : FormulaComparison.broken(design, made(design));
    }

    @Override
    default Design on(Design design) {
        return hindrance(design).isPresent() ? design : LeftIndexes.trimmed(design, made(design));
    }
}
