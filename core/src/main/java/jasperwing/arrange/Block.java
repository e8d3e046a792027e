package jasperwing.arrange;

import jasperwing.diagram.Box;
import jasperwing.diagram.Point;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Cards that keep their places to each other. */
record Block(Map<String, Box> boxes) {
    Block {
        boxes = new LinkedHashMap<>(boxes);
    }

    Box bounds() {
        return boxes.values().stream().reduce(Box::union).orElse(new Box(0, 0, 0, 0));
    }

    Block moved(double dx, double dy) {
        Map<String, Box> moved = new LinkedHashMap<>();
        boxes.forEach((n, b) -> moved.put(n, new Box(b.x() + dx, b.y() + dy, b.width(), b.height())));
        return new Block(moved);
    }

    Block at(double x, double y) {
        Box bounds = bounds();
        return moved(Math.rint(x - bounds.x()), Math.rint(y - bounds.y()));
    }

    Block centredAt(Point center) {
        Box bounds = bounds();
        return at(center.x() - bounds.width() / 2, center.y() - bounds.height() / 2);
    }

    boolean clearOf(List<Box> others, double gap) {
        return boxes.values().stream().map(b -> b.grown(gap)).noneMatch(b -> others.stream()
                .anyMatch(b::overlaps));
    }

    /** The block at the nearest place, in rings around the one it has, where it keeps a gap to the others. */
    Block clear(List<Box> others, double gap) {
        double step = Math.max(24, Math.min(bounds().width(), bounds().height()) / 12);
        for (int ring = 0; ; ring++) {
            for (int i = -ring; i <= ring; i++) {
                double[][] offsets = {{i, -ring}, {i, ring}, {-ring, i}, {ring, i}};
                for (double[] offset : offsets) {
                    Block tried = moved(Math.rint(offset[0] * step * 1.5), Math.rint(offset[1] * step));
                    if (tried.clearOf(others, gap)) {
                        return tried;
                    }
                }
            }
        }
    }
}
