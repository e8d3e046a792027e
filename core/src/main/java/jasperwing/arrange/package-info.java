/**
 * Arranging: places for cards, by layered layout.
 *
 * <p>In: a design, a sheet, which of its cards may move, a measure of text, and a {@link jasperwing.arrange.Progress} that can stop it.
 * Out: places. May know the model and the diagram; the layout library is known here only.
 */
package jasperwing.arrange;
