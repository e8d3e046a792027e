/**
 * Pasting: lists of columns from elsewhere as attribute lines.
 *
 * <p>In: a text from the clipboard, as a spreadsheet, a SQL script or the notation gives it. Out: attribute lines. The SQL parser is known here only.
 *
 * <p>May know: model, naming, notation.
 */
package jasperwing.paste;
