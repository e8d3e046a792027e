/**
 * Painted scenes on the screen: pixels, what is seen of a sheet, pictures of tables.
 *
 * <p>May know: the core, workspace.
 */
package jasperwing.app.sheet;
