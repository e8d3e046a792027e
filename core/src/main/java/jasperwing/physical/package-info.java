/**
 * A database schema as values that anyone can build: derived from a design, read from a file, or read from a database.
 *
 * <p>It knows no design and no database: how one writes a type is said in {@code dialect}.
 */
package jasperwing.physical;
