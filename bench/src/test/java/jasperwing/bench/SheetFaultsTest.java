package jasperwing.bench;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.picture.Typefaces;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Arranged sheets can be read: nothing covers anything. All two hundred designs are measured by {@code bench/sheets}. */
class SheetFaultsTest {
    @Test
    void nothingIsCoveredAndAreasKeepApart() {
        SheetFaults faults = IntStream.range(0, 30)
                .mapToObj(seed -> SheetFaults.of(SheetFigures.scene(MixedDesigns.of(seed)), Typefaces.get()))
                .reduce(SheetFaults.NONE, SheetFaults::plus);
        assertThat(faults.labels()).isGreaterThan(500);
        assertThat(faults.labelsUnderCards()).isZero();
        assertThat(faults.labelsOnLines()).isZero();
        assertThat(faults.labelsOnLabels()).isZero();
        assertThat(faults.labelsOutside()).isZero();
        assertThat(faults.linesThroughCards()).isZero();
        assertThat(faults.groundsOverlapping()).isZero();
        assertThat(faults.groundsUnnamed()).isZero();
    }
}
