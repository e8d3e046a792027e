package jasperwing.schema;

import jasperwing.physical.SqlType;

/**
 * A column.
 *
 * @param collation the order its texts are compared in, as the dialect writes it, or empty
 * @param generated whether the database counts it up
 * @param defaultSql the default as SQL, or empty
 * @param computed the expression the database computes it by, or empty
 * @param member the attribute or role it comes from, or empty for a column of a join or list table
 * @param comment documentation, or empty
 * @param owner the entity whose member that is, where it is a kind whose rows lie among others; else empty
 */
public record Column(
        String name,
        SqlType type,
        String collation,
        boolean required,
        boolean generated,
        String defaultSql,
        String computed,
        String member,
        String comment,
        String owner) {
    /** The same column of the owner's own table. */
    Column own() {
        return new Column(name, type, collation, required, generated, defaultSql, computed, member, comment, "");
    }
}
