package jasperwing.arrange;

import jasperwing.diagram.Box;
import jasperwing.diagram.Metrics;
import jasperwing.diagram.Point;
import jasperwing.diagram.SceneBuilder;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Place;
import jasperwing.model.Relationship;
import jasperwing.model.SheetEdits;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.stream.Collectors;
import org.jgrapht.Graph;
import org.jgrapht.alg.connectivity.ConnectivityInspector;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.Pseudograph;

/** Finds places for the cards of a sheet: for all of them, or for some while the rest stay where they are. */
public final class Arrange {
    private static final double LEFT = 60;
    private static final double TOP = 40;
    private static final double GAP = 48;

    /** On larger sheets the cards of an area are kept together. */
    private static final int MANY = 40;

    private static final int TRIES = 8;

    /** How much larger the cards of another layout must show to be worth leaving the one found before. */
    private static final double MUCH_LARGER = 0.8;

    private final Design design;
    private final String sheet;
    private final Metrics metrics;
    private final Progress progress;
    private final int tries;
    private final Map<String, Box> cards = new LinkedHashMap<>();

    private Arrange(Design design, String sheet, Metrics metrics, Progress progress) {
        this(design, sheet, metrics, progress, TRIES);
    }

    /** @param tries how many layouts are compared by the lines that cross; none for the one that takes least room */
    private Arrange(Design design, String sheet, Metrics metrics, Progress progress, int tries) {
        this.tries = tries;
        this.design = design;
        this.sheet = sheet;
        this.metrics = metrics;
        this.progress = progress;
        SceneBuilder.cards(design, sheet, metrics).forEach(c -> cards.put(c.entity(), c.box()));
    }

    /** New places for all cards of the sheet; empty when cancelled. Takes seconds for a thousand cards. */
    public static Optional<List<Place>> all(Design design, String sheet, Metrics metrics, Progress progress) {
        return guarded(progress, () -> {
            Arrange arrange = new Arrange(design, sheet, metrics, progress);
            return arrange.places(arrange.whole().at(LEFT, TOP));
        });
    }

    /** New places for some cards, about where they stand now and clear of all others; empty when cancelled. */
    public static Optional<List<Place>> some(
            Design design, String sheet, Set<String> some, Metrics metrics, Progress progress) {
        return guarded(progress, () -> {
            Arrange arrange = new Arrange(design, sheet, metrics, progress);
            return arrange.places(arrange.among(some));
        });
    }

    /** Places for the cards that were never given one, each beside what it is related to; empty when cancelled. */
    public static Optional<List<Place>> unplaced(Design design, String sheet, Metrics metrics, Progress progress) {
        return guarded(progress, () -> new Arrange(design, sheet, metrics, progress).unplaced());
    }

    /** The same without comparing layouts: for a few cards it takes no longer than a key press. */
    public static List<Place> unplacedAtOnce(Design design, String sheet, Metrics metrics) {
        return new Arrange(design, sheet, metrics, Progress.UNWATCHED, 0).unplaced();
    }

    private interface Work {
        List<Place> run();
    }

    private static Optional<List<Place>> guarded(Progress progress, Work work) {
        try {
            List<Place> places = work.run();
            progress.at(1);
            return progress.cancelled() ? Optional.empty() : Optional.of(places);
        } catch (CancellationException e) {
            return Optional.empty();
        }
    }

    private List<Place> places(Block block) {
        return block.boxes().entrySet().stream()
                .map(e -> new Place(
                        e.getKey(), sheet, (int) Math.rint(e.getValue().x()), (int)
                                Math.rint(e.getValue().y())))
                .toList();
    }

    private Block whole() {
        Set<String> areas = new LinkedHashSet<>();
        cards.keySet().forEach(c -> areas.add(area(c)));
        return areas.size() < 2 || cards.size() <= MANY ? best() : byArea(areas);
    }

    /** Of several layouts the one whose lines cross least; of equally good ones one that shows largest, if larger by much, else to the right. */
    private Block best() {
        Block best = tries == 0 ? compact(cards.keySet()) : null;
        long least = Long.MAX_VALUE;
        for (int seed = 1; seed <= tries && least > 0; seed++) {
            for (boolean down : new boolean[] {false, true}) {
                Block block = laidOut(cards.keySet(), down, seed);
                long crossings = crossings(block);
                if (crossings < least || crossings == least && side(block) < MUCH_LARGER * side(best)) {
                    least = crossings;
                    best = block;
                }
            }
            report(0.9 * seed / tries);
        }
        return best;
    }

    /** To the right, or, when they are not many, down where that shows larger by much. */
    private Block compact(Set<String> which) {
        Block right = laidOut(which);
        if (which.size() > MANY) {
            return right;
        }
        Block down = laidOut(which, true, 1);
        return side(down) < MUCH_LARGER * side(right) ? down : right;
    }

    /** Of the square that it fits into, as the paper between the panels is about square. */
    private static double side(Block block) {
        return Math.max(block.bounds().width(), block.bounds().height());
    }

    private long crossings(Block block) {
        return SceneBuilder.build(SheetEdits.place(places(block)).on(design), sheet, metrics)
                .crossings();
    }

    private String area(String entity) {
        return design.entity(entity).orElseThrow().area();
    }

    /** Each area by itself, then the areas beside each other. */
    private Block byArea(Set<String> areas) {
        Map<String, Block> blocks = new LinkedHashMap<>();
        for (String area : areas) {
            Set<String> inside = cards.keySet().stream()
                    .filter(c -> area(c).equals(area))
                    .collect(Collectors.toCollection(LinkedHashSet::new));
            blocks.put(area, laidOut(inside));
            report(0.8 * blocks.size() / areas.size());
        }
        return new Neighbourhood(blocks).settle(weights());
    }

    /** How many lines run between two areas. */
    private Map<Line, Integer> weights() {
        Map<Line, Integer> weights = new LinkedHashMap<>();
        for (Line line : lines()) {
            if (cards.containsKey(line.from()) && cards.containsKey(line.to())) {
                weights.merge(new Line(area(line.from()), area(line.to())), 1, Integer::sum);
            }
        }
        return weights;
    }

    private Block laidOut(Set<String> which) {
        return laidOut(which, false, 1);
    }

    private Block laidOut(Set<String> which, boolean down, int seed) {
        Layered layered = new Layered(down, seed);
        which.forEach(
                c -> layered.box(c, area(c), cards.get(c).width(), cards.get(c).height()));
        lines().forEach(l -> layered.line(l.from(), l.to()));
        return new Block(run(layered));
    }

    private Map<String, Box> run(Layered layered) {
        Map<String, Box> boxes = layered.run(progress);
        if (progress.cancelled()) {
            throw new CancellationException();
        }
        return boxes;
    }

    private void report(double share) {
        progress.at(share);
        if (progress.cancelled()) {
            throw new CancellationException();
        }
    }

    /** From what is pointed to, to what points. */
    record Line(String from, String to) {}

    private List<Line> lines() {
        List<Line> lines = new ArrayList<>();
        for (Relationship relationship : design.relationships()) {
            relationship.visit(binary -> lines.addAll(lines(binary)), oneOf -> oneOf.subjects()
                    .forEach(s -> lines.add(new Line(s, oneOf.from()))));
        }
        for (String kind : cards.keySet()) {
            design.parent(kind).ifPresent(p -> lines.add(new Line(p.name(), kind)));
        }
        return lines;
    }

    private List<Line> lines(BinaryRelationship binary) {
        return switch (binary.shape()) {
            case LINKED -> cards.containsKey(binary.via())
                    ? List.of(new Line(binary.from(), binary.via()), new Line(binary.to(), binary.via()))
                    : List.of(new Line(binary.from(), binary.to()));
            case MANY_TO_MANY -> List.of(new Line(binary.from(), binary.to()));
            default -> List.of(new Line(binary.parent(), binary.holder()));
        };
    }

    private Block among(Set<String> some) {
        Set<String> known =
                some.stream().filter(cards::containsKey).collect(Collectors.toCollection(LinkedHashSet::new));
        List<Box> others = new ArrayList<>();
        cards.forEach((name, box) -> {
            if (!known.contains(name)) {
                others.add(box);
            }
        });
        Map<String, Box> now = new LinkedHashMap<>();
        known.forEach(n -> now.put(n, cards.get(n)));
        Point center = new Block(now).bounds().center();
        Block block = others.isEmpty() ? whole() : compact(known);
        return block.centredAt(center).clear(others, GAP);
    }

    private List<Place> unplaced() {
        Set<String> placed = design.places().stream()
                .filter(p -> p.sheet().equals(sheet))
                .map(Place::entity)
                .filter(cards::containsKey)
                .collect(Collectors.toCollection(LinkedHashSet::new));
        if (placed.isEmpty()) {
            return places(whole().at(LEFT, TOP));
        }
        List<Box> taken = new ArrayList<>(placed.stream().map(cards::get).toList());
        List<Place> found = new ArrayList<>();
        for (Set<String> part : parts(placed)) {
            Block block = compact(part).centredAt(wanted(part, placed, taken)).clear(taken, GAP);
            taken.addAll(block.boxes().values());
            found.addAll(places(block));
            report(0.9 * found.size() / cards.size());
        }
        return found;
    }

    /** The cards without a place, those that are tied to each other together; those tied to placed ones first. */
    private List<Set<String>> parts(Set<String> placed) {
        Graph<String, DefaultEdge> graph = new Pseudograph<>(DefaultEdge.class);
        cards.keySet().stream().filter(c -> !placed.contains(c)).forEach(graph::addVertex);
        for (Line line : lines()) {
            if (graph.containsVertex(line.from()) && graph.containsVertex(line.to())) {
                graph.addEdge(line.from(), line.to());
            }
        }
        return new ConnectivityInspector<>(graph)
                .connectedSets().stream()
                        .sorted(Comparator.comparing(p -> neighbours(p, placed).isEmpty()))
                        .toList();
    }

    private Set<String> neighbours(Set<String> part, Set<String> placed) {
        Set<String> neighbours = new LinkedHashSet<>();
        for (Line line : lines()) {
            if (part.contains(line.from()) && placed.contains(line.to())) {
                neighbours.add(line.to());
            }
            if (part.contains(line.to()) && placed.contains(line.from())) {
                neighbours.add(line.from());
            }
        }
        return neighbours;
    }

    /** Amid what the part is tied to; what is tied to nothing goes below everything. */
    private Point wanted(Set<String> part, Set<String> placed, List<Box> taken) {
        Set<String> neighbours = neighbours(part, placed);
        if (neighbours.isEmpty()) {
            Box all = taken.stream().reduce(Box::union).orElseThrow();
            return new Point(all.center().x(), all.bottom() + 2 * GAP);
        }
        List<Point> centers =
                neighbours.stream().map(n -> cards.get(n).center()).toList();
        return new Point(
                centers.stream().mapToDouble(Point::x).average().orElseThrow(),
                centers.stream().mapToDouble(Point::y).average().orElseThrow());
    }
}
