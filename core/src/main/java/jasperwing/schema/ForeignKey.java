package jasperwing.schema;

import jasperwing.model.DeleteRule;
import jasperwing.naming.Role;
import java.util.List;
import java.util.Optional;

/**
 * A reference from one table to another.
 *
 * @param name of the constraint
 * @param columns of this table, in the order of {@code targetColumns}
 * @param target the table pointed to; for an outside entity the name it would have
 * @param targetEntity the entity pointed to
 * @param enforcement whether a constraint can be written, and why not
 * @param late whether it is checked at the end of a transaction
 * @param role where it comes from; empty in join and list tables
 */
public record ForeignKey(
        String name,
        List<String> columns,
        String target,
        List<String> targetColumns,
        String targetEntity,
        DeleteRule onDelete,
        Enforcement enforcement,
        boolean late,
        Optional<Role> role) {
    public ForeignKey {
        columns = List.copyOf(columns);
        targetColumns = List.copyOf(targetColumns);
    }

    /** Whether it is written as a constraint. */
    public boolean enforced() {
        return enforcement.isForeignKey();
    }

    /** What deleting the row pointed to does to the one that points. */
    public DeleteEffect effect() {
        return enforcement.onDelete(onDelete);
    }
}
