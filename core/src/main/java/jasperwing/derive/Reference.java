package jasperwing.derive;

import jasperwing.model.DeleteRule;
import jasperwing.model.KeyChangeRule;
import jasperwing.naming.Role;
import jasperwing.physical.ForeignKey;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Columns of one table that hold the key of another, with or without a foreign key.
 *
 * @param name of the constraint, where one can be written
 * @param columns of this table, in the order of {@code targetColumns}
 * @param target the table pointed to; for one in another system the name it would have
 * @param targetEntity the entity pointed to
 * @param stated what the design says a delete does
 * @param onDelete what a delete does here: the same, unless the database takes no foreign key that does it
 * @param keyChange what a change of the key pointed to does
 * @param enforcement whether a constraint can be written, and why not
 * @param late whether it is checked at the end of a transaction
 * @param role where it comes from; empty in join and list tables
 * @param agreed what else it holds the row to
 */
public record Reference(
        String name,
        List<String> columns,
        String target,
        List<String> targetColumns,
        String targetEntity,
        DeleteRule stated,
        DeleteRule onDelete,
        KeyChangeRule keyChange,
        Enforcement enforcement,
        boolean late,
        Optional<Role> role,
        Agreed agreed) {
    /**
     * Columns that must be in the row pointed to as they are in this one, so that two routes lead to the same.
     *
     * @param columns of this table, in the order of {@code targetColumns}
     * @param targetColumns unique there together with the key
     * @param beside the name of a second foreign key that holds them; empty where one holds all, since each row has the columns
     */
    public record Agreed(List<String> columns, List<String> targetColumns, String beside) {
        public static final Agreed NOTHING = new Agreed(List.of(), List.of(), "");

        public Agreed {
            columns = List.copyOf(columns);
            targetColumns = List.copyOf(targetColumns);
        }

        public boolean isNothing() {
            return columns.isEmpty();
        }
    }

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
        return with(DeleteRule.REFUSE, keyChange, agreed);
    }

    /** The same that refuses a change of the key. */
    Reference withUnchangedKey() {
        return with(onDelete, KeyChangeRule.REFUSE, agreed);
    }

    /** The same that also holds the row to something. */
    Reference with(Agreed also) {
        return with(onDelete, keyChange, also);
    }

    private Reference with(DeleteRule deleting, KeyChangeRule changing, Agreed also) {
        return new Reference(
                name,
                columns,
                target,
                targetColumns,
                targetEntity,
                stated,
                deleting,
                changing,
                enforcement,
                late,
                role,
                also);
    }

    /** What the design says a change of the key does. */
    public KeyChangeRule statedKeyChange() {
        return role.map(r -> r.relationship().onKeyChange(targetEntity)).orElse(keyChange);
    }

    /** What deleting the row pointed to does to the one that points. */
    public DeleteEffect effect() {
        return enforcement.onDelete(onDelete);
    }

    /** The constraints that hold it, where they can: one, and a second that holds what is agreed where a row may be without that. */
    public List<ForeignKey> foreignKeys() {
        if (!enforced()) {
            return List.of();
        }
        ForeignKey plain = foreignKey(name, columns, targetColumns);
        if (agreed.isNothing()) {
            return List.of(plain);
        }
        boolean one = agreed.beside().isEmpty();
        ForeignKey wide = foreignKey(one ? name : agreed.beside(), allColumns(), allTargetColumns());
        return one ? List.of(wide) : List.of(plain, wide);
    }

    /** Its columns, and those of what is agreed. */
    public List<String> allColumns() {
        return concat(columns, agreed.columns());
    }

    /** The columns it points to, and those of what is agreed. */
    public List<String> allTargetColumns() {
        return concat(targetColumns, agreed.targetColumns());
    }

    private static List<String> concat(List<String> one, List<String> other) {
        return Stream.concat(one.stream(), other.stream()).toList();
    }

    private ForeignKey foreignKey(String constraint, List<String> here, List<String> there) {
        ForeignKey.Timing timing = late ? ForeignKey.Timing.DEFERRED : ForeignKey.Timing.IMMEDIATE;
        return new ForeignKey(constraint, here, target, there, action(), changed(), timing);
    }

    /** Whether a change of the row pointed to changes its columns: the database empties them, or has them follow a key. */
    boolean isChangedFromAfar() {
        return onDelete == DeleteRule.EMPTY || keyChange != KeyChangeRule.REFUSE;
    }

    private ForeignKey.Action changed() {
        return switch (keyChange) {
            case REFUSE -> ForeignKey.Action.NO_ACTION;
            case FOLLOW -> ForeignKey.Action.CASCADE;
            case EMPTY -> ForeignKey.Action.SET_NULL;
        };
    }

    private ForeignKey.Action action() {
        return switch (onDelete) {
            case REFUSE -> late ? ForeignKey.Action.NO_ACTION : ForeignKey.Action.RESTRICT;
            case DELETE_TOO -> ForeignKey.Action.CASCADE;
            case EMPTY -> ForeignKey.Action.SET_NULL;
        };
    }
}
