/**
 * Parts of a window that know no stage: panes that can be dragged, icons, keys, highlighted lines, sentences whose words can be changed.
 *
 * <p>May know: the core, workspace.
 */
package jasperwing.app.controls;
