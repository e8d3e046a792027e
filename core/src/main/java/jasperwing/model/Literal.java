package jasperwing.model;

/**
 * A constant as it was written.
 *
 * @param text a number's digits; a text's characters, unescaped; a word such as {@code true}, {@code now} or an enum's
 *     value; a date as {@code 2026-03-01}; of a clock what {@link ClockOffset} writes; {@link #UUID_7}
 */
public record Literal(Kind kind, String text) {
    /** How a literal is written. */
    public enum Kind {
        NUMBER,
        TEXT,
        DATE,
        WORD,
        CLOCK,
        UUID
    }

    /** A new UUID of version 7, which begins with the moment it is made. */
    public static final Literal UUID_7 = new Literal(Kind.UUID, "uuid version 7");

    public static Literal number(String digits) {
        return new Literal(Kind.NUMBER, digits);
    }

    public static Literal text(String text) {
        return new Literal(Kind.TEXT, text);
    }

    public static Literal word(String word) {
        return new Literal(Kind.WORD, word);
    }
}
