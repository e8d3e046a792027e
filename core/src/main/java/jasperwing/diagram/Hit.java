package jasperwing.diagram;

import jasperwing.model.Relationship;
import java.util.List;
import java.util.Optional;

/** What lies under a point. */
public sealed interface Hit {
    /** Nothing but paper. */
    record Paper() implements Hit {}

    /** The inside of a card; {@code row} is -1 on its head. */
    record OnCard(Card card, int row) implements Hit {}

    /** The edge of a card, where a relationship can be drawn from. */
    record OnEdge(Card card) implements Hit {}

    /** A relationship's line or fan. */
    record OnRelationship(Relationship relationship, boolean fan) implements Hit {}

    /** The line from a kind to what it is a kind of. */
    record OnKind(String kind) implements Hit {}

    /**
     * The topmost thing under a point: a fan, a card's edge, a card, a line.
     *
     * @param reach how far a thin thing may be missed, in sheet units
     */
    static Hit at(Scene scene, Point point, double reach) {
        Optional<Hit> fan = scene.fans().stream()
                .filter(f -> f.box().grown(reach / 2).contains(point))
                .map(f -> (Hit) new OnRelationship(f.relationship(), true))
                .findFirst();
        return fan.or(() -> card(scene, point, reach)).orElseGet(() -> line(scene, point, reach));
    }

    private static Optional<Hit> card(Scene scene, Point point, double reach) {
        List<Card> cards = scene.cards();
        for (int i = cards.size() - 1; i >= 0; i--) {
            Card card = cards.get(i);
            if (card.box().grown(reach).contains(point)) {
                boolean inside = card.box().grown(-Math.min(reach, 5)).contains(point);
                return Optional.of(inside ? new OnCard(card, row(card, point)) : new OnEdge(card));
            }
        }
        return Optional.empty();
    }

    private static int row(Card card, Point point) {
        double offset = point.y() - card.box().y() - Card.HEADER;
        int row = (int) Math.floor(offset / Card.ROW);
        return offset < 0 || row >= card.attributes() ? -1 : row;
    }

    private static Hit line(Scene scene, Point point, double reach) {
        for (Line line : scene.lines()) {
            if (line.distance(point) <= reach) {
                return new OnRelationship(line.relationship(), false);
            }
        }
        for (Fan fan : scene.fans()) {
            if (fan.branches().stream().anyMatch(b -> Line.distance(b, point) <= reach)) {
                return new OnRelationship(fan.relationship(), false);
            }
        }
        for (KindLine kind : scene.kinds()) {
            if (kind.distance(point) <= reach) {
                return new OnKind(kind.kind());
            }
        }
        return new Paper();
    }
}
