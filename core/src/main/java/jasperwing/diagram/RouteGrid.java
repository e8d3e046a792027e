package jasperwing.diagram;

import java.util.Arrays;

/**
 * Vertical and horizontal lanes of an area and what it costs to follow each from one crossing to the next: its length, and more where
 * that crosses a sign or a route, or runs beside one; {@link Double#MAX_VALUE} where a box is in the way. A crossing is numbered
 * row by row.
 */
final class RouteGrid {
    private static final double CROSSING = 180;

    /** Lines nearer than this run beside each other. */
    private static final double BESIDE = 7;

    /** Lines nearer than this run on each other. */
    private static final double ON = 3.5;

    private final double[] xs;
    private final double[] ys;
    private final double[] rightwards;
    private final double[] downwards;

    RouteGrid(Point start, Point goal, Obstacles ground, Box area, Router.Effort effort) {
        xs = RouteLanes.across(start, goal, ground, area, effort);
        ys = RouteLanes.down(start, goal, ground, area, effort);
        rightwards = new double[xs.length * ys.length];
        downwards = new double[xs.length * ys.length];
        lengths();
        ground.placed().forEach(this::besides);
        ground.signs().forEach(s -> add(s, 4 * CROSSING));
        ground.boxes().forEach(b -> add(b.grown(effort.margin() + 0.01), Double.MAX_VALUE));
    }

    private void lengths() {
        for (int y = 0; y < ys.length; y++) {
            for (int x = 0; x < xs.length; x++) {
                int at = y * xs.length + x;
                rightwards[at] = x + 1 < xs.length ? xs[x + 1] - xs[x] : Double.MAX_VALUE;
                downwards[at] = y + 1 < ys.length ? ys[y + 1] - ys[y] : Double.MAX_VALUE;
            }
        }
    }

    /** Makes every step that touches a box dearer. */
    private void add(Box box, double cost) {
        int left = from(xs, box.x());
        int right = from(xs, box.right());
        int top = from(ys, box.y());
        int bottom = from(ys, box.bottom());
        for (int y = top; y < bottom; y++) {
            for (int x = Math.max(0, left - 1); x < right; x++) {
                raise(rightwards, y * xs.length + x, cost);
            }
        }
        for (int y = Math.max(0, top - 1); y < bottom; y++) {
            for (int x = left; x < right; x++) {
                raise(downwards, y * xs.length + x, cost);
            }
        }
    }

    private static void raise(double[] costs, int at, double by) {
        costs[at] = by == Double.MAX_VALUE || costs[at] == Double.MAX_VALUE ? Double.MAX_VALUE : costs[at] + by;
    }

    /** Makes crossing a segment of a route dearer, and running beside it dearer still. */
    private void besides(Box segment) {
        if (segment.height() < 1) {
            int row = from(ys, segment.y());
            for (int x = from(xs, segment.x()); x < xs.length && xs[x] <= segment.right(); x++) {
                raise(downwards, Math.max(0, row - 1) * xs.length + x, CROSSING);
            }
            for (int y = from(ys, segment.y() - BESIDE); y < ys.length && ys[y] <= segment.bottom() + BESIDE; y++) {
                for (int x = Math.max(0, from(xs, segment.x()) - 1);
                        x + 1 < xs.length && xs[x] < segment.right();
                        x++) {
                    double near = Math.abs(ys[y] - segment.center().y());
                    raise(rightwards, y * xs.length + x, shared(near, xs[x], xs[x + 1], segment.x(), segment.right()));
                }
            }
        } else {
            int column = from(xs, segment.x());
            for (int y = from(ys, segment.y()); y < ys.length && ys[y] <= segment.bottom(); y++) {
                raise(rightwards, y * xs.length + Math.max(0, column - 1), CROSSING);
            }
            for (int x = from(xs, segment.x() - BESIDE); x < xs.length && xs[x] <= segment.right() + BESIDE; x++) {
                for (int y = Math.max(0, from(ys, segment.y()) - 1);
                        y + 1 < ys.length && ys[y] < segment.bottom();
                        y++) {
                    double near = Math.abs(xs[x] - segment.center().x());
                    raise(downwards, y * xs.length + x, shared(near, ys[y], ys[y + 1], segment.y(), segment.bottom()));
                }
            }
        }
    }

    /** @param near how far apart the two run */
    private static double shared(double near, double a, double b, double low, double high) {
        double shared = Math.min(b, high) - Math.max(a, low);
        return shared > 0 ? CROSSING / 2 + (near < ON ? 12 : 4) * shared : 0;
    }

    /** The first lane at or beyond a place. */
    private static int from(double[] lanes, double at) {
        int found = Arrays.binarySearch(lanes, at);
        return found >= 0 ? found : -found - 1;
    }

    int size() {
        return rightwards.length;
    }

    int at(Point p) {
        return Arrays.binarySearch(ys, p.y()) * xs.length + Arrays.binarySearch(xs, p.x());
    }

    double x(int crossing) {
        return xs[crossing % xs.length];
    }

    double y(int crossing) {
        return ys[crossing / xs.length];
    }

    /** The next crossing that way, or -1 at the border. */
    int neighbour(int crossing, Side side) {
        int x = crossing % xs.length + side.dx();
        int y = crossing / xs.length + side.dy();
        return x < 0 || y < 0 || x >= xs.length || y >= ys.length ? -1 : y * xs.length + x;
    }

    /** What the step to the next crossing that way costs. */
    double cost(int crossing, Side side) {
        return switch (side) {
            case RIGHT -> rightwards[crossing];
            case LEFT -> rightwards[crossing - 1];
            case BOTTOM -> downwards[crossing];
            case TOP -> downwards[crossing - xs.length];
        };
    }
}
