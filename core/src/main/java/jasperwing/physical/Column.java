package jasperwing.physical;

import java.util.Optional;

/**
 * A column.
 *
 * @param collation the order its texts are compared in, as the database writes it; empty for the order of the database
 * @param required whether it is declared not null
 * @param identity how the database counts it up, where it does
 * @param defaultValue what a row has that says nothing
 * @param computed what the database computes it from; then it has no default
 * @param comment documentation, or empty
 */
public record Column(
        String name,
        SqlType type,
        String collation,
        boolean required,
        Optional<Identity> identity,
        Optional<SqlExpression> defaultValue,
        Optional<SqlExpression> computed,
        String comment) {
    /**
     * A column of which nothing else is said; it is nullable.
     *
     * <pre>{@code
     * Column.of("title", SqlType.of(SqlType.Kind.VARCHAR, 80)).notNull();
     * }</pre>
     */
    public static Column of(String name, SqlType type) {
        return new Column(name, type, "", false, Optional.empty(), Optional.empty(), Optional.empty(), "");
    }

    public Column notNull() {
        return new Column(name, type, collation, true, identity, defaultValue, computed, comment);
    }

    public Column counted() {
        return counted(Identity.BY_ONE);
    }

    public Column counted(Identity by) {
        return new Column(name, type, collation, required, Optional.of(by), defaultValue, computed, comment);
    }

    public boolean isCounted() {
        return identity.isPresent();
    }

    public Column withDefault(SqlExpression value) {
        return new Column(name, type, collation, required, identity, Optional.of(value), computed, comment);
    }

    public Column computedAs(SqlExpression expression) {
        return new Column(name, type, collation, required, identity, defaultValue, Optional.of(expression), comment);
    }

    public Column withComment(String text) {
        return new Column(name, type, collation, required, identity, defaultValue, computed, text);
    }

    Column normal() {
        return new Column(
                name,
                type,
                collation,
                required,
                identity,
                defaultValue.map(SqlExpression::normal),
                computed.map(SqlExpression::normal),
                comment);
    }
}
