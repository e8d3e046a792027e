package jasperwing.diagram;

import java.util.TreeSet;

/** Where lines may run: beside boxes, several abreast, and through the ends and the middle of a route. */
final class Lanes {
    /** Beyond the margin. */
    private static final double[] OFF = {4, 16, 28};

    /** Lanes nearer to each other than this are one. */
    private static final double APART = 4;

    /** About how many lanes a search that is not fine may have each way. */
    private static final double MOST = 120;

    private Lanes() {}

    static double[] across(Point start, Point goal, Ground ground, Box area, Router.Effort effort) {
        TreeSet<Double> lanes = new TreeSet<>();
        for (Box box : ground.boxes()) {
            beside(lanes, box.x() - effort.margin(), box.right() + effort.margin());
        }
        double apart = effort.fine() ? 0.5 : Math.max(APART, area.width() / MOST);
        return thinned(lanes, start.x(), goal.x(), apart);
    }

    static double[] down(Point start, Point goal, Ground ground, Box area, Router.Effort effort) {
        TreeSet<Double> lanes = new TreeSet<>();
        for (Box box : ground.boxes()) {
            beside(lanes, box.y() - effort.margin(), box.bottom() + effort.margin());
        }
        double apart = effort.fine() ? 0.5 : Math.max(APART, area.height() / MOST);
        return thinned(lanes, start.y(), goal.y(), apart);
    }

    private static void beside(TreeSet<Double> lanes, double low, double high) {
        for (double off : OFF) {
            lanes.add(low - off);
            lanes.add(high + off);
        }
    }

    /** The ends and their middle, and of the other lanes those that keep their distance. */
    private static double[] thinned(TreeSet<Double> lanes, double start, double goal, double apart) {
        TreeSet<Double> kept = new TreeSet<>();
        double last = Double.NEGATIVE_INFINITY;
        for (double lane : lanes) {
            if (lane - last >= apart) {
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
