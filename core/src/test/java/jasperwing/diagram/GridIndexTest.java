package jasperwing.diagram;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class GridIndexTest {
    private static List<Integer> at(GridIndex cells, long column, long row) {
        int handle = cells.at(column, row);
        return IntStream.range(0, cells.size(handle))
                .mapToObj(i -> cells.index(handle, i))
                .toList();
    }

    @Test
    void aSquareNothingWasAddedToIsEmpty() {
        GridIndex cells = new GridIndex(0);
        cells.add(1, 2, 7);
        assertThat(at(cells, 1, 2)).containsExactly(7);
        assertThat(at(cells, 2, 1)).isEmpty();
        assertThat(at(cells, -1, -2)).isEmpty();
    }

    @Property
    void eachSquareHasWhatWasAddedToItInOrder(
            @ForAll @Size(max = 400) List<@IntRange(min = -20, max = 20) Integer> places) {
        GridIndex cells = new GridIndex(0);
        Map<List<Long>, List<Integer>> expected = new HashMap<>();
        for (int i = 0; i + 1 < places.size(); i++) {
            long column = places.get(i);
            long row = places.get(i + 1);
            cells.add(column, row, i);
            expected.computeIfAbsent(List.of(column, row), k -> new ArrayList<>())
                    .add(i);
        }
        for (long column = -21; column <= 21; column++) {
            for (long row = -21; row <= 21; row++) {
                assertThat(at(cells, column, row)).isEqualTo(expected.getOrDefault(List.of(column, row), List.of()));
            }
        }
    }
}
