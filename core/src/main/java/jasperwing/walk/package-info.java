/**
 * Paths along the roles of a design. In: a design, the schema derived from it, an entity and role names joined by dots. Out: the steps with what
 * each can lead to, the SQL that joins them, and how the path could go on. Knows nothing of pictures or of a database that runs.
 *
 * <p>May know: model, naming, derive.
 */
package jasperwing.walk;
