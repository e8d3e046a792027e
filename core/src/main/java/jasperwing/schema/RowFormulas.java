package jasperwing.schema;

import jasperwing.formula.Formula;
import jasperwing.formula.Term;
import jasperwing.model.Design;
import jasperwing.model.Family;
import jasperwing.model.KindsKept;

/** Tells which formulas a table can compute from the row alone. */
final class RowFormulas {
    private RowFormulas() {}

    /** Whether all it looks at lies in the row of the entity: what a kind has from another may lie in that one's table. */
    static boolean isOfRow(Design design, String entity, Formula formula) {
        boolean split = Family.isKept(design, entity, KindsKept.TABLE_EACH);
        return formula.isLocal()
                && (!split
                        || formula.term()
                                .all()
                                .noneMatch(t -> t instanceof Term.Member m
                                        && !m.entity().equals(entity)));
    }
}
