/**
 * What can be said to a design in the Say field and on the command line: sentences, new entities, and names to go to.
 *
 * <p>In: a design and a text. Out: an {@link jasperwing.say.Understanding}. May know the model, notation, naming and schema.
 */
package jasperwing.say;
