/**
 * What Jakarta Persistence 3.1 and Jakarta Validation 3.0 say of the classes of a design: which fields there are, and their annotations.
 *
 * <p>In: a {@link jasperwing.classes.ClassModel} and what is chosen. Out: {@link jasperwing.classes.jakarta.Field}s and
 * {@link jasperwing.classes.jakarta.Annotation}s, which templates write as Java or as XML.
 */
package jasperwing.classes.jakarta;
