/**
 * Diagrams as numbers: where cards stand, what is in them, how lines run and what lies under a point.
 *
 * <p>In: a design, a sheet and a measure of text. Out: a {@link jasperwing.diagram.Scene}. Units are sheet units, one pixel at
 * zoom 1, y downwards. May know the model, naming and notation; knows no graphics.
 */
package jasperwing.diagram;
