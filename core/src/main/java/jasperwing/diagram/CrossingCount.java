package jasperwing.diagram;

import java.util.ArrayList;
import java.util.List;

/** Counts where routes cross. */
final class CrossingCount {
    private CrossingCount() {}

    /** How many pairs of an upright and a level segment of different routes have a point in common. */
    static long of(List<List<Point>> routes) {
        List<Segment> level = new ArrayList<>();
        List<Segment> upright = new ArrayList<>();
        for (int i = 0; i < routes.size(); i++) {
            List<Point> route = routes.get(i);
            for (int k = 1; k < route.size(); k++) {
                Box box = Box.around(route.get(k - 1), route.get(k)).grown(0.1);
                (box.height() < 1 ? level : upright).add(new Segment(i, box));
            }
        }
        return level.stream()
                .mapToLong(l -> upright.stream()
                        .filter(u -> u.route() != l.route() && u.box().overlaps(l.box()))
                        .count())
                .sum();
    }

    private record Segment(int route, Box box) {}
}
