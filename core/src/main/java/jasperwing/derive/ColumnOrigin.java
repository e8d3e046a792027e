package jasperwing.derive;

/**
 * What a column comes from.
 *
 * @param member the attribute or role, or empty for a column of a join or list table
 * @param owner the entity whose member that is, where it is a kind whose rows lie among others; else empty
 */
public record ColumnOrigin(String member, String owner) {
    static final ColumnOrigin NONE = new ColumnOrigin("", "");

    /** The same of the owner's own table. */
    ColumnOrigin own() {
        return owner.isEmpty() ? this : new ColumnOrigin(member, "");
    }
}
