package jasperwing.output;

/**
 * A line of a file as it is looked at before it is written.
 *
 * @param number its number in the file as it will be, from 1; 0 for what will not be in it
 * @param other of lines in conflict, what the design makes; else empty
 * @param source the line of the generated text it is, from 0; -1 when it is none of it
 * @param conflict of which conflict it is a part, from 0; -1 when of none
 */
public record FileLine(Kind kind, int number, String text, String other, int source, int conflict) {
    /** What becomes of a line. */
    public enum Kind {
        STAYS,
        /** Written by hand, and kept. */
        BY_HAND,
        COMES,
        GOES,
        /** The head of lines in conflict, which asks for a choice. */
        ASKS,
        /** Two lines in conflict, side by side: what was written by hand, and what the design makes. */
        SIDES
    }
}
