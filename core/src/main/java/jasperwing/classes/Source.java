package jasperwing.classes;

/**
 * What a line of a file is made of.
 *
 * @param of the name of an entity, enum, value or trait; empty for the design as a whole
 * @param member an attribute, role or value, as the class or the design calls it; empty for all of it
 */
public record Source(String of, String member) {
    /** The design as a whole. */
    public static final Source WHOLE = new Source("", "");
}
