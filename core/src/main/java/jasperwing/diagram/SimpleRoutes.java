package jasperwing.diagram;

import java.util.ArrayList;
import java.util.List;

/** Routes of at most two bends between two ends, found without a search: the first that is clear of all boxes. */
final class SimpleRoutes {
    private static final double STUB = LineEnd.LENGTH + 4;
    private static final double MARGIN = 3;
    private static final double[] SHARES = {0.5, 0.35, 0.65, 0.2, 0.8, 0.05, 0.95};

    private SimpleRoutes() {}

    /** The corners between the ends; empty when no such route is clear. */
    static List<Point> between(Router.Ends ends, Obstacles ground) {
        Point out = ends.fromSide().out(ends.from(), STUB);
        Point in = ends.toSide().out(ends.to(), STUB);
        for (List<Point> middle : middles(ends, out, in)) {
            if (isClear(ends, middle, ground)) {
                return middle;
            }
        }
        return List.of();
    }

    private static List<List<Point>> middles(Router.Ends ends, Point out, Point in) {
        boolean fromAcross = ends.fromSide().isHorizontal();
        boolean toAcross = ends.toSide().isHorizontal();
        List<List<Point>> middles = new ArrayList<>();
        if (fromAcross && toAcross) {
            for (double share : SHARES) {
                double x = Math.rint(out.x() + (in.x() - out.x()) * share);
                middles.add(List.of(new Point(x, out.y()), new Point(x, in.y())));
            }
        } else if (!fromAcross && !toAcross) {
            for (double share : SHARES) {
                double y = Math.rint(out.y() + (in.y() - out.y()) * share);
                middles.add(List.of(new Point(out.x(), y), new Point(in.x(), y)));
            }
        } else {
            middles.add(List.of(fromAcross ? new Point(in.x(), out.y()) : new Point(out.x(), in.y())));
        }
        return middles;
    }

    private static boolean isClear(Router.Ends ends, List<Point> middle, Obstacles ground) {
        Point first = middle.get(0);
        Point last = middle.get(middle.size() - 1);
        return isAhead(ends.from(), ends.fromSide(), first)
                && isAhead(ends.to(), ends.toSide(), last)
                && !ground.blocks(ends.fromSide().out(ends.from(), MARGIN + 1), first, MARGIN)
                && !ground.blocks(first, last, MARGIN)
                && !ground.blocks(last, ends.toSide().out(ends.to(), MARGIN + 1), MARGIN);
    }

    /** Whether a point lies at least a stub's length out of a side. */
    private static boolean isAhead(Point end, Side side, Point point) {
        return (point.x() - end.x()) * side.dx() + (point.y() - end.y()) * side.dy() >= LineEnd.LENGTH;
    }
}
