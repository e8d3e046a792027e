/**
 * What is found wrong, as a line along the bottom, as lists, and as boxes with their fixes.
 *
 * <p>May know: the core, workspace, controls.
 */
package jasperwing.app.findings;
