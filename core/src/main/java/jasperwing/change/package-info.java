/**
 * What changes from one design to another: statements, tables, classes, findings, and what is said no more.
 *
 * <p>In: two designs and what was derived from them. Out: {@link jasperwing.change.Consequences}. Knows no
 * edits, no files and no window.
 *
 * <p>May know: model, naming, notation, derive, findings, classes.
 */
package jasperwing.change;
