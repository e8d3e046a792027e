package jasperwing.diagram;

import jasperwing.model.PolymorphicRelationship;
import java.util.List;
import java.util.Optional;

/**
 * A one-of relationship as it is drawn: a trunk from the card, a half-round fan, and a branch to each subject.
 *
 * @param hub the middle of the fan's flat side
 * @param side the way the fan opens
 * @param branches corners from the fan to each subject, in the subjects' order
 * @param label what it is labelled with
 * @param labelAt the left end of the label's base line; empty where there is no room for it
 */
public record Fan(
        PolymorphicRelationship relationship,
        LineEnd start,
        Point hub,
        Side side,
        List<List<Point>> branches,
        String label,
        Optional<Point> labelAt) {
    public static final double RADIUS = 18;

    /** How far the flat side stands off the card. */
    public static final double TRUNK = 34;

    public Fan {
        branches = branches.stream().map(List::copyOf).toList();
    }

    /** The box around the half disk. */
    public Box box() {
        return box(hub, side);
    }

    /** Where one of several branches leaves the round side, counted along it. */
    static Point tip(Point hub, Side side, int index, int count) {
        double apart = count > 1 ? Math.min(10, 2 * (RADIUS - 4) / (count - 1)) : 0;
        double offset = (index - (count - 1) / 2.0) * apart;
        Point out = side.out(hub, Math.sqrt(RADIUS * RADIUS - offset * offset));
        return side.isHorizontal() ? out.plus(0, offset) : out.plus(offset, 0);
    }

    static Box box(Point hub, Side side) {
        Point far = side.out(hub, RADIUS);
        return side.isHorizontal()
                ? new Box(Math.min(hub.x(), far.x()), hub.y() - RADIUS, RADIUS, 2 * RADIUS)
                : new Box(hub.x() - RADIUS, Math.min(hub.y(), far.y()), 2 * RADIUS, RADIUS);
    }
}
