package jasperwing.diagram;

import jasperwing.model.AreaColor;
import java.util.List;

/**
 * The ground of an area: boxes that together hold its cards and no other.
 *
 * @param boxes the one that bears the name first
 * @param nameAt the left end of the name's base line
 */
public record Region(String name, AreaColor color, List<Box> boxes, Point nameAt) {
    public Region {
        boxes = List.copyOf(boxes);
    }
}
