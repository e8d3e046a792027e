/**
 * What can be said to a design in the Say field and on the command line: sentences of the notation, requirements as people write them, questions, and names to
 * go to. A sentence becomes {@code Token}s, {@code SentenceForm}s and the {@code …Speech} classes find what it states, {@code ClauseMeaning} is that as an edit
 * and as a sentence of the notation. Every word must be taken up; what was not said is told as a guess.
 *
 * <p>In: a design and a text. Out: an {@link jasperwing.say.Understanding}.
 *
 * <p>May know: model, naming, notation, formula, derive, physical, dialect.
 */
package jasperwing.say;
