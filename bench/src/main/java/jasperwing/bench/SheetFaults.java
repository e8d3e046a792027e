package jasperwing.bench;

import jasperwing.diagram.Box;
import jasperwing.diagram.Card;
import jasperwing.diagram.Fan;
import jasperwing.diagram.KindLine;
import jasperwing.diagram.Line;
import jasperwing.diagram.LineEnd;
import jasperwing.diagram.Metrics;
import jasperwing.diagram.Point;
import jasperwing.diagram.Region;
import jasperwing.diagram.Scene;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * What makes a sheet hard to read, counted.
 *
 * @param labels how many labels there are
 * @param labelsLeftOut those there is no room for, besides
 * @param labelsUnderCards of them, those that lie on a card
 * @param labelsOnLines those a line runs through, its own or another
 * @param labelsOnLabels those that lie on another label
 * @param labelsOutside those beyond the edge of the sheet
 * @param linesThroughCards lines that run through a card
 * @param merged pairs of lines of which one lies on the other for a while
 * @param endsTouching lines so short that the signs at their ends overlap
 * @param groundsOverlapping pairs of grounds of different areas
 * @param groundsUnnamed parts of grounds without a name
 * @param headsCrossed names of grounds with a line or a card on them
 * @param crossings points where two lines cross
 */
record SheetFaults(
        int labels,
        int labelsLeftOut,
        int labelsUnderCards,
        int labelsOnLines,
        int labelsOnLabels,
        int labelsOutside,
        int linesThroughCards,
        int merged,
        int endsTouching,
        int groundsOverlapping,
        int groundsUnnamed,
        int headsCrossed,
        int crossings) {
    private static final double HEIGHT = 14;

    static final SheetFaults NONE = new SheetFaults(0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0);

    SheetFaults plus(SheetFaults o) {
        return new SheetFaults(
                labels + o.labels,
                labelsLeftOut + o.labelsLeftOut,
                labelsUnderCards + o.labelsUnderCards,
                labelsOnLines + o.labelsOnLines,
                labelsOnLabels + o.labelsOnLabels,
                labelsOutside + o.labelsOutside,
                linesThroughCards + o.linesThroughCards,
                merged + o.merged,
                endsTouching + o.endsTouching,
                groundsOverlapping + o.groundsOverlapping,
                groundsUnnamed + o.groundsUnnamed,
                headsCrossed + o.headsCrossed,
                crossings + o.crossings);
    }

    static SheetFaults of(Scene scene, Metrics metrics) {
        return new Counting(scene, metrics).count();
    }

    private static final class Counting {
        private final Scene scene;
        private final Metrics metrics;
        private int leftOut;
        private final List<Box> labels = new ArrayList<>();
        private final List<List<Point>> routes = new ArrayList<>();

        Counting(Scene scene, Metrics metrics) {
            this.scene = scene;
            this.metrics = metrics;
            for (Line line : scene.lines()) {
                routes.add(line.points());
                label(line.label(), line.labelAt());
            }
            for (KindLine kind : scene.kinds()) {
                routes.add(kind.points());
            }
            for (Fan fan : scene.fans()) {
                routes.addAll(fan.branches());
                routes.add(List.of(fan.start().at(), fan.hub()));
                label(fan.label(), fan.labelAt());
            }
        }

        private void label(String text, Optional<Point> at) {
            at.ifPresent(p -> labels.add(box(text, p, Metrics.Face.NOTE)));
            if (at.isEmpty() && !text.isEmpty()) {
                leftOut++;
            }
        }

        private Box box(String text, Point at, Metrics.Face face) {
            return new Box(at.x(), at.y() + 4 - HEIGHT, metrics.width(text, face), HEIGHT);
        }

        SheetFaults count() {
            Box edge = scene.bounds().grown(40);
            int touching = (int) scene.lines().stream()
                    .filter(l -> l.points().size() == 2
                            && l.points().get(0).distance(l.points().get(1)) < 2 * LineEnd.LENGTH)
                    .count();
            int through = (int) routes.stream()
                    .filter(r -> scene.cards().stream()
                            .anyMatch(c -> crosses(r, c.box().grown(-1))))
                    .count();
            return new SheetFaults(
                    labels.size(),
                    leftOut,
                    count(l -> scene.cards().stream().map(Card::box).anyMatch(l::overlaps)),
                    count(l -> routes.stream().anyMatch(r -> crosses(r, l.grown(-1)))),
                    count(l ->
                            labels.stream().anyMatch(o -> o != l && o.grown(-1).overlaps(l))),
                    count(l -> !edge.union(l).equals(edge)),
                    through,
                    pairs(Counting::merge),
                    touching,
                    overlapping(),
                    scene.regions().stream()
                            .mapToInt(r -> r.boxes().size() - r.namesAt().size())
                            .sum(),
                    (int) scene.regions().stream().filter(this::isCrossed).count(),
                    pairs(Counting::crossings));
        }

        private int count(Predicate<Box> faulty) {
            return (int) labels.stream().filter(faulty).count();
        }

        private boolean isCrossed(Region region) {
            return region.namesAt().stream()
                    .map(at -> box(region.name(), at, Metrics.Face.KEY).grown(-1))
                    .anyMatch(head -> routes.stream().anyMatch(r -> crosses(r, head))
                            || scene.cards().stream().anyMatch(c -> c.box().overlaps(head)));
        }

        private int overlapping() {
            int count = 0;
            List<Region> regions = scene.regions();
            for (int i = 0; i < regions.size(); i++) {
                for (int j = i + 1; j < regions.size(); j++) {
                    List<Box> others = regions.get(j).boxes();
                    boolean overlap = regions.get(i).boxes().stream().anyMatch(b -> others.stream()
                            .anyMatch(o -> o.grown(-1).overlaps(b)));
                    count += overlap ? 1 : 0;
                }
            }
            return count;
        }

        private interface Pair {
            int of(Point a, Point b, Point c, Point d);
        }

        private int pairs(Pair pair) {
            int count = 0;
            for (int i = 0; i < routes.size(); i++) {
                for (int j = i + 1; j < routes.size(); j++) {
                    count += pairs(routes.get(i), routes.get(j), pair);
                }
            }
            return count;
        }

        private static int pairs(List<Point> one, List<Point> other, Pair pair) {
            int count = 0;
            for (int i = 1; i < one.size(); i++) {
                for (int j = 1; j < other.size(); j++) {
                    count += pair.of(one.get(i - 1), one.get(i), other.get(j - 1), other.get(j));
                }
            }
            return count;
        }

        private static int crossings(Point a, Point b, Point c, Point d) {
            return isLevel(a, b) != isLevel(c, d)
                            && Box.around(a, b)
                                    .grown(0.1)
                                    .overlaps(Box.around(c, d).grown(0.1))
                    ? 1
                    : 0;
        }

        /** Whether two segments of one direction lie on each other for more than twelve units. */
        private static int merge(Point a, Point b, Point c, Point d) {
            if (isLevel(a, b) != isLevel(c, d)) {
                return 0;
            }
            Box one = Box.around(a, b).grown(2);
            Box other = Box.around(c, d).grown(2);
            double width = Math.min(one.right(), other.right()) - Math.max(one.x(), other.x());
            double height = Math.min(one.bottom(), other.bottom()) - Math.max(one.y(), other.y());
            return width > 0 && height > 0 && Math.max(width, height) > 16 ? 1 : 0;
        }

        private static boolean isLevel(Point a, Point b) {
            return Math.abs(a.y() - b.y()) < 0.5;
        }

        private static boolean crosses(List<Point> route, Box box) {
            for (int i = 1; i < route.size(); i++) {
                if (Box.around(route.get(i - 1), route.get(i)).grown(0.1).overlaps(box)) {
                    return true;
                }
            }
            return false;
        }
    }
}
