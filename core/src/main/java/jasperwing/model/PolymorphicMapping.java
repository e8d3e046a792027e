package jasperwing.model;

/** How a one-of relationship is kept in tables. */
public enum PolymorphicMapping {
    /** An optional foreign key per subject, exactly one (or at most one) of them filled. What holds when nothing is said. */
    COLUMN_EACH("a column for each"),
    /** The subject's kind and its key, side by side; no foreign key is possible. */
    KIND_AND_ID("a kind and an id");

    private final String words;

    PolymorphicMapping(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
