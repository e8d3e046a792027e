/**
 * Moves from one shape of a design to another: what is offered for a selection, whether it can be made, and what has to be said of it.
 *
 * <p>In: a design and what is selected. Out: edits. Knows no files and no window.
 *
 * <p>May know: model, naming, formula, derive.
 */
package jasperwing.moves;
