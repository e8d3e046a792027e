package jasperwing.diagram;

import java.util.ArrayList;
import java.util.List;

/** Finds places for labels beside lines, clear of cards, lines and each other. */
final class Labels {
    private static final double HEIGHT = 14;

    private final Metrics metrics;
    private final List<Box> cards;
    private final List<Box> segments = new ArrayList<>();
    private final List<Box> taken = new ArrayList<>();

    Labels(Metrics metrics, List<Box> cards) {
        this.metrics = metrics;
        this.cards = cards;
    }

    void avoid(List<Point> route) {
        for (int i = 1; i < route.size(); i++) {
            segments.add(Box.around(route.get(i - 1), route.get(i)));
        }
    }

    void avoid(Box box) {
        taken.add(box);
    }

    /** The left end of the label's base line: the best of many places along the route. */
    Point place(String label, List<Point> route) {
        double width = metrics.width(label, Metrics.Face.NOTE);
        Point best = route.get(0);
        double least = Double.MAX_VALUE;
        for (int i = 1; i < route.size(); i++) {
            Point a = route.get(i - 1);
            Point b = route.get(i);
            for (double t : new double[] {0.5, 0.35, 0.65, 0.2, 0.8}) {
                Point on = new Point(a.x() + (b.x() - a.x()) * t, a.y() + (b.y() - a.y()) * t);
                for (Box box : around(on, width, Math.abs(a.y() - b.y()) < 0.5)) {
                    double cost = cost(box) + Math.abs(t - 0.5) * 10 - Math.min(60, a.distance(b)) / 10;
                    if (cost < least) {
                        least = cost;
                        best = new Point(box.x(), box.bottom() - 4);
                    }
                }
            }
        }
        taken.add(new Box(best.x(), best.y() - HEIGHT + 4, width, HEIGHT));
        return best;
    }

    private static List<Box> around(Point on, double width, boolean horizontal) {
        return horizontal
                ? List.of(
                        new Box(on.x() - width / 2, on.y() - HEIGHT - 3, width, HEIGHT),
                        new Box(on.x() - width / 2, on.y() + 5, width, HEIGHT))
                : List.of(
                        new Box(on.x() + 8, on.y() - HEIGHT / 2, width, HEIGHT),
                        new Box(on.x() - 8 - width, on.y() - HEIGHT / 2, width, HEIGHT));
    }

    private double cost(Box box) {
        double cost = 0;
        for (Box card : cards) {
            cost += card.grown(2).overlaps(box) ? 1000 : 0;
        }
        for (Box other : taken) {
            cost += other.grown(2).overlaps(box) ? 500 : 0;
        }
        for (Box segment : segments) {
            cost += segment.grown(1).overlaps(box) ? 100 : 0;
        }
        return cost;
    }
}
