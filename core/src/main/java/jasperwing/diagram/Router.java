package jasperwing.diagram;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.TreeSet;

/**
 * Finds orthogonal routes around boxes: A* over the lines that boxes and ports suggest, where bends, crossings and running
 * along another line cost extra. A route with few corners is tried first.
 */
final class Router {
    private static final double MARGIN = 14;
    private static final double STUB = LineEnd.LENGTH + 4;
    private static final double BEND = 60;
    private static final double CROSSING = 90;
    private static final double REACH = 260;

    /** Lines nearer than this run beside each other. */
    private static final double BESIDE = 7;

    /** With more boxes than this, a route of three segments is taken when one is free, and the search is cut short. */
    private static final int MANY_BOXES = 40;

    private static final int MOST_STEPS = 400;
    private static final double[] FRACTIONS = {0.5, 0.4, 0.6, 0.3, 0.7, 0.2, 0.8, 0.1, 0.9};

    private final List<Box> obstacles;
    private final List<Box> placed = new ArrayList<>();
    private final List<Box> signs = new ArrayList<>();

    Router(List<Box> obstacles) {
        this.obstacles = new ArrayList<>(obstacles);
    }

    void block(Box box) {
        obstacles.add(box);
    }

    /** Keeps routes off the sign at a line's end. */
    void sign(Point at, Side side) {
        signs.add(Box.around(at, side.out(at, LineEnd.LENGTH)).grown(3));
    }

    /** The corners of a route that leaves and arrives straight out of its sides; what is found counts against later routes. */
    List<Point> route(Point from, Side fromSide, Point to, Side toSide) {
        Point start = fromSide.out(from, STUB);
        Point goal = toSide.out(to, STUB);
        List<Point> route = straight(from, fromSide, to, toSide);
        if (route.isEmpty()) {
            List<Point> middle = obstacles.size() > MANY_BOXES ? simple(start, fromSide, goal, toSide) : List.of();
            if (middle.isEmpty()) {
                middle = new Search(start, fromSide, goal, toSide).run();
            }
            route = new ArrayList<>();
            route.add(from);
            route.addAll(middle);
            route.add(to);
        }
        List<Point> corners = corners(route);
        for (int i = 1; i < corners.size(); i++) {
            placed.add(Box.around(corners.get(i - 1), corners.get(i)).grown(0.1));
        }
        return corners;
    }

    /** The best free route of at most three segments; empty when there is none. */
    private List<Point> simple(Point start, Side out, Point goal, Side in) {
        List<Point> best = List.of();
        double least = Double.MAX_VALUE;
        for (double f : FRACTIONS) {
            double x = start.x() + (goal.x() - start.x()) * f;
            double y = start.y() + (goal.y() - start.y()) * f;
            List<Point> route = out.isHorizontal()
                    ? List.of(start, new Point(x, start.y()), new Point(x, goal.y()), goal)
                    : List.of(start, new Point(start.x(), y), new Point(goal.x(), y), goal);
            if (out.isHorizontal() == in.isHorizontal() && isFree(route)) {
                double cost = 0;
                for (int i = 1; i < route.size(); i++) {
                    cost += penalty(route.get(i - 1), route.get(i));
                }
                if (cost < least) {
                    least = cost;
                    best = route;
                }
            }
        }
        return best;
    }

    private boolean isFree(List<Point> route) {
        for (int i = 1; i < route.size(); i++) {
            if (blocked(route.get(i - 1), route.get(i), MARGIN)) {
                return false;
            }
        }
        return true;
    }

    private List<Point> straight(Point from, Side fromSide, Point to, Side toSide) {
        boolean level = fromSide.isHorizontal() ? Math.abs(from.y() - to.y()) < 1 : Math.abs(from.x() - to.x()) < 1;
        boolean facing = fromSide.dx() == -toSide.dx() && fromSide.dy() == -toSide.dy();
        double ahead = (to.x() - from.x()) * fromSide.dx() + (to.y() - from.y()) * fromSide.dy();
        if (!level || !facing || ahead <= 0 || blocked(fromSide.out(from, 1), toSide.out(to, 1), 0)) {
            return List.of();
        }
        return List.of(from, to);
    }

    /** Whether a segment touches a box; boxes are grown by the margin, except the ones it starts or ends at. */
    private boolean blocked(Point a, Point b, double margin) {
        Box segment = Box.around(a, b);
        for (Box box : obstacles) {
            Box grown = box.grown(margin);
            if (grown.x() < segment.right() + 0.01
                    && segment.x() < grown.right() + 0.01
                    && grown.y() < segment.bottom() + 0.01
                    && segment.y() < grown.bottom() + 0.01) {
                return true;
            }
        }
        return false;
    }

    /** What crossing signs and lines, and running beside lines, costs a segment. */
    private double penalty(Point a, Point b) {
        Box segment = Box.around(a, b).grown(0.1);
        Box near = segment.grown(BESIDE);
        boolean horizontal = segment.height() < 1;
        double penalty = 0;
        for (Box sign : signs) {
            penalty += sign.overlaps(segment) ? 4 * CROSSING : 0;
        }
        for (Box other : placed) {
            if (near.overlaps(other)) {
                penalty += beside(segment, horizontal, other);
            }
        }
        return penalty;
    }

    private static double beside(Box segment, boolean horizontal, Box other) {
        if (horizontal != other.height() < 1) {
            return segment.overlaps(other) ? CROSSING : 0;
        }
        double shared = horizontal
                ? Math.min(other.right(), segment.right()) - Math.max(other.x(), segment.x())
                : Math.min(other.bottom(), segment.bottom()) - Math.max(other.y(), segment.y());
        return shared > 0 ? CROSSING + 4 * shared : 0;
    }

    /** Drops repeated points and points in the middle of a straight run. */
    private static List<Point> corners(List<Point> route) {
        List<Point> corners = new ArrayList<>();
        for (Point p : route) {
            int n = corners.size();
            if (n > 0 && corners.get(n - 1).distance(p) < 0.5) {
                continue;
            }
            if (n > 1 && inLine(corners.get(n - 2), corners.get(n - 1), p)) {
                corners.set(n - 1, p);
            } else {
                corners.add(p);
            }
        }
        return corners;
    }

    private static boolean inLine(Point a, Point b, Point c) {
        return Math.abs(a.x() - b.x()) < 0.5 && Math.abs(b.x() - c.x()) < 0.5
                || Math.abs(a.y() - b.y()) < 0.5 && Math.abs(b.y() - c.y()) < 0.5;
    }

    /** One A* search. A state is a crossing of the grid and the direction it was entered in. */
    private final class Search {
        private final Point start;
        private final Side out;
        private final Point goal;
        private final Side in;
        private final double[] xs;
        private final double[] ys;
        private final Map<Integer, Double> best = new HashMap<>();
        private final Map<Integer, Integer> cameFrom = new HashMap<>();
        private final PriorityQueue<Step> open =
                new PriorityQueue<>(Comparator.comparingDouble(Step::estimate).thenComparingInt(Step::state));

        private record Step(int state, double estimate) {}

        Search(Point start, Side out, Point goal, Side in) {
            this.start = start;
            this.out = out;
            this.goal = goal;
            this.in = in;
            Box area = Box.around(start, goal).grown(REACH);
            TreeSet<Double> across = new TreeSet<>(List.of(start.x(), goal.x(), (start.x() + goal.x()) / 2));
            TreeSet<Double> down = new TreeSet<>(List.of(start.y(), goal.y(), (start.y() + goal.y()) / 2));
            for (Box box : obstacles) {
                if (box.overlaps(area)) {
                    lanes(across, box.x(), box.right());
                    lanes(down, box.y(), box.bottom());
                }
            }
            xs = across.stream().mapToDouble(Double::doubleValue).toArray();
            ys = down.stream().mapToDouble(Double::doubleValue).toArray();
        }

        /** Two lanes on either side of a box, so that lines can run beside each other. */
        private static void lanes(TreeSet<Double> lanes, double low, double high) {
            for (double off : new double[] {MARGIN + 4, MARGIN + 16, MARGIN + 28}) {
                lanes.add(low - off);
                lanes.add(high + off);
            }
        }

        List<Point> run() {
            int first = state(index(xs, start.x()), index(ys, start.y()), out.ordinal());
            best.put(first, 0.0);
            open.add(new Step(first, 0));
            int most = obstacles.size() > MANY_BOXES ? MOST_STEPS : Integer.MAX_VALUE;
            for (int steps = 0; !open.isEmpty() && steps < most; steps++) {
                Step step = open.poll();
                Point at = point(step.state());
                if (at.distance(goal) < 0.5) {
                    return path(step.state());
                }
                for (Side side : Side.values()) {
                    advance(step.state(), side);
                }
            }
            return List.of(start, new Point(goal.x(), start.y()), goal);
        }

        private void advance(int state, Side side) {
            Side entered = Side.values()[state % 4];
            if (side.dx() == -entered.dx() && side.dy() == -entered.dy()) {
                return;
            }
            int x = state / 4 % xs.length + side.dx();
            int y = state / 4 / xs.length + side.dy();
            if (x < 0 || y < 0 || x >= xs.length || y >= ys.length) {
                return;
            }
            Point from = point(state);
            Point to = new Point(xs[x], ys[y]);
            if (blocked(from, to, MARGIN)) {
                return;
            }
            boolean arrived = to.distance(goal) < 0.5;
            boolean turnsIn = arrived && !(side.dx() == -in.dx() && side.dy() == -in.dy());
            double cost = best.get(state)
                    + from.distance(to)
                    + (side == entered ? 0 : BEND)
                    + (turnsIn ? BEND : 0)
                    + penalty(from, to);
            int next = state(x, y, side.ordinal());
            if (cost < best.getOrDefault(next, Double.MAX_VALUE)) {
                best.put(next, cost);
                cameFrom.put(next, state);
                open.add(new Step(next, cost + Math.abs(to.x() - goal.x()) + Math.abs(to.y() - goal.y())));
            }
        }

        private List<Point> path(int end) {
            List<Point> points = new ArrayList<>();
            for (Integer at = end; at != null; at = cameFrom.get(at)) {
                points.add(0, point(at));
            }
            return points;
        }

        private Point point(int state) {
            return new Point(xs[state / 4 % xs.length], ys[state / 4 / xs.length]);
        }

        private int state(int x, int y, int side) {
            return (y * xs.length + x) * 4 + side;
        }

        private static int index(double[] values, double value) {
            return Arrays.binarySearch(values, value);
        }
    }
}
