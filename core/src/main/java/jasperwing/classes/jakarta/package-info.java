/**
 * What Jakarta Persistence 3.1 and Jakarta Validation 3.0 say of the classes of a design: their fields, and the annotations of classes and fields.
 *
 * <p>In: {@link jasperwing.classes.language.ChosenClasses}. Out: {@link jasperwing.classes.jakarta.JakartaAdapter}, whose data templates write as
 * annotations of a language or as XML.
 */
package jasperwing.classes.jakarta;
