/**
 * Designs on the disk: opened, saved after each edit, kept aside, held against what other programs write. One window at a time writes a design.
 *
 * <p>May know: the core, workspace, controls.
 */
package jasperwing.app.files;
