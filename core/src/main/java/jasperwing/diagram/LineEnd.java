package jasperwing.diagram;

/** What a line's end says: how many of the thing there can be. */
public record LineEnd(Point at, Side side, boolean must, boolean many) {
    /** How far the sign reaches out from the card. */
    public static final double LENGTH = 22;
}
