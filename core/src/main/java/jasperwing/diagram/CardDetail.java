package jasperwing.diagram;

/** How much cards tell. */
public enum CardDetail {
    /** The name and the key. */
    KEY("name and key"),

    /** Every attribute with its type, roles in the key, and traits. */
    ATTRIBUTES("attributes"),

    /** Besides, what makes the table: references, defaults, what is set by itself, uniqueness over several and indexes. */
    ALL("everything");

    private final String words;

    CardDetail(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
