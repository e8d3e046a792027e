package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import javafx.scene.control.Button;
import org.fxmisc.richtext.CodeArea;
import org.junit.jupiter.api.Test;

/** What has no card is shown in the text, where it is declared. */
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
    void aClickInTheListShowsIt() {
        clickOn("#roster-Weight");
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
