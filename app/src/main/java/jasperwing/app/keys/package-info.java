/**
 * The Keys stage: every foreign key, join table and one-of reference; what a delete does; the tables and their SQL.
 *
 * <p>May know: the core, workspace, files, controls, sheet, shell.
 */
package jasperwing.app.keys;
