package jasperwing.weigh;

import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.moves.Move;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A way before what follows from it is derived.
 *
 * @param facts what it gives and costs, once its tables are known
 * @param statements the SQL that answers each question, once its tables are known
 */
record Plan(String title, boolean now, Edit edit, Optional<String> hindrance, Facts facts, Statements statements) {
    /** Tells what a way gives and costs, from the tables of the design as it stands and those it would have. */
    @FunctionalInterface
    interface Facts {
        List<Fact> of(Tables now, Tables then);
    }

    /** Writes the SQL of a way. */
    @FunctionalInterface
    interface Statements {
        Map<String, String> of(Tables tables);
    }

    /** The way of the design as it stands. */
    static Plan now(String title, Facts facts, Statements statements) {
        return new Plan(title, true, Edit.NOTHING, Optional.empty(), facts, statements);
    }

    static Plan edit(String title, Edit edit, Facts facts, Statements statements) {
        return new Plan(title, false, edit, Optional.empty(), facts, statements);
    }

    static Plan move(Design design, String title, Move move, Facts facts, Statements statements) {
        return new Plan(title, false, move, move.hindrance(design), facts, statements);
    }
}
