package jasperwing.diagram;

import jasperwing.model.AreaColor;
import java.util.List;

/**
 * The ground of an area: boxes that together hold its cards and no other.
 *
 * @param boxes the largest first
 * @param namesAt for each box the left end of the base line of the name
 */
public record Region(String name, AreaColor color, List<Box> boxes, List<Point> namesAt) {
    public Region {
        boxes = List.copyOf(boxes);
        namesAt = List.copyOf(namesAt);
    }
}
