/**
 * Finding words in a design: in names, notes and types.
 *
 * <p>In: a design and some words. Out: places where they occur, the best first.
 *
 * <p>May know: model, notation.
 */
package jasperwing.find;
