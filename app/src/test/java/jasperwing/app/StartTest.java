package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** What an empty sheet offers to somebody who is new. */
class StartTest extends WindowTest {
    @Test
    void threeWaysInAreOffered() {
        until("they are offered", () -> sees("#start-say"));
        clickOn("#start-say");
        until("a sentence can be typed", () -> focused("say"));
        push(KeyCode.ESCAPE);
        clickOn("#start-open");
        until("a file is asked for", () -> focused("path"));
        push(KeyCode.ESCAPE);
        clickOn("#start-draw");
        until("an entity can be named", () -> focused("card-name"));
        assertThat(design().entities()).hasSize(1);
        until("nothing is offered any more", () -> !sees("#start"));
    }

    @Test
    void theTourLeadsThroughTheDemoAndCanBeLeft() {
        until("it is offered", () -> sees("#start-tour"));
        clickOn("#start-tour");
        until("the demo is open", () -> design().entity("Dive").isPresent());
        assertThat(window.workspace().path().get()).isEmpty();
        clickOn("#tour-next");
        until(
                "a card is selected",
                () -> window.workspace().selection().get().single().isPresent());
        for (int i = 0; i < 4; i++) {
            clickOn("#tour-next");
        }
        until("the keys are shown", () -> sees("#keys-SQL"));
        clickOn("#tour-next");
        until("the classes are shown", () -> sees("#code-lines"));
        clickOn("#tour-back");
        until("the keys are shown again", () -> sees("#keys-SQL"));
        clickOn("#tour-leave");
        until("it is left", () -> !sees("#tour"));
    }

    @Test
    void theDemoIsOpenedWithoutItsFile() {
        clickOn("#start-demo");
        until("the demo is open", () -> design().entity("Dive").isPresent());
        until(
                "it has no file",
                () -> lookup("#saved").<Label>query().getText().startsWith("not saved")
                        || lookup("#saved").<Label>query().getText().startsWith("draft kept"));
    }
}
