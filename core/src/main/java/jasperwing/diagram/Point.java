package jasperwing.diagram;

/** A place on the sheet. */
public record Point(double x, double y) {
    public Point plus(double dx, double dy) {
        return new Point(x + dx, y + dy);
    }

    public double distance(Point other) {
        return Math.hypot(x - other.x, y - other.y);
    }

    @Override
    public boolean equals(Object other) {
        return other == this || other instanceof Point o && Double.compare(x, o.x) == 0 && Double.compare(y, o.y) == 0;
    }

    @Override
    public int hashCode() {
        return 31 * Double.hashCode(x) + Double.hashCode(y);
    }
}
