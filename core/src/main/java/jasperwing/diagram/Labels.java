package jasperwing.diagram;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Finds places for labels beside lines, clear of cards, lines and each other. */
final class Labels {
    private static final double HEIGHT = 14;
    private static final double[] ALONG = {0.5, 0.35, 0.65, 0.2, 0.8, 0.08, 0.92};

    /**
     * How far off its line a label stands.
     *
     * @param level from a level line
     * @param upright from an upright one
     * @param aside how far beyond the middle of a level line, where it is not in the middle; negative for in the middle alone
     * @param dislike what speaks against it
     */
    private record Off(double level, double upright, double aside, double dislike) {
        List<Box> beside(Point on, double width, boolean isLevel) {
            if (!isLevel) {
                return List.of(
                        new Box(on.x() + upright, on.y() - HEIGHT / 2, width, HEIGHT),
                        new Box(on.x() - upright - width, on.y() - HEIGHT / 2, width, HEIGHT));
            }
            double above = on.y() - HEIGHT - level;
            double below = on.y() + level + 2;
            double middle = on.x() - width / 2;
            return aside < 0
                    ? List.of(new Box(middle, above, width, HEIGHT), new Box(middle, below, width, HEIGHT))
                    : List.of(
                            new Box(middle, above, width, HEIGHT),
                            new Box(middle, below, width, HEIGHT),
                            new Box(on.x() + aside, above, width, HEIGHT),
                            new Box(on.x() - width - aside, below, width, HEIGHT));
        }
    }

    /** Beside the line, a little off, and as far off as a label can be and still be read as the line's. */
    private static final List<Off> OFFS =
            List.of(new Off(3, 8, -1, 0), new Off(11, 18, 4, 40), new Off(23, 30, 12, 80));

    /** How far off its line a label can stand. */
    private static final double FARTHEST = OFFS.stream()
            .mapToDouble(o -> Math.max(o.upright(), o.level() + 2))
            .max()
            .orElse(0);

    /** What speaks against a place on a line; less, and nothing is covered. */
    private static final double COVERED = 100;

    /** How far a label may stick out beyond cards and lines. */
    private static final double BEYOND = 24;

    private final Metrics metrics;
    private final Bounds edge = new Bounds();
    private final BoxIndex cards;
    private final BoxIndex segments = new BoxIndex();
    private final BoxIndex taken = new BoxIndex();

    Labels(Metrics metrics, List<Box> cards) {
        this.metrics = metrics;
        this.cards = new BoxIndex(cards);
        cards.forEach(edge::take);
    }

    /** The boxes of all cards. */
    BoxIndex cards() {
        return cards;
    }

    void avoid(List<Point> route) {
        edge.take(route);
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
     * The left ends of the labels' base lines: for each the best of many places along its route, or none where it would lie on a card, a line
     * or another label; those placed count against those further down the list.
     *
     * @param changed where the sheet is not what it was when the memory's labels were placed
     */
    List<Optional<Point>> place(List<Wanted> all, BoxIndex changed, LabelCache memory) {
        List<LabelCache.Key> keys = keys(all);
        LabelCache.Round round = memory.begin(changed, edge.box().grown(BEYOND), keys);
        List<Optional<Point>> places = new ArrayList<>();
        for (LabelCache.Key key : keys) {
            double width = metrics.width(key.label(), Metrics.Face.NOTE);
            Box reach = around(key.route()).grown(width + HEIGHT + FARTHEST);
            Box place = round.recall(key, reach).orElseGet(() -> {
                Box searched = best(key.route(), width);
                round.searched(key, searched);
                return searched;
            });
            round.keep(key, place);
            boolean clear = cost(place) < COVERED;
            if (clear) {
                taken.add(place);
            }
            places.add(clear ? Optional.of(new Point(place.x(), place.bottom() - 4)) : Optional.empty());
        }
        round.end();
        return places;
    }

    /**
     * The left end of the base line of a name within a box: the leftmost place under its upper edge that covers nothing, or over its lower
     * edge; where there is none, the one that covers least.
     */
    Point along(String name, Box box) {
        double width = metrics.width(name, Metrics.Face.KEY);
        Box best = null;
        double least = Double.MAX_VALUE;
        for (double y : new double[] {box.y() + 4, box.bottom() - HEIGHT - 4}) {
            for (double x = box.x() + 10; best == null || least > 0 && x + width + 10 < box.right(); x += 12) {
                Box place = new Box(x, y, width, HEIGHT);
                double cost = cost(place);
                if (cost < least) {
                    least = cost;
                    best = place;
                }
            }
        }
        return new Point(best.x(), best.y() + 11);
    }

    private static List<LabelCache.Key> keys(List<Wanted> all) {
        Map<LabelCache.Key, Integer> counts = new HashMap<>();
        return all.stream()
                .map(w -> new LabelCache.Key(
                        w.label(),
                        w.route(),
                        counts.merge(new LabelCache.Key(w.label(), w.route(), 0), 1, Integer::sum)))
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
                boolean level = Math.abs(a.y() - b.y()) < 0.5;
                for (Off off : OFFS) {
                    off.beside(on, width, level)
                            .forEach(x -> candidates.add(new Candidate(x, dislike + off.dislike())));
                }
            }
        }
        candidates.sort(Comparator.comparingDouble(Candidate::dislike));
        return candidates;
    }

    private double cost(Box box) {
        double cost = 1000 * cards.count(box.grown(2));
        cost += 500 * taken.count(box.grown(2));
        cost += COVERED * segments.count(box.grown(1));
        return edge.box().grown(BEYOND).contains(box) ? cost : cost + COVERED;
    }
}
