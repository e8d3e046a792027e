/**
 * The schema that follows from a design in one database, and which element each part of it comes from.
 *
 * <p>In: a design and a {@link jasperwing.dialect.Dialect}. Out: a {@link jasperwing.derive.Schema}, whose {@link
 * jasperwing.derive.Schema#catalog() catalog} knows nothing of the design, with its {@link jasperwing.derive.Provenance}; what is enforced and by
 * whom; what a delete does. Never opens a database.
 *
 * <p>May know: model, naming, formula, dialect, physical.
 */
package jasperwing.derive;
