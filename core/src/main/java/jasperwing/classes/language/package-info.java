/**
 * Classes as a language is to have them: which fields they have, in which packages they lie, and how the language writes names, types, texts and
 * formulas.
 *
 * <p>In: a {@link jasperwing.classes.ClassModel}, a {@link jasperwing.classes.language.Language} and what is chosen. Out:
 * {@link jasperwing.classes.language.ChosenClasses} and their fields. Knows no language by name.
 */
package jasperwing.classes.language;
