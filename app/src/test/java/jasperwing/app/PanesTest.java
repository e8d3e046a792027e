package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import jasperwing.Samples;
import jasperwing.app.files.Settings;
import jasperwing.model.Design;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;

/** Panes at the sides: made wider and narrower, hidden, and remembered, like the place of the window. */
class PanesTest extends WindowTest {
    @Override
    Design first() {
        return Samples.demo();
    }

    private static boolean isLens(Node node) {
        return node.getStyleClass().contains("lens") && node.isVisible();
    }

    private boolean seesLens() {
        return lookup(PanesTest::isLens).tryQuery().isPresent();
    }

    private Bounds lens() {
        Node node = lookup(PanesTest::isLens).query();
        return node.localToScreen(node.getLayoutBounds());
    }

    /** The edge of the lens, which is at its left. */
    private Point2D edge() {
        Bounds lens = lens();
        return new Point2D(lens.getMinX() + 2, lens.getMinY() + 300);
    }

    private double width() {
        return lens().getWidth();
    }

    @Test
    void theLensIsWidenedByItsEdgeAndRememberedAndTheSheetRefits() throws IOException {
        double before = width();
        double sheet = sheet().getLayoutBounds().getWidth();
        double zoom = window.draw().zoom();
        moveTo(edge());
        press(MouseButton.PRIMARY).moveBy(-60, 0).release(MouseButton.PRIMARY);
        until("it is wider", () -> width() > before + 30);
        assertThat(sheet().getLayoutBounds().getWidth()).isCloseTo(sheet - (width() - before), within(2.0));
        until("the sheet is still shown whole", () -> window.draw().zoom() < zoom);
        Path remembered = folder.resolve("settings").resolve("appearance");
        assertThat(Files.readString(remembered)).contains("width-LENS=" + Math.round(width()));
        doubleClick(edge());
        until("a double-click gives back the usual width", () -> Math.abs(width() - before) < 2);
    }

    @Test
    void sidePanelAndListAreHiddenAndShown() {
        push(KeyCode.CONTROL, KeyCode.B);
        until("the panel is hidden", () -> !seesLens());
        push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.B);
        until("the list is hidden", () -> !sees("#roster"));
        push(KeyCode.CONTROL, KeyCode.T);
        until("the text is there", () -> sees("#text-pane"));
        push(KeyCode.CONTROL, KeyCode.T);
        until("the text is gone", () -> !sees("#text-pane"));
        assertThat(seesLens() || sees("#roster")).isFalse();
        push(KeyCode.CONTROL, KeyCode.B);
        push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.B);
        until("both are back", () -> seesLens() && sees("#roster"));
    }

    @Test
    void theWindowComesBackWhereItWas() {
        Stage stage = window.stage();
        interact(() -> {
            stage.setX(40);
            stage.setY(30);
            stage.setWidth(900);
            stage.setHeight(640);
        });
        until("it is smaller", () -> stage.getWidth() == 900);
        interact(() -> {
            stage.close();
            Stage next = new Stage();
            window = JasperwingApp.Window.open(
                    next, JasperwingApp.Start.with(first()), new Settings(folder.resolve("settings")), uncaught);
        });
        assertThat(window.stage().getX()).isEqualTo(40);
        assertThat(window.stage().getWidth()).isEqualTo(900);
        assertThat(window.stage().getHeight()).isEqualTo(640);
        assertThat(window.stage().getMinWidth()).isEqualTo(760);
        interact(window.stage()::close);
    }
}
