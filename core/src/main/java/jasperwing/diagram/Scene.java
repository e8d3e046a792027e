package jasperwing.diagram;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A sheet, ready to be drawn; cards lie above lines. */
public record Scene(List<Card> cards, List<Line> lines, List<Fan> fans, List<Region> regions) {
    public static final Scene EMPTY = new Scene(List.of(), List.of(), List.of(), List.of());

    public Scene {
        cards = List.copyOf(cards);
        lines = List.copyOf(lines);
        fans = List.copyOf(fans);
        regions = List.copyOf(regions);
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
                fans.stream()
                        .filter(f -> entities.contains(f.relationship().from())
                                && entities.containsAll(f.relationship().subjects()))
                        .toList(),
                List.of());
    }

    /** The smallest box around everything; a small one around the origin when there is nothing. */
    public Box bounds() {
        Box bounds = null;
        for (Card card : cards) {
            bounds = bounds == null ? card.box() : bounds.union(card.box());
        }
        if (bounds == null) {
            return new Box(0, 0, 1, 1);
        }
        for (Line line : lines) {
            bounds = around(bounds, line.points());
        }
        for (Fan fan : fans) {
            bounds = bounds.union(fan.box());
            for (List<Point> branch : fan.branches()) {
                bounds = around(bounds, branch);
            }
        }
        return bounds;
    }

    private static Box around(Box box, List<Point> points) {
        Box all = box;
        for (Point p : points) {
            all = all.union(new Box(p.x(), p.y(), 0, 0));
        }
        return all;
    }
}
