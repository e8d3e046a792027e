/**
 * The ways to keep something, side by side. In: a design, a dialect and a list, relationship or entity with kinds. Out: each way with the tables it
 * has, what it gives and costs, the statements it takes, what classes have, and the edit that switches to it. All is derived from the design
 * as it would be; knows no window.
 *
 * <p>May know: model, naming, notation, formula, derive, dialect, physical, walk, moves, classes.
 */
package jasperwing.weigh;
