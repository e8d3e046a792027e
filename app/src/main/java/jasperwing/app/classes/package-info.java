/**
 * The Classes stage: generated files compared with a folder and written to it, and the origin of each line.
 *
 * <p>May know: the core, workspace, controls, shell.
 */
package jasperwing.app.classes;
