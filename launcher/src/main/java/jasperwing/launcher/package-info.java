/**
 * Joins the command line with the window: what opens it, and the demo. Everything else of the command line needs none.
 */
package jasperwing.launcher;
