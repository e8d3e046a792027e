package jasperwing.model;

/** What becomes of the rows that point to a row when that row is deleted. */
public enum DeleteRule {
    /** The row cannot be deleted while others point to it. What holds when nothing is said. */
    REFUSE("refuse"),
    /** The rows that point to it are deleted too. */
    DELETE_TOO("delete too"),
    /** The reference is emptied. */
    EMPTY("empty it");

    private final String words;

    DeleteRule(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
