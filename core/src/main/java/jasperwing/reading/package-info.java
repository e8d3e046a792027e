/**
 * Readings: a relationship said aloud in plain words, with the words that can be changed marked.
 *
 * <p>In: relationships. Out: phrases, and the relationship each choice of a word leads to.
 *
 * <p>May know: model, naming, notation, derive.
 */
package jasperwing.reading;
