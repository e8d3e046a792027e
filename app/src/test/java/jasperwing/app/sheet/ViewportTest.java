package jasperwing.app.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import jasperwing.diagram.Box;
import jasperwing.diagram.Point;
import org.junit.jupiter.api.Test;

class ViewportTest {
    private final Viewport viewport = new Viewport();

    @Test
    void screenAndSheetLeadBackAndForth() {
        viewport.zoom(1.7, 100, 50);
        viewport.pan(-30, 12);
        Point there = viewport.toSheet(321, 123);
        Point back = viewport.toScreen(there);
        assertThat(back.x()).isCloseTo(321, within(1e-9));
        assertThat(back.y()).isCloseTo(123, within(1e-9));
    }

    @Test
    void zoomingKeepsThePointUnderTheMouse() {
        Point before = viewport.toSheet(200, 100);
        viewport.zoom(2, 200, 100);
        Point after = viewport.toSheet(200, 100);
        assertThat(after.distance(before)).isCloseTo(0, within(1e-9));
        assertThat(viewport.zoom()).isEqualTo(2);
    }

    @Test
    void zoomHasLimits() {
        viewport.zoom(1000, 0, 0);
        assertThat(viewport.zoom()).isEqualTo(4);
        viewport.zoom(1e-6, 0, 0);
        assertThat(viewport.zoom()).isEqualTo(0.03);
    }

    @Test
    void fittingShowsTheWholeBoxInTheMiddleAndNotLargerThanLife() {
        Box box = new Box(100, 200, 1600, 400);
        viewport.fit(box, 800, 600);
        Point middle = viewport.toScreen(box.center());
        assertThat(middle.x()).isCloseTo(400, within(0.001));
        assertThat(middle.y()).isCloseTo(300, within(0.001));
        assertThat(viewport.toScreen(new Point(100, 200)).x()).isGreaterThanOrEqualTo(0);
        viewport.fit(new Box(0, 0, 10, 10), 800, 600);
        assertThat(viewport.zoom()).isEqualTo(1);
        viewport.fit(box, 0, 0);
        assertThat(viewport.zoom()).isEqualTo(1);
    }

    @Test
    void revealingMovesNoMoreThanNeeded() {
        Point before = viewport.toSheet(0, 0);
        viewport.reveal(new Box(100, 100, 50, 50), 800, 600);
        assertThat(viewport.toSheet(0, 0)).isEqualTo(before);
        viewport.reveal(new Box(900, 100, 50, 50), 800, 600);
        assertThat(viewport.toSheet(0, 0)).isEqualTo(new Point(170, 0));
        viewport.reveal(new Box(-50, 700, 50, 50), 800, 600);
        assertThat(viewport.toSheet(0, 0)).isEqualTo(new Point(-70, 170));
    }
}
