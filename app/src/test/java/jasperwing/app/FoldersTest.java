package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** A design that says where its classes go is opened with that. */
class FoldersTest extends WindowTest {
    @Override
    Design first() {
        return Samples.design("entity Dive", "  id serial key", "classes java-jakarta into \"out\"");
    }

    @Test
    void theFolderStandsInItsField() {
        push(KeyCode.CONTROL, KeyCode.DIGIT3);
        until("its classes are shown", () -> sees("#file-Dive.java"));
        assertThat(lookup("#folder").queryAs(TextField.class).getText()).isEqualTo("out");
    }
}
