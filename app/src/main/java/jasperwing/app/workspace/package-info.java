/**
 * The one reference that changes, and what follows from it: every stage shows the {@code Workspace} and edits it there; deriving and checking run beside it. Threads, failures,
 * and how the window looks are here, too.
 *
 * <p>May know: the core.
 */
package jasperwing.app.workspace;
