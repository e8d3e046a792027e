package jasperwing.physical;

/**
 * An expression or condition in the SQL of the database the schema is of.
 *
 * <p>Two are equal when their texts are. A database does not keep the text it was given, so expressions that were read from one are compared
 * by their {@link #normal() normal forms}.
 *
 * <pre>{@code
 * SqlExpression.of("((depth)::integer >= 0)").normal(); // depth >= 0
 * }</pre>
 */
public record SqlExpression(String sql) {
    public SqlExpression {
        if (sql.isBlank()) {
            throw new IllegalArgumentException("an expression has a text");
        }
    }

    public static SqlExpression of(String sql) {
        return new SqlExpression(sql);
    }

    /**
     * The same without what databases add or drop when they keep an expression: parentheses that change nothing, casts, quotes of plain names,
     * capitals of words, and the ways to write a list of values.
     */
    public SqlExpression normal() {
        return new SqlExpression(ExpressionNormalizer.normal(sql));
    }

    @Override
    public String toString() {
        return sql;
    }
}
