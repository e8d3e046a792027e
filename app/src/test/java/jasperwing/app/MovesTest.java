package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.app.workspace.Selection;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Changing the shape of what is selected, with the mouse and the keys. */
class MovesTest extends WindowTest {
    @Override
    Design first() {
        return Samples.design(
                "entity Dive",
                "  id serial key",
                "  number int",
                "  wind text(20)?",
                "  swell text(20)?",
                "entity Log",
                "  id serial key",
                "  words long text",
                "each Dive may have one Log as log, which must tell of one Dive as dive",
                "places",
                "  Dive 40,60",
                "  Log 40,320");
    }

    private String said() {
        return Notation.print(design());
    }

    private void openFor(String entity) {
        pick(entity);
        type(KeyCode.M);
        until("the moves are shown", () -> sees("#moves-pane"));
    }

    @Test
    void attributesAreSplitOffAndUndoGivesThemBack() {
        String before = said();
        openFor("Dive");
        clickOn("Split attributes off");
        clickOn("#choose-wind");
        clickOn("#move-said").eraseText("DiveDetails".length()).write("Weather");
        until("the table to come is shown", () -> sees("#change-weathers"));
        assertThat(said()).isEqualTo(before);
        clickOn("#move-make");
        until("it is split off", () -> said().contains("entity Weather"));
        assertThat(said())
                .contains("each Weather must belong to one Dive as dive, which may have one Weather as weather");
        interact(() -> window.workspace().undo());
        assertThat(said()).isEqualTo(before);
    }

    @Test
    void aMoveThatCannotBeMadeSaysWhyAndIsNotMade() {
        openFor("Dive");
        clickOn("Split attributes off");
        clickOn("#move-said").eraseText("DiveDetails".length()).write("Log");
        until(
                "the reason is shown",
                () -> lookup("#move-hindrance").queryAs(Labeled.class).getText().startsWith("There is a Log already"));
        assertThat(lookup("#move-make").query().isDisabled()).isTrue();
        String before = said();
        type(KeyCode.ENTER);
        assertThat(said()).isEqualTo(before);
    }

    @Test
    void aOneToOneIsFoldedFromTheKeyboardAlone() {
        interact(() -> window.workspace()
                .selection()
                .set(Selection.of(design().relationships().get(0))));
        interact(() -> lookup("#sheet").query().requestFocus());
        type(KeyCode.M);
        until("the moves are shown", () -> sees("#moves-pane"));
        type(KeyCode.ENTER);
        until("the button has the keys", () -> focused("move-make"));
        type(KeyCode.SPACE);
        until("it is folded", () -> !said().contains("entity Log"));
        assertThat(said()).contains("  words       long text?\n");
        type(KeyCode.ESCAPE);
        until("the pane is put away", () -> !sees("#moves-pane"));
    }
}
