package jasperwing.app.draw;

import jasperwing.diagram.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/** Lines that cards which are being moved can be aligned with: the edges and middles of those that stay. */
final class Guides {
    private Guides() {}

    /** One line across the sheet; upright ones are at an x, level ones at a y. */
    record Guide(boolean upright, double at) {}

    /** How far to go on to be aligned, and the lines one is aligned with then. */
    record Snap(double dx, double dy, List<Guide> guides) {}

    /**
     * Snaps a box that is being moved.
     *
     * @param reach how far it may be from a line, in sheet units
     */
    static Snap snap(Box moved, List<Box> others, double reach) {
        List<Guide> guides = new ArrayList<>();
        double dx = offset(moved, others, reach, Guides::uprights, true, guides);
        double dy = offset(moved, others, reach, Guides::levels, false, guides);
        return new Snap(dx, dy, guides);
    }

    private static double offset(
            Box moved,
            List<Box> others,
            double reach,
            Function<Box, List<Double>> lines,
            boolean upright,
            List<Guide> guides) {
        double best = Double.NaN;
        double at = 0;
        for (Box other : others) {
            for (double line : lines.apply(other)) {
                for (double own : lines.apply(moved)) {
                    double offset = line - own;
                    if (Math.abs(offset) <= reach && (Double.isNaN(best) || Math.abs(offset) < Math.abs(best))) {
                        best = offset;
                        at = line;
                    }
                }
            }
        }
        if (Double.isNaN(best)) {
            return 0;
        }
        guides.add(new Guide(upright, at));
        return best;
    }

    private static List<Double> uprights(Box box) {
        return List.of(box.x(), box.center().x(), box.right());
    }

    private static List<Double> levels(Box box) {
        return List.of(box.y(), box.center().y(), box.bottom());
    }
}
