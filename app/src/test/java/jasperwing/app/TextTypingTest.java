package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.notation.Notation;
import javafx.scene.input.KeyCode;
import org.fxmisc.richtext.CodeArea;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Typed text is never reordered or reformatted while the user types. */
class TextTypingTest extends WindowTest {
    @Override
    Design first() {
        return Samples.demo();
    }

    private CodeArea text() {
        return (CodeArea) lookup("#design-text").query();
    }

    @BeforeEach
    void openText() {
        push(KeyCode.CONTROL, KeyCode.T);
        until("the text is there", () -> sees("#text-pane") && text().getText().equals(Notation.print(design())));
        clickOn(text());
        until("it can be typed on", () -> focused("design-text"));
    }

    private void write(String line, KeyCode then) {
        write(line);
        push(then);
    }

    @Test
    void aStatementTypedAtTheEndStaysThereUntilTheTextIsLeft() {
        String before = text().getText();
        push(KeyCode.CONTROL, KeyCode.END);
        write("entity Foo", KeyCode.ENTER);
        until("the diagram has it", () -> design().entity("Foo").isPresent());
        write("id serial key", KeyCode.ENTER);
        write("name text(9)");
        until(
                "it has its attributes",
                () -> design().entity("Foo").orElseThrow().attributes().size() == 2);
        assertThat(text().getText()).isEqualTo(before + "entity Foo\n  id serial key\n  name text(9)");
        assertThat(design().place("Foo", "")).isPresent();
        assertThat(design().place("Taxon", "")).isEqualTo(Samples.demo().place("Taxon", ""));
        push(KeyCode.ENTER);
        push(KeyCode.ENTER);
        write("area Bar moss");
        until("that is read at the margin", () -> design().area("Bar").isPresent());
        interact(() -> sheet().requestFocus());
        until("it is printed when it is left", () -> text().getText().equals(Notation.print(design())));
    }

    @Test
    void theCaretStaysOnItsCharacterWhenTheDiagramChanges() {
        int line = text().getText()
                .substring(0, text().getText().indexOf("  tagNumber"))
                .split("\n")
                .length;
        interact(() -> text().moveTo(line, 5));
        interact(() -> window.workspace().edit(EntityEdits.add(Entity.keyed("Aaa"))));
        until("the text has it", () -> text().getText().contains("entity Aaa"));
        interact(() -> window.workspace().edit(d -> d.withName("A name\nof two lines")));
        assertThat(text().getText(text().getCurrentParagraph())).startsWith("  tagNumber");
        assertThat(text().getCaretColumn()).isEqualTo(5);
    }

    @Test
    void undoingTooOftenDoesNotEmptyTheText() {
        push(KeyCode.CONTROL, KeyCode.END);
        write("area Bar moss");
        until("it is there", () -> design().area("Bar").isPresent());
        for (int i = 0; i < 30; i++) {
            push(KeyCode.CONTROL, KeyCode.Z);
        }
        until("it is taken back", () -> design().area("Bar").isEmpty());
        assertThat(text().getText()).startsWith("# What a field station keeps");
        assertThat(design().entities()).hasSameSizeAs(Samples.demo().entities());
    }
}
