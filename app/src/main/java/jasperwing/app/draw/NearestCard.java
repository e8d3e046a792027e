package jasperwing.app.draw;

import jasperwing.diagram.Card;
import jasperwing.diagram.Point;
import jasperwing.diagram.Scene;
import java.util.Comparator;
import java.util.Optional;

/** Finds the card one would go to from another by an arrow key. */
final class NearestCard {
    private NearestCard() {}

    /** The nearest card whose middle lies that way; what lies aside counts as farther. */
    static Optional<Card> card(Scene scene, Card from, int dx, int dy) {
        Point a = from.box().center();
        return scene.cards().stream()
                .filter(c -> c != from && ahead(a, c, dx, dy) > Math.abs(aside(a, c, dx, dy)) * 0.5)
                .min(Comparator.comparingDouble(c -> ahead(a, c, dx, dy) + 2 * Math.abs(aside(a, c, dx, dy))));
    }

    private static double ahead(Point a, Card card, int dx, int dy) {
        Point b = card.box().center();
        return (b.x() - a.x()) * dx + (b.y() - a.y()) * dy;
    }

    private static double aside(Point a, Card card, int dx, int dy) {
        Point b = card.box().center();
        return (b.x() - a.x()) * dy + (b.y() - a.y()) * dx;
    }
}
