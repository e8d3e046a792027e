package jasperwing.diagram;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * What a route has to mind in an area: boxes it must not touch, signs and routes it had better not cross.
 */
record Obstacles(List<Box> boxes, List<Box> signs, List<Box> placed) {
    Obstacles {
        boxes = List.copyOf(boxes);
        signs = List.copyOf(signs);
        placed = List.copyOf(placed);
    }

    /** What is known of a whole sheet so far. */
    static final class Sheet {
        private final BoxIndex boxes;
        private final BoxIndex signs = new BoxIndex();
        private final BoxIndex placed = new BoxIndex();
        private final List<Box> minded;

        Sheet(List<Box> boxes) {
            this.boxes = new BoxIndex(boxes);
            this.minded = new ArrayList<>(boxes);
        }

        void block(Box box) {
            boxes.add(box);
            minded.add(box);
        }

        void sign(Box box) {
            signs.add(box);
            minded.add(box);
        }

        /** Every box and sign. */
        Set<Box> minded() {
            return new HashSet<>(minded);
        }

        void place(List<Point> route) {
            for (int i = 1; i < route.size(); i++) {
                placed.add(Box.around(route.get(i - 1), route.get(i)).grown(0.1));
            }
        }

        Obstacles in(Box area) {
            return new Obstacles(boxes.in(area), signs.in(area), placed.in(area));
        }
    }

    /** Whether a segment touches a box grown by a margin. */
    boolean blocks(Point a, Point b, double margin) {
        Box segment = Box.around(a, b).grown(margin + 0.01);
        for (Box box : boxes) {
            if (box.overlaps(segment)) {
                return true;
            }
        }
        return false;
    }
}
