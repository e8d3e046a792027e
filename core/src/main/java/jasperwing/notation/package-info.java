/**
 * The notation: text to design and back, whole files, single sentences and attribute lines.
 *
 * <p>In: text. Out: a {@link jasperwing.model.Design} and every {@link jasperwing.notation.Problem} in it; or the other way
 * round, the canonical text. Reads and writes no files.
 *
 * <p>May know: model, naming.
 */
package jasperwing.notation;
