package jasperwing.diagram;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;

/**
 * One A* search over a grid of lanes. A state is a crossing of two lanes and the direction it was entered in. What a step from one
 * crossing to the next costs is laid out beforehand, so that the search itself does only arithmetic.
 */
final class RouteSearch {
    private static final double BEND = 60;
    private static final Side[] SIDES = Side.values();

    private final Point start;
    private final Side out;
    private final Point goal;
    private final Side in;
    private final double haste;
    private final RouteGrid grid;
    private final double[] best;
    private final int[] cameFrom;
    private final StepQueue open = new StepQueue();

    RouteSearch(Router.Ends ends, Obstacles ground, Box area, Router.Effort effort) {
        out = ends.fromSide();
        start = out.out(ends.from(), effort.stub());
        in = ends.toSide();
        goal = in.out(ends.to(), effort.stub());
        haste = effort.haste();
        grid = new RouteGrid(start, goal, ground, area, effort);
        best = new double[grid.size() * 4];
        Arrays.fill(best, Double.MAX_VALUE);
        cameFrom = new int[best.length];
    }

    /** The crossings passed, from start to goal; empty when there is no way. */
    List<Point> run() {
        int first = grid.at(start) * 4 + out.ordinal();
        int end = grid.at(goal);
        best[first] = 0;
        cameFrom[first] = -1;
        open.add(first, 0);
        while (!open.isEmpty()) {
            double estimate = open.least();
            int state = open.take();
            if (estimate > best[state] + ahead(state / 4, SIDES[state & 3]) + 1e-6) {
                continue;
            }
            if (state / 4 == end) {
                return path(state);
            }
            for (Side side : SIDES) {
                advance(state, side, end);
            }
        }
        return List.of();
    }

    private void advance(int state, Side side, int end) {
        Side entered = SIDES[state & 3];
        if (side.dx() == -entered.dx() && side.dy() == -entered.dy()) {
            return;
        }
        int next = grid.neighbour(state / 4, side);
        double step = next < 0 ? Double.MAX_VALUE : grid.cost(state / 4, side);
        if (step == Double.MAX_VALUE) {
            return;
        }
        boolean turnsIn = next == end && !(side.dx() == -in.dx() && side.dy() == -in.dy());
        double cost = best[state] + step + (side == entered ? 0 : BEND) + (turnsIn ? BEND : 0);
        int reached = next * 4 + side.ordinal();
        if (cost < best[reached]) {
            best[reached] = cost;
            cameFrom[reached] = state;
            open.add(reached, cost + ahead(next, side));
        }
    }

    /** What the way to the goal costs at least: its length, and a bend where it does not lie straight ahead. */
    private double ahead(int crossing, Side entered) {
        double dx = goal.x() - grid.x(crossing);
        double dy = goal.y() - grid.y(crossing);
        boolean straight =
                entered.isHorizontal() ? dy == 0 && dx * entered.dx() >= 0 : dx == 0 && dy * entered.dy() >= 0;
        return haste * (Math.abs(dx) + Math.abs(dy) + (straight ? 0 : BEND));
    }

    private List<Point> path(int end) {
        List<Point> points = new ArrayList<>();
        for (int at = end; at >= 0; at = cameFrom[at]) {
            points.add(new Point(grid.x(at / 4), grid.y(at / 4)));
        }
        Collections.reverse(points);
        return points;
    }
}
