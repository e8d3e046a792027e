/**
 * Completion: how a line that is being typed could go on.
 *
 * <p>In: a design and the line up to the caret. Out: proposals, the likeliest first.
 *
 * <p>May know: model, naming, notation.
 */
package jasperwing.complete;
