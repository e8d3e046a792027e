package jasperwing.derive;

import jasperwing.dialect.Dialect;
import jasperwing.model.Attribute;
import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.model.KeyChangeRule;
import jasperwing.model.KindsKept;
import jasperwing.model.ListKept;
import jasperwing.model.PolymorphicMapping;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Type;
import jasperwing.naming.Role;
import java.util.Optional;

/**
 * Whether the database holds a reference to a row that exists, and why not.
 *
 * <p>Foreign keys, sentences, delete effects, the ledger, findings and triggers all ask this one place, so that none of them can promise
 * what another denies. It depends on the mapping alone and is the same in every dialect.
 *
 * <pre>{@code
 * Enforcement.of(design, role, "Dive").onDelete(DeleteRule.REFUSE) // DANGLES for a kind and an id
 * }</pre>
 */
public enum Enforcement {
    /** A foreign key constraint holds it. */
    FOREIGN_KEY("a foreign key"),
    /** One id column refers to several tables; a foreign key refers to one. A trigger can hold it. */
    KIND_AND_ID("one id column refers to several tables"),
    /** The rows referred to are in several tables, one for each subtype. A trigger can hold it. */
    SEVERAL_TABLES("the rows are in a table for each kind"),
    /** The table referred to is in another system. */
    OUTSIDE("the table is in another system");

    private final String reason;

    Enforcement(String reason) {
        this.reason = reason;
    }

    /** What holds it, or why nothing does, in a few words. */
    public String reason() {
        return reason;
    }

    public boolean isForeignKey() {
        return this == FOREIGN_KEY;
    }

    /** Whether a trigger can hold what no foreign key can. */
    public boolean canBeTriggered() {
        return this == KIND_AND_ID || this == SEVERAL_TABLES;
    }

    /** How a role refers to one of its targets. */
    public static Enforcement of(Design design, Role role, String target) {
        Enforcement byKey = of(design, target);
        boolean loose = role.relationship() instanceof PolymorphicRelationship oneOf
                && oneOf.kept() == PolymorphicMapping.KIND_AND_ID;
        return loose && byKey != OUTSIDE ? KIND_AND_ID : byKey;
    }

    /** How columns that hold the key of an entity refer to it. */
    public static Enforcement of(Design design, String target) {
        if (design.entity(target).map(Entity::elsewhere).orElse(false)) {
            return OUTSIDE;
        }
        boolean scattered =
                !design.kinds(target).isEmpty() && InheritanceTree.isKept(design, target, KindsKept.COMPLETE_TABLES);
        return scattered ? SEVERAL_TABLES : FOREIGN_KEY;
    }

    /**
     * Whether a check holds that of a one-of kept as a column for each no more than one is filled: not every database takes a check on columns
     * that a foreign key sets to null, or has follow a key.
     */
    public static boolean checksOneFilled(Dialect dialect, PolymorphicRelationship oneOf) {
        return dialect.checksEmptied()
                || oneOf.deletes().stream().noneMatch(d -> d.rule() == DeleteRule.EMPTY)
                        && oneOf.keyChanges().stream().allMatch(c -> c.rule() == KeyChangeRule.REFUSE);
    }

    /**
     * Whether the database holds the elements of a list kept in a row to their type, length and range. Some look at no element, or at
     * the types of those of an array only, most at no long text in JSON.
     */
    public static boolean checksElements(Dialect dialect, Attribute list) {
        boolean array = list.kept().equals(Optional.of(ListKept.ARRAY))
                && dialect.lists().hasArrays();
        if (!array && list.type() instanceof Type.Text text && !JsonElements.hasLength(dialect, text)) {
            return false;
        }
        return dialect.lists().checksElements(array, list.range().isPresent());
    }

    /** Whether a foreign key to an entity also accepts rows that are not of it: it is a subtype in one table with others. */
    public static boolean takesOtherKinds(Design design, String target) {
        return InheritanceTree.isKept(design, target, KindsKept.ONE_TABLE)
                && design.parent(target).isPresent();
    }

    /** What deleting the row referred to does to the row that refers to it, when the design states the rule. */
    public DeleteEffect onDelete(DeleteRule rule) {
        return switch (this) {
            case FOREIGN_KEY -> DeleteEffect.of(rule);
            case KIND_AND_ID, SEVERAL_TABLES, OUTSIDE -> DeleteEffect.DANGLES;
        };
    }
}
