package jasperwing.diagram;

import java.util.List;

/** Grows to the smallest box around all it takes. */
final class Bounds {
    private double left = Double.POSITIVE_INFINITY;
    private double top = Double.POSITIVE_INFINITY;
    private double right = Double.NEGATIVE_INFINITY;
    private double bottom = Double.NEGATIVE_INFINITY;

    void take(Box box) {
        take(box.x(), box.y());
        take(box.right(), box.bottom());
    }

    void take(List<Point> points) {
        for (int i = 0; i < points.size(); i++) {
            take(points.get(i).x(), points.get(i).y());
        }
    }

    private void take(double x, double y) {
        left = Math.min(left, x);
        top = Math.min(top, y);
        right = Math.max(right, x);
        bottom = Math.max(bottom, y);
    }

    /** Around all that was taken, which must be something. */
    Box box() {
        return new Box(left, top, right - left, bottom - top);
    }
}
