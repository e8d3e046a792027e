package jasperwing.diagram;

import java.util.Arrays;

/** Squares of a grid, each with the numbers that were added to it, in order: a table by open addressing, without objects. */
final class GridIndex {
    private static final int NONE = -1;

    private int[][] numbers;
    private int[] sizes;
    private long[] columns;
    private long[] rows;
    private int used;

    /** @param expected about how many squares there will be */
    GridIndex(int expected) {
        int length = Integer.highestOneBit(Math.max(16, expected)) * 4;
        numbers = new int[length][];
        sizes = new int[length];
        columns = new long[length];
        rows = new long[length];
    }

    void add(long column, long row, int number) {
        int slot = slot(column, row);
        if (numbers[slot] == null) {
            if (used * 2 >= numbers.length) {
                grow();
                slot = slot(column, row);
            }
            used++;
            columns[slot] = column;
            rows[slot] = row;
            numbers[slot] = new int[4];
        } else if (sizes[slot] == numbers[slot].length) {
            numbers[slot] = Arrays.copyOf(numbers[slot], 2 * sizes[slot]);
        }
        numbers[slot][sizes[slot]++] = number;
    }

    /** A handle of a square, for {@link #size} and {@link #index}, until something is added. */
    int at(long column, long row) {
        int slot = slot(column, row);
        return numbers[slot] == null ? NONE : slot;
    }

    int size(int handle) {
        return handle == NONE ? 0 : sizes[handle];
    }

    int index(int handle, int nth) {
        return numbers[handle][nth];
    }

    /** Where a square is, or would be. */
    private int slot(long column, long row) {
        long mixed = (column * 0x9E3779B97F4A7C15L + row) * 0x9E3779B97F4A7C15L;
        int slot = (int) (mixed >>> 32) & numbers.length - 1;
        while (numbers[slot] != null && (columns[slot] != column || rows[slot] != row)) {
            slot = slot + 1 & numbers.length - 1;
        }
        return slot;
    }

    private void grow() {
        int[][] oldNumbers = numbers;
        int[] oldSizes = sizes;
        long[] oldColumns = columns;
        long[] oldRows = rows;
        int length = 2 * numbers.length;
        numbers = new int[length][];
        sizes = new int[length];
        columns = new long[length];
        rows = new long[length];
        for (int i = 0; i < oldNumbers.length; i++) {
            if (oldNumbers[i] != null) {
                int slot = slot(oldColumns[i], oldRows[i]);
                numbers[slot] = oldNumbers[i];
                sizes[slot] = oldSizes[i];
                columns[slot] = oldColumns[i];
                rows[slot] = oldRows[i];
            }
        }
    }
}
