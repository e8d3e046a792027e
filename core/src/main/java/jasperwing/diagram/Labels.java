package jasperwing.diagram;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Finds places for labels beside lines, clear of cards, lines and each other. */
final class Labels {
    private static final double HEIGHT = 14;
    private static final double[] ALONG = {0.5, 0.35, 0.65, 0.2, 0.8};

    private final Metrics metrics;
    private final BoxIndex cards;
    private final BoxIndex segments = new BoxIndex();
    private final BoxIndex taken = new BoxIndex();

    Labels(Metrics metrics, List<Box> cards) {
        this.metrics = metrics;
        this.cards = new BoxIndex(cards);
    }

    /** The boxes of all cards. */
    BoxIndex cards() {
        return cards;
    }

    void avoid(List<Point> route) {
        for (int i = 1; i < route.size(); i++) {
            segments.add(Box.around(route.get(i - 1), route.get(i)));
        }
    }

    /** Keeps clear of a label that stands already. */
    void avoid(String label, Point at) {
        if (!label.isEmpty()) {
            taken.add(new Box(at.x(), at.y() + 4 - HEIGHT, metrics.width(label, Metrics.Face.NOTE), HEIGHT));
        }
    }

    void avoid(Box box) {
        taken.add(box);
    }

    /** A place a label can have, and what speaks against it before anything else on the sheet is looked at. */
    private record Candidate(Box box, double dislike) {}

    /** A label to be placed along a route. */
    record Wanted(String label, List<Point> route) {}

    /**
     * The left ends of the labels' base lines: for each the best of many places along its route; those placed count against those
     * further down the list.
     *
     * @param changed where the sheet is not what it was when the memory's labels were placed
     */
    List<Point> place(List<Wanted> all, BoxIndex changed, LabelMemory memory) {
        List<LabelMemory.Key> keys = keys(all);
        LabelMemory.Round round = memory.begin(changed, keys);
        List<Point> places = new ArrayList<>();
        for (LabelMemory.Key key : keys) {
            double width = metrics.width(key.label(), Metrics.Face.NOTE);
            Box reach = around(key.route()).grown(width + HEIGHT);
            Box place = round.recall(key, reach).orElseGet(() -> {
                Box searched = best(key.route(), width);
                round.searched(key, searched);
                return searched;
            });
            round.keep(key, place);
            taken.add(place);
            places.add(new Point(place.x(), place.bottom() - 4));
        }
        round.end();
        return places;
    }

    /** The left end of the base line of a name under the upper edge of a box: the leftmost place that covers least. */
    Point along(String name, Box box) {
        double width = metrics.width(name, Metrics.Face.KEY);
        Point best = null;
        double least = Double.MAX_VALUE;
        for (double x = box.x() + 10; best == null || least > 0 && x + width + 10 < box.right(); x += 12) {
            Box place = new Box(x, box.y() + 4, width, HEIGHT);
            double cost = cost(place);
            if (cost < least) {
                least = cost;
                best = new Point(x, box.y() + 15);
            }
        }
        return best;
    }

    private static List<LabelMemory.Key> keys(List<Wanted> all) {
        Map<LabelMemory.Key, Integer> counts = new HashMap<>();
        return all.stream()
                .map(w -> new LabelMemory.Key(
                        w.label(),
                        w.route(),
                        counts.merge(new LabelMemory.Key(w.label(), w.route(), 0), 1, Integer::sum)))
                .toList();
    }

    private static Box around(List<Point> route) {
        Box box = Box.around(route.get(0), route.get(1));
        for (Point p : route) {
            box = box.union(Box.around(p, p));
        }
        return box;
    }

    private Box best(List<Point> route, double width) {
        Box best = null;
        double least = Double.MAX_VALUE;
        for (Candidate candidate : candidates(route, width)) {
            if (candidate.dislike() >= least) {
                break;
            }
            double cost = candidate.dislike() + cost(candidate.box());
            if (cost < least) {
                least = cost;
                best = candidate.box();
            }
        }
        return best;
    }

    /** The most liked first. */
    private static List<Candidate> candidates(List<Point> route, double width) {
        List<Candidate> candidates = new ArrayList<>();
        for (int i = 1; i < route.size(); i++) {
            Point a = route.get(i - 1);
            Point b = route.get(i);
            for (double t : ALONG) {
                Point on = new Point(a.x() + (b.x() - a.x()) * t, a.y() + (b.y() - a.y()) * t);
                double dislike = Math.abs(t - 0.5) * 10 - Math.min(60, a.distance(b)) / 10;
                around(on, width, Math.abs(a.y() - b.y()) < 0.5)
                        .forEach(x -> candidates.add(new Candidate(x, dislike)));
            }
        }
        candidates.sort(Comparator.comparingDouble(Candidate::dislike));
        return candidates;
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
        double cost = 1000 * cards.count(box.grown(2));
        cost += 500 * taken.count(box.grown(2));
        cost += 100 * segments.count(box.grown(1));
        return cost;
    }
}
