package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import javafx.scene.control.Button;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import org.fxmisc.richtext.CodeArea;
import org.junit.jupiter.api.Test;

/** What has no card is edited in place, or shown in the text where it is declared. */
class DeclarationsTest extends WindowTest {
    @Override
    Design first() {
        return Samples.design(
                "enum Mood: calm, nervous, calm",
                "value Weight",
                "  grams int",
                "entity Hive",
                "  id serial key",
                "  weight Weight",
                "  mood Mood");
    }

    private String chosen() {
        return ((CodeArea) lookup("#design-text").query()).getSelectedText();
    }

    @Test
    void aClickInTheListEditsItInPlace() {
        clickOn("#roster-Weight");
        until("its lines can be typed", () -> focused("declaration"));
        assertThat(((TextArea) lookup("#declaration").query()).getText()).startsWith("value Weight");
        assertThat(sees("#roster")).isTrue();
        type(KeyCode.ESCAPE);
        until("the list has the keys again", () -> focused("roster"));
    }

    @Test
    void itsMenuShowsItInTheText() {
        rightClickOn("#roster-Weight");
        until("the menu is open", () -> lookup("Show in the text").tryQuery().isPresent());
        clickOn("Show in the text");
        until("the value is shown", () -> sees("#text-pane") && chosen().equals("value Weight"));
        until("the text can be typed on", () -> focused("design-text"));
    }

    @Test
    void aFindingShowsWhatItIsAbout() {
        clickOn("#findings");
        until("the findings are listed", () -> sees("#findings-panel"));
        assertThat(lookup("Show it").queryAllAs(Button.class)).isNotEmpty();
        clickOn("Show it");
        until("the enum is shown", () -> sees("#text-pane") && chosen().startsWith("enum Mood"));
    }
}
