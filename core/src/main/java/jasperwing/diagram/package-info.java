/**
 * Diagrams as numbers: where cards stand, what is in them, how lines run and what lies under a point.
 *
 * <p>In: a design, a sheet and a measure of text. Out: a {@link jasperwing.diagram.Scene}. Units are sheet units, one pixel at
 * zoom 1, y downwards. Knows no graphics.
 *
 * <p>May know: model, naming, notation.
 */
package jasperwing.diagram;
