package jasperwing.diagram;

import jasperwing.model.Relationship;
import java.util.List;

/**
 * A relationship, or one half of one with a link entity, as it is drawn.
 *
 * @param points corners from start to end; each segment is horizontal or vertical
 * @param identifying whether the key of the one that holds the reference contains it
 * @param label the role it is labelled with, or empty
 * @param labelAt the left end of the label's base line
 */
public record Line(
        Relationship relationship,
        String fromEntity,
        String toEntity,
        List<Point> points,
        LineEnd start,
        LineEnd end,
        boolean identifying,
        String label,
        Point labelAt) {
    public Line {
        points = List.copyOf(points);
    }

    /** The shortest distance from a point to the line. */
    public double distance(Point p) {
        return distance(points, p);
    }

    /** The box around all corners and the label. */
    public Box bounds() {
        Box bounds = Box.around(points.get(0), labelAt).grown(24);
        for (Point p : points) {
            bounds = bounds.union(new Box(p.x() - 12, p.y() - 12, 24, 24));
        }
        return label.isEmpty() ? bounds : bounds.union(new Box(labelAt.x(), labelAt.y() - 14, 120, 20));
    }

    /** The middle of the longest segment. */
    public Point middle() {
        Point a = points.get(0);
        Point b = points.get(points.size() - 1);
        double longest = 0;
        for (int i = 1; i < points.size(); i++) {
            double length = points.get(i - 1).distance(points.get(i));
            if (length > longest) {
                longest = length;
                a = points.get(i - 1);
                b = points.get(i);
            }
        }
        return new Point((a.x() + b.x()) / 2, (a.y() + b.y()) / 2);
    }

    static double distance(List<Point> points, Point p) {
        double best = Double.MAX_VALUE;
        for (int i = 1; i < points.size(); i++) {
            Box box = Box.around(points.get(i - 1), points.get(i));
            double dx = Math.max(Math.max(box.x() - p.x(), 0), p.x() - box.right());
            double dy = Math.max(Math.max(box.y() - p.y(), 0), p.y() - box.bottom());
            best = Math.min(best, Math.hypot(dx, dy));
        }
        return best;
    }
}
