package jasperwing.model;

/** The types that need no further numbers. */
public enum Scalar {
    LONG_TEXT("long text", "text of any length"),
    INT("int", "whole number, 32 bits"),
    SMALL_INT("small int", "whole number, 16 bits"),
    BIG_INT("big int", "whole number, 64 bits"),
    SERIAL("serial", "whole number the database counts up"),
    UUID("uuid", "128-bit identifier"),
    REAL("real", "binary floating point"),
    BOOLEAN("boolean", "true or false"),
    DATE("date", "day of the calendar"),
    TIME("time", "time of day"),
    TIMESTAMP("timestamp", "date and time, with zone"),
    LOCAL_TIMESTAMP("local timestamp", "date and time, no zone"),
    DURATION("duration", "length of time"),
    BINARY("binary", "bytes"),
    JSON("json", "a JSON document");

    private final String words;
    private final String meaning;

    Scalar(String words, String meaning) {
        this.words = words;
        this.meaning = meaning;
    }

    /** How the notation writes it. */
    public String words() {
        return words;
    }

    /** What it holds, in a few words for completion lists. */
    public String meaning() {
        return meaning;
    }

    public boolean isInteger() {
        return this == INT || this == SMALL_INT || this == BIG_INT || this == SERIAL;
    }
}
