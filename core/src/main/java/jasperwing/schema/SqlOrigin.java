package jasperwing.schema;

import jasperwing.model.Relationship;
import jasperwing.naming.Role;
import java.util.Optional;

/**
 * The element of the design that a line of SQL was derived from.
 *
 * @param declaration name of the entity or enum; empty for a join table
 * @param member its attribute or role; empty where the line is about the whole
 * @param relationship the relationship that the role or join table belongs to
 */
public record SqlOrigin(String declaration, String member, Optional<Relationship> relationship) {
    /** A table as a whole. */
    static SqlOrigin of(Table table) {
        return table.source()
                .match(
                        e -> of(e.entity(), ""),
                        j -> new SqlOrigin("", "", Optional.of(j.tie())),
                        l -> of(l.entity(), l.attribute()),
                        e -> of(e.type().name(), ""));
    }

    static SqlOrigin of(String declaration, String member) {
        return new SqlOrigin(declaration, member, Optional.empty());
    }

    /** A column of a table, with the relationship where it belongs to a foreign key. */
    static SqlOrigin of(Table table, Column column) {
        SqlOrigin whole = of(table);
        if (column.member().isEmpty()) {
            return whole;
        }
        return new SqlOrigin(
                column.owner().isEmpty() ? whole.declaration : column.owner(),
                column.member(),
                table.foreignKeys().stream()
                        .filter(k -> k.columns().contains(column.name()))
                        .flatMap(k -> k.role().stream())
                        .filter(r -> r.name().equals(column.member()))
                        .map(Role::relationship)
                        .findFirst());
    }

    static SqlOrigin of(Table table, ForeignKey key) {
        return key.role()
                .map(r -> new SqlOrigin(r.holder(), r.name(), Optional.of(r.relationship())))
                .orElseGet(() -> of(table));
    }

    /** An index or a uniqueness, by the column that leads it. */
    static SqlOrigin ofLeading(Table table, String column) {
        return table.column(column).map(c -> of(table, c)).orElseGet(() -> of(table));
    }
}
