package jasperwing.diagram;

import java.util.List;
import java.util.Optional;

/** A sheet, ready to be drawn; cards lie above lines. */
public record Scene(List<Card> cards, List<Line> lines, List<Fan> fans) {
    public static final Scene EMPTY = new Scene(List.of(), List.of(), List.of());

    public Scene {
        cards = List.copyOf(cards);
        lines = List.copyOf(lines);
        fans = List.copyOf(fans);
    }

    public Optional<Card> card(String entity) {
        return cards.stream().filter(c -> c.entity().equals(entity)).findFirst();
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
