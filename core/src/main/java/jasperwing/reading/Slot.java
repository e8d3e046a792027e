package jasperwing.reading;

/** The words of a reading that can be chosen. */
public enum Slot {
    /** Words that are only read. */
    NONE,
    MUST,
    VERB,
    COUNT,
    BACK_MUST,
    BACK_VERB,
    BACK_COUNT,
    /** Whether the relationship is known from the far end at all. */
    READ_BACK,
    /** What the far end is called from the first entity. */
    ROLE,
    /** What the first entity is called from the far end. */
    BACK_ROLE,
    /** The order many at the far end are read in. */
    SORTING,
    /** The order many at the first entity's end are read in. */
    BACK_SORTING,
    /** Whether the pairs of a many-to-many are kept by themselves or by an entity. */
    LINK,
    /** What deleting a row that is pointed to does. */
    DELETE,
    /** What changing the key of a row that is pointed to does. */
    KEY_CHANGE,
    /** How a one-of is kept. */
    KEEPING;

    /** Whether the words are typed rather than chosen. */
    public boolean isTyped() {
        return this == VERB || this == BACK_VERB || this == ROLE || this == BACK_ROLE;
    }
}
