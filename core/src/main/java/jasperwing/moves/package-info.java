/**
 * Moves from one shape of a design to another: what is offered for a selection, whether it can be made, and what follows from it. In: a
 * design and what is selected; out: edits, and what changes in the text, the tables and the classes. Knows no files and no window.
 */
package jasperwing.moves;
