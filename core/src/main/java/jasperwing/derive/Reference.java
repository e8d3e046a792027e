package jasperwing.derive;

import jasperwing.model.DeleteRule;
import jasperwing.naming.Role;
import jasperwing.physical.ForeignKey;
import java.util.List;
import java.util.Optional;

/**
 * Columns of one table that hold the key of another, with or without a foreign key.
 *
 * @param name of the constraint, where one can be written
 * @param columns of this table, in the order of {@code targetColumns}
 * @param target the table pointed to; for one in another system the name it would have
 * @param targetEntity the entity pointed to
 * @param stated what the design says a delete does
 * @param onDelete what a delete does here: the same, unless the database takes no foreign key that does it
 * @param enforcement whether a constraint can be written, and why not
 * @param late whether it is checked at the end of a transaction
 * @param role where it comes from; empty in join and list tables
 */
public record Reference(
        String name,
        List<String> columns,
        String target,
        List<String> targetColumns,
        String targetEntity,
        DeleteRule stated,
        DeleteRule onDelete,
        Enforcement enforcement,
        boolean late,
        Optional<Role> role) {
    public Reference {
        columns = List.copyOf(columns);
        targetColumns = List.copyOf(targetColumns);
    }

    /** Whether it is written as a constraint. */
    public boolean enforced() {
        return enforcement.isForeignKey();
    }

    /** The same that refuses the delete. */
    Reference refusing() {
        return new Reference(
                name, columns, target, targetColumns, targetEntity, stated, DeleteRule.REFUSE, enforcement, late, role);
    }

    /** What deleting the row pointed to does to the one that points. */
    public DeleteEffect effect() {
        return enforcement.onDelete(onDelete);
    }

    /** The constraint that holds it, where one can. */
    public Optional<ForeignKey> foreignKey() {
        ForeignKey.Timing timing = late ? ForeignKey.Timing.DEFERRED : ForeignKey.Timing.IMMEDIATE;
        return enforced()
                ? Optional.of(new ForeignKey(
                        name, columns, target, targetColumns, action(), ForeignKey.Action.NO_ACTION, timing))
                : Optional.empty();
    }

    private ForeignKey.Action action() {
        return switch (onDelete) {
            case REFUSE -> late ? ForeignKey.Action.NO_ACTION : ForeignKey.Action.RESTRICT;
            case DELETE_TOO -> ForeignKey.Action.CASCADE;
            case EMPTY -> ForeignKey.Action.SET_NULL;
        };
    }
}
