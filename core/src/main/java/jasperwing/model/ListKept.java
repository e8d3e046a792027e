package jasperwing.model;

/** How the elements of a list attribute are kept. */
public enum ListKept {
    /** A row for each in a table of their own. What holds when nothing is said. */
    ROWS("rows"),
    /** An array in the row; where the database has none, a JSON array. */
    ARRAY("an array"),
    /** A JSON array in the row. */
    JSON("json");

    private final String words;

    ListKept(String words) {
        this.words = words;
    }

    /** As the notation writes it, after {@code kept as}. */
    public String words() {
        return words;
    }
}
