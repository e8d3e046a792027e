/**
 * The Draw stage: the list of entities, the sheet, cards being typed on, relationships being drawn, and the text.
 *
 * <p>May know: the core, workspace, files, controls, sheet, shell.
 */
package jasperwing.app.draw;
