/**
 * Completion: how a line that is being typed could go on.
 *
 * <p>In: a design and the line up to the caret. Out: proposals, the likeliest first. May know the model, naming and notation.
 */
package jasperwing.complete;
