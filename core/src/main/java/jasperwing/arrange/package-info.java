/**
 * Arranging: places for cards, by layered layout.
 *
 * <p>In: a design, a sheet, which of its cards may move, a measure of text, and a {@link jasperwing.arrange.Progress} that can stop it.
 * Out: places. The layout library is known here only.
 *
 * <p>May know: model, diagram.
 */
package jasperwing.arrange;
