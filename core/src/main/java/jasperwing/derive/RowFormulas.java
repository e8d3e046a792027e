package jasperwing.derive;

import jasperwing.dialect.Dialect;
import jasperwing.formula.Formula;
import jasperwing.formula.Term;
import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.InheritanceTree;
import jasperwing.model.KeyChangeRule;
import jasperwing.model.KindsKept;
import jasperwing.model.Scalar;
import jasperwing.naming.Step;

/** Tells which formulas a table can compute from the row alone. */
final class RowFormulas {
    private RowFormulas() {}

    /** Whether it is counted up, or computed from what is. */
    private static boolean isCounted(Term.Member member) {
        return member.steps().isEmpty()
                && member.formula()
                        .map(f -> f.term().all().anyMatch(t -> t instanceof Term.Member m && isCounted(m)))
                        .orElseGet(() -> member.leaf().type().is(Scalar.SERIAL));
    }

    /** The entity whose row has it. */
    private static String holder(Term.Member member) {
        return member.steps().isEmpty()
                ? member.entity()
                : member.steps().get(0).from();
    }

    /**
     * Whether the table can have a column of it: not every database computes from a column that a change of another row changes, though a trigger can
     * check it.
     */
    static boolean canBeColumn(Dialect dialect, Formula formula) {
        return dialect.checksEmptied()
                || formula.term()
                        .all()
                        .noneMatch(t -> t instanceof Term.Member m
                                && !m.steps().isEmpty()
                                && isChangedFromAfar(m.steps().get(0)));
    }

    private static boolean isChangedFromAfar(Step step) {
        return step.relationship().onDelete(step.to()) == DeleteRule.EMPTY
                || step.relationship().onKeyChange(step.to()) != KeyChangeRule.REFUSE;
    }

    /** Whether all it looks at lies in the row of the entity: what a kind has from another may lie in that one's table. */
    static boolean isOfRow(Design design, Dialect dialect, String entity, Formula formula) {
        boolean split = InheritanceTree.isKept(design, entity, KindsKept.TABLE_EACH);
        boolean counted = !dialect.counters().computedFrom()
                && formula.term().all().anyMatch(t -> t instanceof Term.Member m && isCounted(m));
        return formula.isLocal()
                && !counted
                && (!split
                        || formula.term()
                                .all()
                                .noneMatch(t ->
                                        t instanceof Term.Member m && !holder(m).equals(entity)));
    }
}
