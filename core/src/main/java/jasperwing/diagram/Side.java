package jasperwing.diagram;

/** A side of a card, and the way out of it. */
public enum Side {
    LEFT(-1, 0),
    RIGHT(1, 0),
    TOP(0, -1),
    BOTTOM(0, 1);

    private final int dx;
    private final int dy;

    Side(int dx, int dy) {
        this.dx = dx;
        this.dy = dy;
    }

    public int dx() {
        return dx;
    }

    public int dy() {
        return dy;
    }

    public boolean isHorizontal() {
        return dx != 0;
    }

    /** The point this far out from the given one. */
    public Point out(Point from, double distance) {
        return from.plus(dx * distance, dy * distance);
    }
}
