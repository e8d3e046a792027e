package jasperwing.model;

import java.util.List;
import java.util.Objects;
import java.util.function.UnaryOperator;

/**
 * A condition that every row fulfils: of an entity, of all entities with a trait, or of every value of a type. A row for which it gives nothing
 * fulfils it, as with a check constraint.
 *
 * @param message what is said of a row that breaks it, such as {@code must end after it starts}; names it
 * @param condition over the members of what it belongs to
 * @param kept what holds rows to it
 * @param constraint the name of its check, where it is not to be derived; kept to the letter
 */
public record RowRule(String message, Expression condition, RuleKept kept, String constraint, Comments comments) {
    public RowRule {
        Objects.requireNonNull(kept);
        Objects.requireNonNull(constraint);
        if (message.isBlank()) {
            throw new IllegalArgumentException("a rule must say what it asks for");
        }
        Objects.requireNonNull(condition);
        Objects.requireNonNull(comments);
    }

    public static RowRule of(String message, Expression condition) {
        return new RowRule(message, condition, RuleKept.CONSTRAINT, "", Comments.NONE);
    }

    public RowRule withMessage(String newMessage) {
        return new RowRule(newMessage, condition, kept, constraint, comments);
    }

    public RowRule withCondition(Expression newCondition) {
        return new RowRule(message, newCondition, kept, constraint, comments);
    }

    public RowRule withKept(RuleKept newKept) {
        return new RowRule(message, condition, newKept, constraint, comments);
    }

    public RowRule withConstraint(String newName) {
        return new RowRule(message, condition, kept, newName, comments);
    }

    public RowRule withComments(Comments newComments) {
        return new RowRule(message, condition, kept, constraint, newComments);
    }

    public RowRule withNames(UnaryOperator<Expression.Name> change) {
        return withCondition(condition.withNames(change));
    }

    /** The same rule, which is also fulfilled where all of these are null; without any, the rule itself. */
    public RowRule unlessAllNull(List<Expression.Name> names) {
        return names.stream()
                .<Expression>map(n -> Expression.Call.of("is null", n))
                .reduce((a, b) -> Expression.Call.of("and", a, b))
                .map(missing -> withCondition(Expression.Call.of("or", missing, condition)))
                .orElse(this);
    }

    public RowRule renamed(String from, String to) {
        return withNames(n -> n.renamed(from, to));
    }
}
