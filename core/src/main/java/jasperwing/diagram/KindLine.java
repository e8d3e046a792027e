package jasperwing.diagram;

import java.util.List;

/**
 * That one entity is a kind of another, as it is drawn.
 *
 * @param points corners from the kind to what it is a kind of; each segment is horizontal or vertical
 * @param side of the card of what it is a kind of, at which the line ends
 */
public record KindLine(String kind, String of, List<Point> points, Side side) {
    public KindLine {
        points = List.copyOf(points);
    }

    /** Where the line meets the card of what the kind is a kind of. */
    public Point tip() {
        return points.get(points.size() - 1);
    }

    /** The box around all corners with what is drawn at the tip. */
    public Box bounds() {
        Box box = Box.around(points.get(0), tip());
        for (Point p : points) {
            box = box.union(new Box(p.x(), p.y(), 0, 0));
        }
        return box.grown(LineEnd.LENGTH);
    }

    /** The shortest distance from a point to the line. */
    public double distance(Point p) {
        return Line.distance(points, p);
    }
}
