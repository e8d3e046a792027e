/**
 * The design: immutable values, and the edits on them as functions from design to design.
 *
 * <p>Everything else in Jasperwing is a projection of {@link jasperwing.model.Design}. This package depends on nothing
 * but the JDK and knows neither text, tables, classes nor windows. Values hold what was said, right or wrong: a design
 * may name entities that do not exist, and findings say so.
 *
 * <p>May know: nothing else of ours.
 */
package jasperwing.model;
