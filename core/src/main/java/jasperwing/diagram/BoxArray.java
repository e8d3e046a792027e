package jasperwing.diagram;

import java.util.List;
import java.util.stream.IntStream;

/** Boxes side by side in memory, so that all of them can be held against an area in every frame. */
final class BoxArray {
    private static final int SIDES = 4;

    private final double[] sides;

    BoxArray(List<Box> boxes) {
        sides = new double[SIDES * boxes.size()];
        int at = 0;
        for (Box box : boxes) {
            sides[at++] = box.x();
            sides[at++] = box.y();
            sides[at++] = box.right();
            sides[at++] = box.bottom();
        }
    }

    /** The indexes of the boxes whose insides have a point in common with the area, rising. */
    IntStream overlapping(Box area) {
        int[] found = new int[sides.length / SIDES];
        int count = 0;
        double right = area.right();
        double bottom = area.bottom();
        for (int i = 0; i < sides.length; i += SIDES) {
            if (sides[i] < right && area.x() < sides[i + 2] && sides[i + 1] < bottom && area.y() < sides[i + 3]) {
                found[count++] = i / SIDES;
            }
        }
        return IntStream.of(found).limit(count);
    }
}
