/**
 * What the formulas of computed attributes mean. In: a design and an attribute of it. Out: the formula with every name resolved and every part typed,
 * or what is wrong with it. Knows no SQL and no code; those who write either go by the terms.
 *
 * <p>May know: model, naming.
 */
package jasperwing.formula;
