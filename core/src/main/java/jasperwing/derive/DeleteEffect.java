package jasperwing.derive;

import jasperwing.model.DeleteRule;

/** What the database does to a row when the row it refers to is deleted. */
public enum DeleteEffect {
    /** The delete is refused while there is such a row. */
    REFUSES("refuses"),
    /** The row is deleted too. */
    DELETES("is deleted too"),
    /** The row stays, its foreign key set to null. */
    EMPTIES("is set to null"),
    /** The row stays unchanged and refers to nothing; the database does not notice. */
    DANGLES("is left dangling");

    private final String words;

    DeleteEffect(String words) {
        this.words = words;
    }

    /** What is said of the row, in a few words. */
    public String words() {
        return words;
    }

    static DeleteEffect of(DeleteRule rule) {
        return switch (rule) {
            case REFUSE -> REFUSES;
            case DELETE_TOO -> DELETES;
            case EMPTY -> EMPTIES;
        };
    }
}
