package jasperwing.model;

/** What becomes of the references to a row when the key of that row changes. */
public enum KeyChangeRule {
    /** The key cannot change while others refer to the row. What holds when nothing is said. */
    REFUSE,
    /** The references change with it. */
    FOLLOW,
    /** The references are emptied. */
    EMPTY
}
