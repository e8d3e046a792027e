package jasperwing.model;

/**
 * How the database counts up a serial.
 *
 * @param start the first number, at least 1
 * @param step how much larger the next one is, at least 1
 */
public record Counting(long start, long step) {
    /** From 1 by 1, when nothing is said. */
    public static final Counting BY_ONE = new Counting(1, 1);

    public Counting {
        if (start < 1 || step < 1) {
            throw new IllegalArgumentException("counted from " + start + " by " + step);
        }
    }

    public boolean isUsual() {
        return equals(BY_ONE);
    }

    /** What is not usual of it, as the notation and people say it: {@code from 1000 by 10}; empty for {@link #BY_ONE}. */
    public String words() {
        String from = start == 1 ? "" : " from " + start;
        String by = step == 1 ? "" : " by " + step;
        return (from + by).strip();
    }
}
