/**
 * The field that takes sentences, questions and commands, and what they would do.
 *
 * <p>May know: the core, workspace, controls.
 */
package jasperwing.app.say;
