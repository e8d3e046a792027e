/**
 * What is selected, looked at from all sides: as it reads, as properties, as tables, as classes, and in other ways to keep it.
 *
 * <p>May know: the core, workspace, controls, findings.
 */
package jasperwing.app.lens;
