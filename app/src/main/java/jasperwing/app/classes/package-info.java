/**
 * The Classes stage: generated files, held against a folder and written to it; where each line comes from.
 *
 * <p>May know: the core, workspace, controls, shell.
 */
package jasperwing.app.classes;
