package jasperwing.diagram;

/**
 * What a line's end says: how many of the thing there can be.
 *
 * @param most how many there can be of many; 0 for any number
 * @param holds whether the rows of the card at this end hold the key to the other
 */
public record LineEnd(Point at, Side side, boolean must, boolean many, int most, boolean holds) {
    /** How far the sign reaches out from the card. */
    public static final double LENGTH = 22;
}
