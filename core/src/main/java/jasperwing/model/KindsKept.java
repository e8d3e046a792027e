package jasperwing.model;

/** How the kinds of an entity are kept in tables. */
public enum KindsKept {
    /** A table for what all have, and one for each kind's own, keyed alike. What holds when nothing is said. */
    TABLE_EACH("a table each"),
    /** One table with the columns of all kinds, those of other kinds empty. */
    ONE_TABLE("one table"),
    /** A table for each kind with everything in it. */
    COMPLETE_TABLES("a complete table each");

    private final String words;

    KindsKept(String words) {
        this.words = words;
    }

    /** As the notation writes it, after {@code kinds kept in}. */
    public String words() {
        return words;
    }
}
