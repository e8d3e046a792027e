package jasperwing.diagram;

/** A place on the sheet. */
public record Point(double x, double y) {
    public Point plus(double dx, double dy) {
        return new Point(x + dx, y + dy);
    }

    public double distance(Point other) {
        return Math.hypot(x - other.x, y - other.y);
    }
}
