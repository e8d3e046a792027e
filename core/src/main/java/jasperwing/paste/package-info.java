/**
 * Pasting: lists of columns from elsewhere as attribute lines.
 *
 * <p>In: a text from the clipboard, as a spreadsheet, a SQL script or the notation gives it. Out: attribute lines. May know the model,
 * naming and notation; the SQL parser is known here only.
 */
package jasperwing.paste;
