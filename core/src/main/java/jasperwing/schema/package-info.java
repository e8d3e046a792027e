/**
 * The physical schema: tables, columns, keys, join tables and indexes that follow from a design, for one dialect; and the
 * SQL that creates them.
 *
 * <p>In: a design and a {@link jasperwing.schema.Dialect}. Out: a {@link jasperwing.schema.Schema}, then text. May know the
 * model and naming; never opens a database.
 */
package jasperwing.schema;
