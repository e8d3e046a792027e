/**
 * Design files: opening, saving after each edit, unsaved copies, and detecting changes by other programs. One window at a time writes a design.
 *
 * <p>May know: the core, workspace, controls.
 */
package jasperwing.app.files;
