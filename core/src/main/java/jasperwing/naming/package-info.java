/**
 * Names: how words are split, joined, made plural and kept clear of reserved words, and what an end of a relationship is
 * called when the design does not say.
 *
 * <p>In: names of the model. Out: physical and code names. The one place that decides them.
 *
 * <p>May know: model.
 */
package jasperwing.naming;
