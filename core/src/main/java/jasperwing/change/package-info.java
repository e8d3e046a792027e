/**
 * What changes from one design to another: statements, tables, classes, findings, and what is said no more.
 *
 * <p>In: two designs and what was derived from them. Out: {@link jasperwing.change.Consequences}. May know derivation, findings and classes; knows no
 * edits, no files and no window.
 */
package jasperwing.change;
