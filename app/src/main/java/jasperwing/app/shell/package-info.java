/**
 * The window's frame: rail, top bar, the stage in the middle, and what stands at its sides; knows a stage only as a {@code Stage}.
 *
 * <p>May know: the core, workspace, files, controls, findings, lens, say.
 */
package jasperwing.app.shell;
