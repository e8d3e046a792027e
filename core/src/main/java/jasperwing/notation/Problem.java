package jasperwing.notation;

/**
 * Something in a text that could not be read.
 *
 * @param line counted from 1
 * @param column counted from 1, in UTF-16 units
 * @param length how many units are marked; 0 at the end of a line
 * @param message what is so
 * @param expected what could have stood there, or empty
 */
public record Problem(int line, int column, int length, String message, String expected) {
    /** The same with so many lines above. */
    Problem below(int lines) {
        return lines == 0 ? this : new Problem(line + lines, column, length, message, expected);
    }

    /** One sentence with what was found and what was expected. */
    public String sentence() {
        return expected.isEmpty() ? message : message + "; expected " + expected;
    }
}
