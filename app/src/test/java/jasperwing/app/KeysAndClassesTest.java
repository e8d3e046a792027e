package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.findings.Level;
import jasperwing.model.Design;
import jasperwing.model.Keeping;
import jasperwing.model.OneOf;
import jasperwing.model.Relationship;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** The ledger of keys, and writing classes into a folder that others write to as well. */
class KeysAndClassesTest extends WindowTest {
    @Override
    Design first() {
        return Samples.demo();
    }

    @Test
    void aKeyThatIsWrongIsFoundExplainedAndMended() {
        push(KeyCode.CONTROL, KeyCode.DIGIT2);
        until("the ledger is there", () -> sees("#key-notes.subject_kind + subject_id"));
        clickOn(button("Only what is wrong"));
        until("what holds is hidden", () -> !sees("#key-dives.expedition_id"));
        clickId("#key-notes.subject_kind + subject_id");
        until("its fix is offered", () -> sees("#fix-one-of-keys-differ"));
        clickOn("#fix-one-of-keys-differ");
        until(
                "it is mended",
                () -> window.workspace().projection().get().report().count(Level.FAULT) == 0);
        assertThat(design().relationships().stream()
                        .filter(r -> r instanceof OneOf)
                        .map(r -> ((OneOf) r).kept()))
                .containsExactly(Keeping.COLUMN_EACH);
        Relationship selected =
                window.workspace().selection().get().relationship().orElseThrow();
        assertThat(design().relationships()).contains(selected);
    }

    private Node button(String text) {
        return lookup(n -> n instanceof Labeled l && text.equals(l.getText())).query();
    }

    @Test
    void aFileThatIsNotOursIsReplacedOnlyWhenTicked() throws IOException {
        Path out = folder.resolve("mixed");
        Path dive = out.resolve("saltmarsh/fieldwork/Dive.java");
        Files.createDirectories(dive.getParent());
        Files.writeString(dive, "mine");
        push(KeyCode.CONTROL, KeyCode.DIGIT3);
        until("the folder can be named", () -> sees("#folder"));
        clickOn("#folder").write(out.toString());
        until("the file is asked about", () -> sees("#replace-Dive.java"));
        clickOn("#write");
        until("the others are written", () -> message().startsWith("Wrote 19 files."));
        assertThat(dive).hasContent("mine");
        assertThat(message()).contains("1 not ours").contains("19 same");
        clickId("#replace-Dive.java");
        until("it can be written now", () -> !lookup("#write").query().isDisabled());
        clickOn("#write");
        until("it is written too", () -> message().startsWith("Wrote 1 file."));
        assertThat(dive).content().contains("public class Dive");
    }

    private String message() {
        return ((Label) lookup("#classes-message").query()).getText();
    }

    @Test
    void aFileThatIsNoDesignIsRefusedInPlaceAndTheDesignStays() throws IOException {
        Path bad = folder.resolve("bad.wing");
        Files.writeString(bad, "design \"Bad\"\nwobble\n");
        push(KeyCode.CONTROL, KeyCode.O);
        until("a file is asked for", () -> focused("path"));
        push(KeyCode.CONTROL, KeyCode.A);
        write(bad.toString());
        push(KeyCode.ENTER);
        until("it is refused with its place", () -> problem().contains("bad.wing:2:1: found 'wobble'"));
        push(KeyCode.ESCAPE);
        assertThat(design()).isEqualTo(first());
    }

    private String problem() {
        return ((Label) lookup("#path-problem").query()).getText();
    }

    @Test
    void aSavedDesignIsSavedOnItsOwnAfterAnEdit() {
        Path file = folder.resolve("own.wing");
        push(KeyCode.CONTROL, KeyCode.S);
        until("a file is asked for", () -> focused("path"));
        push(KeyCode.CONTROL, KeyCode.A);
        write(folder.resolve("own").toString());
        push(KeyCode.ENTER);
        until("it is saved with its ending", () -> Files.exists(file));
        say("entity Tide in Fieldwork");
        until("the edit is in the file", () -> content(file).contains("entity Tide in Fieldwork"));
        push(KeyCode.CONTROL, KeyCode.DIGIT1);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(
                "so is taking it back",
                () -> design().entity("Tide").isEmpty() && !content(file).contains("Tide"));
    }

    private static String content(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            return "";
        }
    }
}
