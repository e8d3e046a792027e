/**
 * What is Java's own: names, imports, lines, what computes something, what a path through classes is called, and the compiler.
 *
 * <p>In: a {@link jasperwing.classes.ClassModel}, or parts of sources. Out: parts of sources, which templates put together.
 */
package jasperwing.classes.java;
