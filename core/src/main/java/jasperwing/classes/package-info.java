/**
 * The class model: classes, properties and associations that follow from a design, in no particular language; and the files
 * a target makes of them.
 *
 * <p>In: a design. Out: {@link jasperwing.classes.ClassModel}, then {@link jasperwing.classes.GeneratedFile}s. Writes no files.
 *
 * <p>May know: model, naming, formula, derive, dialect, physical, walk.
 */
package jasperwing.classes;
