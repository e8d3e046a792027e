package jasperwing.diagram;

/** An upright rectangle. */
public record Box(double x, double y, double width, double height) {
    public double right() {
        return x + width;
    }

    public double bottom() {
        return y + height;
    }

    public Point center() {
        return new Point(x + width / 2, y + height / 2);
    }

    public Box grown(double by) {
        return new Box(x - by, y - by, width + 2 * by, height + 2 * by);
    }

    public Box union(Box other) {
        double left = Math.min(x, other.x);
        double top = Math.min(y, other.y);
        return new Box(left, top, Math.max(right(), other.right()) - left, Math.max(bottom(), other.bottom()) - top);
    }

    public boolean contains(Point p) {
        return p.x() >= x && p.x() <= right() && p.y() >= y && p.y() <= bottom();
    }

    /** Whether nothing of the other lies beyond. */
    public boolean contains(Box other) {
        return x <= other.x && y <= other.y && right() >= other.right() && bottom() >= other.bottom();
    }

    /** Whether the insides have a point in common. */
    public boolean overlaps(Box other) {
        return x < other.right() && other.x < right() && y < other.bottom() && other.y < bottom();
    }

    /** The box a horizontal or vertical segment fills. */
    public static Box around(Point a, Point b) {
        return new Box(
                Math.min(a.x(), b.x()), Math.min(a.y(), b.y()), Math.abs(a.x() - b.x()), Math.abs(a.y() - b.y()));
    }

    @Override
    public boolean equals(Object other) {
        return other == this
                || other instanceof Box o
                        && Double.compare(x, o.x) == 0
                        && Double.compare(y, o.y) == 0
                        && Double.compare(width, o.width) == 0
                        && Double.compare(height, o.height) == 0;
    }

    @Override
    public int hashCode() {
        return 31 * (31 * (31 * Double.hashCode(x) + Double.hashCode(y)) + Double.hashCode(width))
                + Double.hashCode(height);
    }
}
