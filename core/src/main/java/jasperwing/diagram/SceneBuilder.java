package jasperwing.diagram;

import jasperwing.model.Design;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Reading;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Lays out one sheet of a design: cards where they were put, lines around them. */
public final class SceneBuilder {
    private final Design design;
    /** How far a fan stays off cards. */
    private static final double FAN_CLEAR = 16;

    /** As many routes as are found in a few milliseconds. */
    private static final int PATIENCE = 20;

    /** Of more relationships than this, no route is looked for that can stay. */
    private static final int MANY = 400;

    /** How far lines mind each other when few are drawn anew. */
    private static final double NEAR = 120;

    /** Where more than this has to be drawn anew, everything is. */
    private static final int MOST_FRESH = 60;

    private final SceneCache memory;
    private final ReusedRoutes kept;
    private final Map<String, Card> cards = new LinkedHashMap<>();
    private final Ports ports = new Ports();
    private final Router router;
    private final Labels labels;

    private SceneBuilder(
            Design design, List<Card> shown, Metrics metrics, SceneCache memory, int patience, ReusedRoutes kept) {
        this.design = design;
        this.memory = memory;
        this.kept = kept;
        shown.forEach(c -> cards.put(c.entity(), c));
        List<Box> boxes = cards.values().stream().map(Card::box).toList();
        this.router = new Router(boxes, memory.routes(), patience);
        this.labels = new Labels(metrics, boxes);
    }

    /**
     * The scene of a sheet.
     *
     * @param sheet its name, or empty for the sheet of all entities
     */
    public static Scene build(Design design, String sheet, Metrics metrics) {
        return build(design, sheet, metrics, new SceneCache());
    }

    /** The cards of a sheet alone, those that were never given a place beside the others. */
    public static List<Card> cards(Design design, String sheet, Metrics metrics) {
        return cards(design, sheet, metrics, new SceneCache());
    }

    /** The same cards, made sooner by recalling those of the same memory. */
    public static List<Card> cards(Design design, String sheet, Metrics metrics, SceneCache memory) {
        return CardPlacement.cards(design, sheet, new Cards(design, metrics, memory.cards()));
    }

    /** The same scene, found sooner by recalling what was found with the same memory before. */
    public static Scene build(Design design, String sheet, Metrics metrics, SceneCache memory) {
        return build(design, cards(design, sheet, metrics, memory), metrics, memory);
    }

    /** @param cards of the sheet, as {@link #cards(Design, String, Metrics)} gives them */
    public static Scene build(Design design, List<Card> cards, Metrics metrics, SceneCache memory) {
        return new SceneBuilder(design, cards, metrics, memory, Integer.MAX_VALUE, ReusedRoutes.NOTHING).build();
    }

    /**
     * As {@link #build(Design, List, Metrics, SceneCache)} after an edit, within the time of a key press. Where an edit concerns
     * many lines, only those that can no longer stay are routed again; {@link SceneCache#hasty()} counts the routes that may not be the best.
     */
    public static Scene soon(Design design, List<Card> cards, Metrics metrics, SceneCache memory) {
        int patience = design.relationships().size() > MANY ? 0 : PATIENCE;
        return new SceneBuilder(design, cards, metrics, memory, patience, ReusedRoutes.NOTHING).build();
    }

    /**
     * The scene after an edit that concerns few of many cards: what it leaves as it was is taken from the scene shown last, and the rest drawn
     * among that, so that better lines may be found. Empty when there is much to be drawn anew.
     */
    public static Optional<Scene> patched(
            Scene last, Design design, List<Card> cards, Metrics metrics, SceneCache memory) {
        SceneCache own = memory.forPatch();
        SceneBuilder builder =
                new SceneBuilder(design, cards, metrics, own, Integer.MAX_VALUE, new ReusedRoutes(last, cards));
        builder.router.hurry();
        List<Connection> connections = Connections.of(design, builder.cards);
        long fresh = connections.stream().filter(c -> !builder.kept.has(c)).count();
        return fresh > MOST_FRESH ? Optional.empty() : Optional.of(builder.build(connections));
    }

    private record Ends(Connection connection, Ports.Port from, Ports.Port to) {
        double length() {
            return from.at().distance(to.at());
        }

        /** What lies between both cards and near them. */
        Box area() {
            return connection.from().box().union(connection.to().box()).grown(NEAR);
        }

        boolean isKind() {
            return connection.relationship().isEmpty();
        }

        Router.Ends route() {
            return new Router.Ends(from.at(), from.side(), to.at(), to.side());
        }
    }

    /** Short lines are routed first; of equally long ones the upper and the left, whatever their order in the design. */
    private static final Comparator<Ends> BY_LENGTH = Comparator.comparingDouble(Ends::length)
            .thenComparingDouble(e -> e.from().at().y())
            .thenComparingDouble(e -> e.from().at().x());

    private record Branching(PolymorphicRelationship oneOf, Ports.Port trunk, List<Ports.Port> subjects) {
        Box area(Map<String, Card> cards) {
            Box area = cards.get(oneOf.from()).box();
            for (String subject : oneOf.subjects()) {
                area = cards.containsKey(subject)
                        ? area.union(cards.get(subject).box())
                        : area;
            }
            return area.grown(NEAR);
        }

        /** The subjects in the order their branches leave the round side. */
        List<Ports.Port> ordered() {
            boolean horizontal = trunk.side().isHorizontal();
            return subjects.stream()
                    .sorted(Comparator.comparingDouble(p -> horizontal ? p.at().y() : p.at().x()))
                    .toList();
        }

        List<Router.Ends> routes() {
            List<Ports.Port> ordered = ordered();
            List<Router.Ends> routes = new ArrayList<>();
            for (int i = 0; i < ordered.size(); i++) {
                Point start = Fan.tip(hub(trunk), trunk.side(), i, ordered.size());
                routes.add(new Router.Ends(
                        start, trunk.side(), ordered.get(i).at(), ordered.get(i).side()));
            }
            return routes;
        }
    }

    private Scene build() {
        return build(Connections.of(design, cards));
    }

    private Scene build(List<Connection> connections) {
        List<Ends> ends =
                connections.stream().filter(c -> !kept.has(c)).map(this::ends).toList();
        List<Branching> fans = oneOfs().filter(o -> kept.fan(o).isEmpty())
                .map(this::branching)
                .filter(Objects::nonNull)
                .toList();
        minding(ends, fans);
        ports.settle();
        ends.forEach(e -> ports.straighten(e.from(), e.to()));
        keepClear(ends, fans);
        List<Ends> lines = ends.stream().sorted(BY_LENGTH).toList();
        List<Router.Ends> wanted = new ArrayList<>();
        lines.forEach(e -> wanted.add(e.route()));
        fans.forEach(f -> wanted.addAll(f.routes()));
        Iterator<List<Point>> found = router.routes(wanted).iterator();
        Map<Ends, List<Point>> routes = new IdentityHashMap<>();
        lines.forEach(e -> routes.put(e, found.next()));
        List<Fan> drawn = fans.stream().map(f -> fan(f, found)).toList();
        Iterator<Optional<Point>> places = places(lines, routes, drawn).iterator();
        Map<Ends, Optional<Point>> labelled = new IdentityHashMap<>();
        lines.stream().filter(SceneBuilder::isLabelled).forEach(e -> labelled.put(e, places.next()));
        Map<PolymorphicRelationship, Fan> fanned = new IdentityHashMap<>();
        drawn.forEach(f -> fanned.put(f.relationship(), labelled(f, places.next())));
        return scene(connections, ends, routes, labelled, fanned);
    }

    /** Everything in the order of the design, what is kept and what was drawn. */
    private Scene scene(
            List<Connection> connections,
            List<Ends> ends,
            Map<Ends, List<Point>> routes,
            Map<Ends, Optional<Point>> labelled,
            Map<PolymorphicRelationship, Fan> fanned) {
        Map<Connection, Ends> made = new IdentityHashMap<>();
        ends.forEach(e -> made.put(e.connection(), e));
        List<Line> lines = new ArrayList<>();
        List<KindLine> kinds = new ArrayList<>();
        for (Connection c : connections) {
            Ends e = made.get(c);
            if (c.relationship().isEmpty()) {
                kinds.add(e == null ? kept.kind(c).orElseThrow() : kindLine(e, routes.get(e)));
            } else {
                lines.add(
                        e == null
                                ? kept.line(c).orElseThrow()
                                : line(e, routes.get(e), labelled.getOrDefault(e, Optional.empty())));
            }
        }
        List<Fan> fans = oneOfs().map(o -> kept.fan(o).orElse(fanned.get(o)))
                .filter(Objects::nonNull)
                .toList();
        return new Scene(List.copyOf(cards.values()), lines, kinds, fans, regions());
    }

    private Stream<PolymorphicRelationship> oneOfs() {
        return design.relationships().stream()
                .filter(r -> r instanceof PolymorphicRelationship)
                .map(PolymorphicRelationship.class::cast);
    }

    private List<Region> regions() {
        return Regions.of(design, cards.values(), labels, memory.regions()).stream()
                .map(kept::region)
                .toList();
    }

    /** What is drawn anew minds the lines that stay near it. */
    private void minding(List<Ends> ends, List<Branching> fans) {
        if (kept == ReusedRoutes.NOTHING) {
            return;
        }
        List<Box> areas = new ArrayList<>();
        ends.forEach(e -> areas.add(e.area()));
        fans.forEach(f -> areas.add(f.area(cards)));
        Set<Line> near = new LinkedHashSet<>();
        areas.forEach(a -> near.addAll(kept.in(a)));
        for (Line line : near) {
            ports.occupy(line.fromEntity(), line.start());
            ports.occupy(line.toEntity(), line.end());
            router.sign(line.start().at(), line.start().side());
            router.sign(line.end().at(), line.end().side());
            router.keep(line.points());
            labels.avoid(line.points());
            line.labelAt().ifPresent(at -> labels.avoid(line.label(), at));
        }
    }

    /** Of the signs at the ends of lines, and of fans. */
    private void keepClear(List<Ends> ends, List<Branching> fans) {
        ends.forEach(e -> {
            router.sign(e.from().at(), e.from().side());
            router.sign(e.to().at(), e.to().side());
        });
        fans.forEach(f -> {
            router.sign(f.trunk().at(), f.trunk().side());
            router.block(Fan.box(hub(f.trunk()), f.trunk().side()));
        });
    }

    private static boolean isLabelled(Ends ends) {
        return !ends.connection().label().isEmpty();
    }

    /** The places of the labels: of the labelled lines in their order, then of the fans. */
    private List<Optional<Point>> places(List<Ends> lines, Map<Ends, List<Point>> routes, List<Fan> fans) {
        List<Labels.Wanted> wanted = new ArrayList<>();
        for (Ends line : lines) {
            labels.avoid(routes.get(line));
            if (isLabelled(line)) {
                wanted.add(new Labels.Wanted(line.connection().label(), routes.get(line)));
            }
        }
        for (Fan fan : fans) {
            Box box = fan.box();
            fan.branches().forEach(labels::avoid);
            labels.avoid(List.of(fan.start().at(), fan.hub()));
            labels.avoid(box);
            wanted.add(new Labels.Wanted(fan.label(), around(box)));
        }
        return labels.place(wanted, router.changed(), memory.labels());
    }

    /** Below a box, above it and beside it. */
    private static List<Point> around(Box box) {
        return List.of(
                new Point(box.x(), box.bottom()),
                new Point(box.right(), box.bottom()),
                new Point(box.right(), box.y()),
                new Point(box.x(), box.y()),
                new Point(box.x(), box.bottom()));
    }

    private Ends ends(Connection c) {
        if (c.from() == c.to()) {
            return new Ends(
                    c,
                    ports.add(c.from(), Side.RIGHT, c.from().box()),
                    ports.add(c.from(), Side.BOTTOM, c.from().box()));
        }
        Side[] sides = Ports.facing(c.from().box(), c.to().box());
        return new Ends(
                c,
                ports.add(c.from(), sides[0], c.to().box()),
                ports.add(c.to(), sides[1], c.from().box()));
    }

    private static Line line(Ends e, List<Point> route, Optional<Point> label) {
        Connection c = e.connection();
        LineEnd start =
                new LineEnd(e.from().at(), e.from().side(), c.fromMust(), c.fromMany(), c.fromMost(), c.fromHolds());
        LineEnd end = new LineEnd(e.to().at(), e.to().side(), c.toMust(), c.toMany(), c.toMost(), !c.fromHolds());
        return new Line(
                c.relationship().orElseThrow(),
                c.from().entity(),
                c.to().entity(),
                route,
                start,
                end,
                c.identifying(),
                c.label(),
                label);
    }

    private static KindLine kindLine(Ends e, List<Point> route) {
        Connection c = e.connection();
        return new KindLine(c.from().entity(), c.to().entity(), route, e.to().side());
    }

    private Branching branching(PolymorphicRelationship oneOf) {
        Card from = cards.get(oneOf.from());
        List<Card> subjects = oneOf.subjects().stream()
                .map(cards::get)
                .filter(Objects::nonNull)
                .toList();
        if (from == null || subjects.isEmpty()) {
            return null;
        }
        Box all = subjects.stream().map(Card::box).reduce(Box::union).orElseThrow();
        Side side = opening(from, all.overlaps(from.box()) ? subjects.get(0).box() : all);
        Ports.Port trunk = ports.add(from, side, all);
        Point hub = side.out(from.box().center(), Fan.TRUNK);
        Box hubBox = new Box(hub.x(), hub.y(), 1, 1);
        List<Ports.Port> ends = subjects.stream()
                .map(s -> ports.add(s, Ports.facing(from.box(), s.box())[1], s == from ? from.box() : hubBox))
                .toList();
        return new Branching(oneOf, trunk, ends);
    }

    /** The side of a card a fan opens to: towards the subjects where there is room for it, else where it covers least. */
    private Side opening(Card from, Box subjects) {
        Side facing = Ports.facing(from.box(), subjects)[0];
        return Stream.concat(Stream.of(facing), Stream.of(Side.values()))
                .min(Comparator.comparingInt(s -> labels.cards()
                        .count(Fan.box(Ports.middle(from.box(), s, Fan.TRUNK), s)
                                .grown(FAN_CLEAR))))
                .orElseThrow();
    }

    private static Point hub(Ports.Port trunk) {
        return trunk.side().out(trunk.at(), Fan.TRUNK);
    }

    private Fan fan(Branching b, Iterator<List<Point>> found) {
        Point hub = hub(b.trunk());
        Side side = b.trunk().side();
        Point[][] routes = new Point[b.subjects().size()][];
        b.ordered().forEach(p -> routes[b.subjects().indexOf(p)] = found.next().toArray(Point[]::new));
        List<List<Point>> branches = Arrays.stream(routes).map(List::of).toList();
        Reading back = b.oneOf().back().orElse(new Reading(false, "have", true, ""));
        LineEnd start = new LineEnd(b.trunk().at(), side, back.must(), back.many(), back.most(), true);
        String label = b.oneOf().forward().verb().replaceFirst("^be ", "") + " one of";
        return new Fan(b.oneOf(), start, hub, side, branches, label, Optional.empty());
    }

    private static Fan labelled(Fan fan, Optional<Point> at) {
        return new Fan(fan.relationship(), fan.start(), fan.hub(), fan.side(), fan.branches(), fan.label(), at);
    }
}
