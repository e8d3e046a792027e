/**
 * The one painter: scenes as pictures, on screen and in files, with Java2D and without a display.
 *
 * <p>In: a {@link jasperwing.diagram.Scene} and a palette. Out: strokes on a {@link java.awt.Graphics2D}, PNG or SVG.
 *
 * <p>May know: model, diagram.
 */
package jasperwing.picture;
