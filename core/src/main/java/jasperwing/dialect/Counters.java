package jasperwing.dialect;

/**
 * What a database has of columns that it counts up.
 *
 * @param start whether a table can say what the numbers begin with
 * @param step whether it can say how far apart they are
 * @param besideKey whether such a column need not be the whole key
 * @param computedFrom whether others can be computed from one
 */
public record Counters(boolean start, boolean step, boolean besideKey, boolean computedFrom) {
    static final Counters ANY = new Counters(true, true, true, true);
}
