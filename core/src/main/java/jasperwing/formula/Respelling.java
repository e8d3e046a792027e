package jasperwing.formula;

import jasperwing.model.Expression;

/**
 * A name or function as it was written, and what was likely meant.
 *
 * <pre>{@code
 * new Respelling("temprature", "temperature").in(formula);
 * }</pre>
 */
public record Respelling(String written, String meant) {
    /** The expression with it spelled as it was meant, wherever it is written, in conditions too. */
    public Expression in(Expression expression) {
        return expression.match(
                name -> new Expression.Name(
                        name.path().stream().map(this::spelled).toList()),
                constant -> constant,
                call -> new Expression.Call(
                        spelled(call.function()),
                        call.arguments().stream().map(this::in).toList()));
    }

    private String spelled(String word) {
        return word.equals(written) ? meant : word;
    }
}
