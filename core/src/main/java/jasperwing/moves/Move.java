package jasperwing.moves;

import jasperwing.model.Design;
import jasperwing.model.Edit;
import java.util.Optional;

/** A change of shape. Where it cannot be made it changes nothing. */
public interface Move extends Edit {
    /** Why it cannot be made on this design and what would help, in one sentence; empty when it can. */
    Optional<String> hindrance(Design design);

    /** The design after the move, which nothing hinders. */
    Design made(Design design);

    @Override
    default Design on(Design design) {
        return hindrance(design).isPresent() ? design : made(design);
    }
}
