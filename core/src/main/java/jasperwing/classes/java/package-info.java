/**
 * Java classes with Jakarta Persistence 3.1 and Jakarta Validation annotations.
 *
 * <p>In: a {@link jasperwing.classes.ClassModel}. Out: source files that compile without warnings. One class a part of a
 * source file; {@link jasperwing.classes.java.JavaTarget} is the entry.
 */
package jasperwing.classes.java;
