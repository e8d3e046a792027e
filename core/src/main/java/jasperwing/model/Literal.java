package jasperwing.model;

/**
 * A constant as it was written.
 *
 * @param text a number's digits; a text's characters, unescaped; a word such as {@code true}, {@code now} or an enum's
 *     value; a date as {@code 2026-03-01}; of a clock what {@link ClockOffset} writes
 */
public record Literal(Kind kind, String text) {
    /** How a literal is written. */
    public enum Kind {
        NUMBER,
        TEXT,
        DATE,
        WORD,
        CLOCK
    }

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
