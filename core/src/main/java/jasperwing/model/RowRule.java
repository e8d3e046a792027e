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
 */
public record RowRule(String message, Expression condition, Comments comments) {
    public RowRule {
        if (message.isBlank()) {
            throw new IllegalArgumentException("a rule must say what it asks for");
        }
        Objects.requireNonNull(condition);
        Objects.requireNonNull(comments);
    }

    public static RowRule of(String message, Expression condition) {
        return new RowRule(message, condition, Comments.NONE);
    }

    public RowRule withMessage(String newMessage) {
        return new RowRule(newMessage, condition, comments);
    }

    public RowRule withNames(UnaryOperator<Expression.Name> change) {
        return new RowRule(message, condition.withNames(change), comments);
    }

    /** The same rule, which is also fulfilled where all of these are null; without any, the rule itself. */
    public RowRule unlessAllNull(List<Expression.Name> names) {
        return names.stream()
                .<Expression>map(n -> Expression.Call.of("is null", n))
                .reduce((a, b) -> Expression.Call.of("and", a, b))
                .map(missing -> new RowRule(message, Expression.Call.of("or", missing, condition), comments))
                .orElse(this);
    }

    RowRule renamed(String from, String to) {
        return withNames(n -> n.renamed(from, to));
    }
}
