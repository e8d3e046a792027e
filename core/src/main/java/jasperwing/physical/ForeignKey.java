package jasperwing.physical;

import java.util.List;

/**
 * A foreign key.
 *
 * @param name of the constraint
 * @param columns of this table, in the order of {@code targetColumns}
 * @param target the table referred to
 * @param onDelete what happens to a row when the row it refers to is deleted
 * @param onUpdate what happens when the key of that row changes
 */
public record ForeignKey(
        String name,
        List<String> columns,
        String target,
        List<String> targetColumns,
        Action onDelete,
        Action onUpdate,
        Timing timing) {
    /** What the database does to rows that refer to a row. */
    public enum Action {
        /** It refuses the change at the end of the statement or transaction. */
        NO_ACTION,
        /** It refuses the change at once. */
        RESTRICT,
        CASCADE,
        SET_NULL,
        SET_DEFAULT
    }

    /** When the database checks it. */
    public enum Timing {
        /** At each statement. */
        IMMEDIATE,
        /** At each statement, unless a transaction asks for its end. */
        DEFERRABLE,
        /** At the end of the transaction. */
        DEFERRED
    }

    public ForeignKey {
        columns = List.copyOf(columns);
        targetColumns = List.copyOf(targetColumns);
    }

    /** One that is checked at each statement and refuses changes of the key referred to. */
    public static ForeignKey of(
            String name, List<String> columns, String target, List<String> targetColumns, Action onDelete) {
        return new ForeignKey(name, columns, target, targetColumns, onDelete, Action.NO_ACTION, Timing.IMMEDIATE);
    }
}
