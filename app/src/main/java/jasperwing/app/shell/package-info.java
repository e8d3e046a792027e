/**
 * What all stages share: the workspace (the one reference that changes), the rail, the Say field, the lens, the findings
 * line, files.
 *
 * <p>May know the core; knows none of the stages.
 */
package jasperwing.app.shell;
