package jasperwing.diagram;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Boxes that can be asked for by area. A grid of square cells, each with the boxes that touch it; boxes are only ever added. */
final class BoxIndex {
    private static final double CELL = 160;
    private static final Cell NONE = new Cell();

    private final List<Box> boxes = new ArrayList<>();
    private final Map<Long, Cell> cells = new HashMap<>();
    private final List<Box> wide = new ArrayList<>();

    /** The boxes that touch one square, by their indexes, in order. */
    private static final class Cell {
        private int[] indexes = new int[4];
        private int size;

        void add(int index) {
            if (size == indexes.length) {
                indexes = Arrays.copyOf(indexes, 2 * size);
            }
            indexes[size++] = index;
        }
    }

    BoxIndex() {}

    BoxIndex(List<Box> all) {
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
                cells.computeIfAbsent(key(x, y), k -> new Cell()).add(index);
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
                Cell cell = cells.getOrDefault(key(x, y), NONE);
                for (int i = 0; i < cell.size; i++) {
                    if (area.overlaps(boxes.get(cell.indexes[i]))) {
                        found.set(cell.indexes[i]);
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
                Cell cell = cells.getOrDefault(key(x, y), NONE);
                for (int i = 0; i < cell.size; i++) {
                    Box box = boxes.get(cell.indexes[i]);
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

    private static long key(long x, long y) {
        return x * 0x9E3779B97F4A7C15L + y;
    }
}
