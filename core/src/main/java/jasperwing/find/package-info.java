/**
 * Finding words in a design: in names, notes and types.
 *
 * <p>In: a design and some words. Out: places where they occur, the best first. May know the model and notation.
 */
package jasperwing.find;
