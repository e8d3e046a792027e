package jasperwing.diagram;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;

/** Boxes that can be asked for by area. A grid of square cells, each with the boxes that touch it; boxes are only ever added. */
final class BoxIndex {
    private static final double CELL = 160;

    /** About how many cells a card touches. */
    private static final int CELLS = 6;

    private final List<Box> boxes = new ArrayList<>();
    private final GridIndex cells;
    private final List<Box> wide = new ArrayList<>();

    BoxIndex() {
        cells = new GridIndex(0);
    }

    BoxIndex(List<Box> all) {
        cells = new GridIndex(CELLS * all.size());
        all.forEach(this::add);
    }

    int size() {
        return boxes.size() + wide.size();
    }

    void add(Box box) {
        if (box.width() + box.height() > 400 * CELL) {
            wide.add(box);
            return;
        }
        int index = boxes.size();
        boxes.add(box);
        for (long x = cell(box.x()); x <= cell(box.right()); x++) {
            for (long y = cell(box.y()); y <= cell(box.bottom()); y++) {
                cells.add(x, y, index);
            }
        }
    }

    /** Those that overlap the area, in the order they were added, except that the very long come last. */
    List<Box> in(Box area) {
        List<Box> found = new ArrayList<>();
        double across = (area.width() / CELL + 1) * (area.height() / CELL + 1);
        if (across > boxes.size()) {
            add(found, boxes, area);
        } else {
            BitSet indexes = indexes(area);
            for (int i = indexes.nextSetBit(0); i >= 0; i = indexes.nextSetBit(i + 1)) {
                found.add(boxes.get(i));
            }
        }
        add(found, wide, area);
        return found;
    }

    private static void add(List<Box> found, List<Box> all, Box area) {
        for (Box box : all) {
            if (area.overlaps(box)) {
                found.add(box);
            }
        }
    }

    private BitSet indexes(Box area) {
        BitSet found = new BitSet(boxes.size());
        for (long x = cell(area.x()); x <= cell(area.right()); x++) {
            for (long y = cell(area.y()); y <= cell(area.bottom()); y++) {
                int cell = cells.at(x, y);
                for (int i = 0; i < cells.size(cell); i++) {
                    int index = cells.index(cell, i);
                    if (area.overlaps(boxes.get(index))) {
                        found.set(index);
                    }
                }
            }
        }
        return found;
    }

    boolean anyIn(Box area) {
        return count(area, 1) > 0;
    }

    int count(Box area) {
        return count(area, Integer.MAX_VALUE);
    }

    /** Counts a box that spans several cells in the first of those it shares with the area. */
    private int count(Box area, int enough) {
        int count = 0;
        long left = cell(area.x());
        long top = cell(area.y());
        for (long x = left; x <= cell(area.right()); x++) {
            for (long y = top; y <= cell(area.bottom()); y++) {
                int cell = cells.at(x, y);
                for (int i = 0; i < cells.size(cell); i++) {
                    Box box = boxes.get(cells.index(cell, i));
                    boolean first = x == Math.max(left, cell(box.x())) && y == Math.max(top, cell(box.y()));
                    if (first && area.overlaps(box) && ++count == enough) {
                        return count;
                    }
                }
            }
        }
        for (Box box : wide) {
            count += area.overlaps(box) ? 1 : 0;
        }
        return count;
    }

    private static long cell(double at) {
        long cell = (long) (at / CELL);
        return cell * CELL > at ? cell - 1 : cell;
    }
}
