/**
 * Puts generated files into a folder and keeps what was changed there by hand: generated files go in, with the folder and what was written
 * to it last; out comes what would become of each file, and then, all or none, the files. May not know what the files say.
 *
 * <p>May know: classes, storage.
 */
package jasperwing.output;
