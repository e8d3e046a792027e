package jasperwing.diagram;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/** A sheet, ready to be drawn; cards lie above lines. Immutable; equal when all parts are. */
public final class Scene {
    public static final Scene EMPTY = Scene.of(List.of());

    private final List<Card> cards;
    private final List<Line> lines;
    private final List<KindLine> kinds;
    private final List<Fan> fans;
    private final List<Region> regions;
    private volatile BoxArray extents;

    public Scene(List<Card> cards, List<Line> lines, List<KindLine> kinds, List<Fan> fans, List<Region> regions) {
        this.cards = List.copyOf(cards);
        this.lines = List.copyOf(lines);
        this.kinds = List.copyOf(kinds);
        this.fans = List.copyOf(fans);
        this.regions = List.copyOf(regions);
    }

    /** Cards with nothing between them. */
    public static Scene of(List<Card> cards) {
        return new Scene(cards, List.of(), List.of(), List.of(), List.of());
    }

    public List<Card> cards() {
        return cards;
    }

    public List<Line> lines() {
        return lines;
    }

    public List<KindLine> kinds() {
        return kinds;
    }

    public List<Fan> fans() {
        return fans;
    }

    public List<Region> regions() {
        return regions;
    }

    /** The lines of which something may lie in a part of the sheet, in order. */
    public List<Line> linesIn(Box part) {
        BoxArray known = extents;
        if (known == null) {
            known = new BoxArray(lines.stream().map(Line::bounds).toList());
            extents = known;
        }
        return known.overlapping(part).mapToObj(lines::get).toList();
    }

    public Optional<Card> card(String entity) {
        return cards.stream().filter(c -> c.entity().equals(entity)).findFirst();
    }

    /** The part of the scene that shows some entities and what runs between them. */
    public Scene only(Set<String> entities) {
        return new Scene(
                cards.stream().filter(c -> entities.contains(c.entity())).toList(),
                lines.stream()
                        .filter(l -> entities.contains(l.fromEntity()) && entities.contains(l.toEntity()))
                        .toList(),
                kinds.stream()
                        .filter(k -> entities.contains(k.kind()) && entities.contains(k.of()))
                        .toList(),
                fans.stream()
                        .filter(f -> entities.contains(f.relationship().from())
                                && entities.containsAll(f.relationship().subjects()))
                        .toList(),
                List.of());
    }

    /** How often lines cross each other. */
    public long crossings() {
        List<List<Point>> routes = new ArrayList<>();
        lines.forEach(l -> routes.add(l.points()));
        kinds.forEach(k -> routes.add(k.points()));
        fans.forEach(f -> routes.addAll(f.branches()));
        return CrossingCount.of(routes);
    }

    /** The smallest box around everything; a small one around the origin when there is nothing. */
    public Box bounds() {
        if (cards.isEmpty()) {
            return new Box(0, 0, 1, 1);
        }
        Bounds bounds = new Bounds();
        cards.forEach(c -> bounds.take(c.box()));
        lines.forEach(l -> bounds.take(l.points()));
        kinds.forEach(k -> bounds.take(k.points()));
        fans.forEach(f -> {
            bounds.take(f.box());
            f.branches().forEach(bounds::take);
        });
        return bounds.box();
    }

    @Override
    public boolean equals(Object other) {
        return other == this
                || other instanceof Scene scene
                        && cards.equals(scene.cards)
                        && lines.equals(scene.lines)
                        && kinds.equals(scene.kinds)
                        && fans.equals(scene.fans)
                        && regions.equals(scene.regions);
    }

    @Override
    public int hashCode() {
        return Objects.hash(cards, lines, kinds, fans, regions);
    }

    @Override
    public String toString() {
        return "scene of " + cards.size() + " cards and " + lines.size() + " lines";
    }
}
