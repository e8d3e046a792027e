package jasperwing.diagram;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Finds orthogonal routes around boxes: straight across where nothing is in the way, else by {@link RouteSearch} over the lines
 * that boxes and ports suggest, where bends, crossings and running along another line cost extra. What lies farther from both
 * ends than {@link #REACH} is minded only when there is no other way.
 */
final class Router {
    private static final double STUB = LineEnd.LENGTH + 4;
    private static final List<Effort> EFFORTS = List.of(
            new Effort(14, STUB, 100, 1),
            new Effort(14, STUB, 350, 1),
            new Effort(3, STUB, 350, 1),
            new Effort(3, 8, 350, 1),
            new Effort(3, 8, 1200, 1));
    private static final List<Effort> HURRIED =
            List.of(new Effort(5, STUB, 30, 2), new Effort(3, 8, 100, 2), EFFORTS.get(4));
    private static final double REACH = 200;
    private static final double FAR = 2000;

    private final Obstacles.Sheet sheet;
    private final RouteCache memory;
    private final int patience;
    private BoxIndex changed = new BoxIndex();
    private boolean hurried;

    /** @param patience see {@link RouteCache#begin} */
    Router(List<Box> obstacles, RouteCache memory, int patience) {
        this.sheet = new Obstacles.Sheet(obstacles);
        this.memory = memory;
        this.patience = patience;
    }

    void block(Box box) {
        sheet.block(box);
    }

    /** Keeps routes off the sign at a line's end. */
    void sign(Point at, Side side) {
        sheet.sign(Box.around(at, side.out(at, LineEnd.LENGTH)).grown(3));
    }

    /** Takes the first simple route that is clear from now on, where there is one. */
    void hurry() {
        hurried = true;
    }

    /** Lets further routes mind one that is there. */
    void keep(List<Point> route) {
        sheet.place(route);
    }

    /** Where a route begins and ends, and the sides it leaves and arrives by. */
    record Ends(Point from, Side fromSide, Point to, Side toSide) {
        Box area(double reach) {
            return Box.around(from, to).grown(reach);
        }

        @Override
        public boolean equals(Object other) {
            return other == this
                    || other instanceof Ends o
                            && from.equals(o.from)
                            && fromSide == o.fromSide
                            && to.equals(o.to)
                            && toSide == o.toSide;
        }

        @Override
        public int hashCode() {
            return 31 * from.hashCode() + to.hashCode();
        }
    }

    /**
     * How hard a route is looked for.
     *
     * @param margin how far it stays off boxes
     * @param stub how far it runs straight out of its ends
     * @param lanes about how many lanes there may be each way, besides those near the ends
     * @param haste how much more what lies ahead counts than what lies behind: with 1 the cheapest route is found, with more one
     *     sooner that costs at most so many times as much
     */
    record Effort(double margin, double stub, int lanes, double haste) {}

    /**
     * The corners of routes that leave and arrive straight out of their sides; what is found counts against those further down
     * the list.
     */
    List<List<Point>> routes(List<Ends> wanted) {
        List<RouteCache.Key> keys = RouteCache.keys(wanted);
        RouteCache.Round round = memory.begin(memory.isEmpty() ? Set.of() : sheet.minded(), keys, patience);
        List<List<Point>> routes = new ArrayList<>();
        for (RouteCache.Key key : keys) {
            List<Point> route = round.recall(key, key.ends().area(REACH)).orElseGet(() -> {
                List<Point> searched = search(key.ends());
                round.searched(key, searched);
                return searched;
            });
            round.keep(key, route);
            sheet.place(route);
            routes.add(route);
        }
        changed = round.end();
        return routes;
    }

    /** Where boxes, signs and routes are not what they were when the memory's last routes were found. */
    BoxIndex changed() {
        return changed;
    }

    private List<Point> search(Ends ends) {
        Obstacles ground = sheet.in(ends.area(REACH));
        List<Point> simple = hurried ? SimpleRoutes.between(ends, ground) : List.of();
        if (!simple.isEmpty() && straight(ends, ground).isEmpty()) {
            return whole(ends, simple);
        }
        List<Point> near = near(ends, ground, hurried ? HURRIED : EFFORTS);
        return near.isEmpty() ? far(ends) : near;
    }

    /** A route within reach; empty when there is none. */
    private static List<Point> near(Ends ends, Obstacles ground, List<Effort> efforts) {
        List<Point> direct = straight(ends, ground);
        if (!direct.isEmpty()) {
            return direct;
        }
        for (Effort effort : efforts) {
            List<Point> middle = new RouteSearch(ends, ground, ends.area(REACH), effort).run();
            if (!middle.isEmpty()) {
                return whole(ends, middle);
            }
        }
        return List.of();
    }

    /** A route that may lead far around; when even that is barred, because cards lie on cards, the shortest. */
    private List<Point> far(Ends ends) {
        Effort effort = EFFORTS.get(EFFORTS.size() - 1);
        List<Point> middle = new RouteSearch(ends, sheet.in(ends.area(FAR)), ends.area(FAR), effort).run();
        return whole(
                ends,
                middle.isEmpty() ? List.of(new Point(ends.to().x(), ends.from().y())) : middle);
    }

    private static List<Point> whole(Ends ends, List<Point> middle) {
        List<Point> route = new ArrayList<>();
        route.add(ends.from());
        route.addAll(middle);
        route.add(ends.to());
        List<Point> corners = corners(route);
        return corners.size() > 1 ? corners : List.of(ends.from(), ends.to());
    }

    private static List<Point> straight(Ends e, Obstacles ground) {
        Side out = e.fromSide();
        Side in = e.toSide();
        boolean level = out.isHorizontal()
                ? Math.abs(e.from().y() - e.to().y()) < 1
                : Math.abs(e.from().x() - e.to().x()) < 1;
        boolean facing = out.dx() == -in.dx() && out.dy() == -in.dy();
        double ahead =
                (e.to().x() - e.from().x()) * out.dx() + (e.to().y() - e.from().y()) * out.dy();
        if (!level || !facing || ahead <= 0 || ground.blocks(out.out(e.from(), 1), in.out(e.to(), 1), 0)) {
            return List.of();
        }
        return List.of(e.from(), e.to());
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
        return List.copyOf(corners);
    }

    private static boolean inLine(Point a, Point b, Point c) {
        return Math.abs(a.x() - b.x()) < 0.5 && Math.abs(b.x() - c.x()) < 0.5
                || Math.abs(a.y() - b.y()) < 0.5 && Math.abs(b.y() - c.y()) < 0.5;
    }
}
