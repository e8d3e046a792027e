/**
 * Where designs are read and saved, and other files written whole; {@code output} alone touches files besides.
 *
 * <p>In: a design and where it goes, or a path. Out: a file, or a design. A save never leaves a damaged file: it is written beside, forced to the disk
 * and renamed.
 *
 * <p>May know: model, notation.
 */
package jasperwing.storage;
