/**
 * A database schema as values that anyone can build: derived from a design, read from a file, or read from a database.
 *
 * <p>In: names, types and expressions. Out: a {@link jasperwing.physical.Catalog}. It knows no design and no dialect; {@code derive} makes
 * one from a design, {@code dialect} writes it as SQL.
 *
 * <p>May know: nothing else of ours.
 */
package jasperwing.physical;
