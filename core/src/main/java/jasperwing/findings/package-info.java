/**
 * Findings: what is wrong with a design or will hurt, why, and edits that mend it. One file a family of rules.
 *
 * <p>In: a design and a dialect. Out: {@link jasperwing.findings.Report}.
 *
 * <p>May know: model, naming, formula, derive, physical, dialect, classes.
 */
package jasperwing.findings;
