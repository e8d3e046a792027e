package jasperwing.diagram;

import java.util.SortedSet;
import java.util.TreeSet;

/** Where lines may run: beside boxes, several abreast, and through the ends and the middle of a route. */
final class RouteLanes {
    /** Beyond the margin. */
    private static final double[] OFF = {4, 12, 20, 28};

    /** Lanes nearer to each other than this are one. */
    private static final double APART = 4;

    /** This near to either end every lane counts. */
    private static final double NEAR = 240;

    private RouteLanes() {}

    static double[] across(Point start, Point goal, Obstacles ground, Box area, Router.Effort effort) {
        TreeSet<Double> lanes = new TreeSet<>();
        for (Box box : ground.boxes()) {
            beside(lanes, box.x() - effort.margin(), box.right() + effort.margin());
        }
        return thinned(
                within(lanes, area.x(), area.right(), effort), start.x(), goal.x(), area.width() / effort.lanes());
    }

    static double[] down(Point start, Point goal, Obstacles ground, Box area, Router.Effort effort) {
        TreeSet<Double> lanes = new TreeSet<>();
        for (Box box : ground.boxes()) {
            beside(lanes, box.y() - effort.margin(), box.bottom() + effort.margin());
        }
        return thinned(
                within(lanes, area.y(), area.bottom(), effort), start.y(), goal.y(), area.height() / effort.lanes());
    }

    private static void beside(TreeSet<Double> lanes, double low, double high) {
        for (double off : OFF) {
            lanes.add(low - off);
            lanes.add(high + off);
        }
    }

    /** Only what lies in the area is known, so nothing may run beyond. */
    private static SortedSet<Double> within(TreeSet<Double> lanes, double low, double high, Router.Effort effort) {
        return lanes.subSet(low + effort.margin(), high - effort.margin());
    }

    /** The ends and their middle, and of the other lanes those that keep their distance. */
    private static double[] thinned(SortedSet<Double> lanes, double start, double goal, double apart) {
        TreeSet<Double> kept = new TreeSet<>();
        double last = Double.NEGATIVE_INFINITY;
        for (double lane : lanes) {
            boolean near = Math.min(Math.abs(lane - start), Math.abs(lane - goal)) < NEAR;
            if (lane - last >= (near ? APART : Math.max(APART, apart))) {
                kept.add(lane);
                last = lane;
            }
        }
        kept.add(start);
        kept.add(goal);
        kept.add((start + goal) / 2);
        return kept.stream().mapToDouble(Double::doubleValue).toArray();
    }
}
