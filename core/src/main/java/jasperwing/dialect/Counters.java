package jasperwing.dialect;

import jasperwing.physical.Identity;

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

    /** How it counts up a column that is to be counted so. */
    public Identity of(Identity wanted) {
        return new Identity(
                start ? wanted.start() : Identity.BY_ONE.start(), step ? wanted.step() : Identity.BY_ONE.step());
    }
}
