/**
 * The current design and what is derived from it. Every stage shows the {@code Workspace} and edits the design there; derivation and checks run in
 * the background. Also background threads, error reports and the appearance of the window.
 *
 * <p>May know: the core.
 */
package jasperwing.app.workspace;
