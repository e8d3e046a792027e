package jasperwing.diagram;

import jasperwing.model.Relationship;
import java.util.List;
import java.util.Optional;

/**
 * A relationship, or one half of one with a link entity, as it is drawn.
 *
 * @param points corners from start to end; each segment is horizontal or vertical
 * @param identifying whether the key of the one that holds the reference contains it
 * @param label the role it is labelled with, or empty
 * @param labelAt the left end of the label's base line; empty without a label, and where there is no room for it
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
        Optional<Point> labelAt) {
    /** How far from its corners a line's ends and label are drawn at most. */
    private static final double REACH = 24;

    private static final double LABEL_WIDTH = 120;

    public Line {
        points = List.copyOf(points);
    }

    /** The shortest distance from a point to the line. */
    public double distance(Point p) {
        return distance(points, p);
    }

    /** The box around all corners with what is drawn at the ends, and the label. */
    Box bounds() {
        Point near = labelAt.orElse(points.get(0));
        double left = near.x() - REACH;
        double top = near.y() - REACH;
        double right = near.x() + (labelAt.isEmpty() ? REACH : LABEL_WIDTH);
        double bottom = near.y() + REACH;
        for (int i = 0; i < points.size(); i++) {
            Point p = points.get(i);
            left = Math.min(left, p.x() - REACH);
            top = Math.min(top, p.y() - REACH);
            right = Math.max(right, p.x() + REACH);
            bottom = Math.max(bottom, p.y() + REACH);
        }
        return new Box(left, top, right - left, bottom - top);
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
