package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Weighing the ways to keep what is selected. */
class WeighTest extends WindowTest {
    @Override
    Design first() {
        return Samples.design(
                "entity Dive",
                "  id serial key",
                "  hazards text(40) list",
                "entity Site",
                "  id serial key",
                "entity Note",
                "  id serial key",
                "each Note must be about one of Dive, Site as subject, which may have many Note as notes",
                "places",
                "  Dive 40,60",
                "  Site 40,220",
                "  Note 300,60");
    }

    private String said() {
        return Notation.print(design());
    }

    private String title() {
        return lookup("#weigh-title").queryAs(Label.class).getText();
    }

    private void openFor(String entity) {
        pick(entity);
        type(KeyCode.V);
        until("the ways are shown", () -> sees("#weigh-pane"));
    }

    @Test
    void aListIsKeptAnotherWayAndUndoGivesItBack() {
        String before = said();
        openFor("Dive");
        assertThat(title()).isEqualTo("Ways to keep the hazards of a Dive");
        clickOn("#use-In-one-column");
        until("it is kept so", () -> said().contains("hazards     text(40) list  kept as an array"));
        until("the way it was can be used again", () -> sees("#use-A-row-for-each"));
        interact(() -> window.workspace().undo());
        assertThat(said()).isEqualTo(before);
        until("the other way can be used again", () -> sees("#use-In-one-column"));
    }

    @Test
    void aOneOfIsChosenAmongWhatThereIsAndSwitchedFromTheKeyboard() {
        openFor("Dive");
        clickOn("#weigh-notes");
        until("its ways are shown", () -> title().equals("Ways to keep the subject of a Note"));
        interact(() -> lookup("#use-A-kind-and-an-id").query().requestFocus());
        type(KeyCode.SPACE);
        until("it is switched", () -> said().contains("kept as a kind and an id"));
        assertThat(title()).isEqualTo("Ways to keep the subject of a Note");
        type(KeyCode.ESCAPE);
        until("the sheet is back", () -> !sees("#weigh-pane"));
    }

    @Test
    void theWaysAreWeighedForTheDatabaseThatIsChosen() {
        openFor("Dive");
        assertThat(lookup("#weigh-about").queryAs(Label.class).getText()).endsWith("PostgreSQL");
        clickOn("#view-menu");
        until("the menu is open", () -> lookup("Tables for").tryQuery().isPresent());
        type(KeyCode.UP, 2).type(KeyCode.RIGHT);
        until("the databases are listed", () -> lookup("MariaDB").tryQuery().isPresent());
        type(KeyCode.DOWN).type(KeyCode.ENTER);
        until(
                "they are weighed for it",
                () -> lookup("#weigh-about").queryAs(Label.class).getText().endsWith("MariaDB"));
        assertThat(window.workspace().projection().get().schema().dialect()).isEqualTo(Dialects.MARIADB);
    }

    @Test
    void whereThereIsNothingToWeighItSaysWhatToSelect() {
        openFor("Site");
        until("the one-of is found from its subject", () -> title().startsWith("Ways to keep the subject"));
        type(KeyCode.ESCAPE);
        interact(() -> window.workspace().selection().set(jasperwing.app.workspace.Selection.NONE));
        interact(() -> lookup("#sheet").query().requestFocus());
        type(KeyCode.V);
        until("it says so", () -> title().equals("Nothing here can be kept in several ways"));
    }
}
