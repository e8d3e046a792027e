package jasperwing.physical;

/**
 * How the database counts up a column.
 *
 * @param start the first number
 * @param step how much larger the next one is
 */
public record Identity(long start, long step) {
    /** From 1 by 1. */
    public static final Identity BY_ONE = new Identity(1, 1);
}
