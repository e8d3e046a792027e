package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.app.shell.Settings;
import jasperwing.model.Design;
import jasperwing.storage.DesignFile;
import jasperwing.storage.UnreadableDesignException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Nothing that was drawn is lost: not by another design, not by a file of the same name, not by another program. */
class FilesTest extends WindowTest {
    @Test
    void whatHasNoFileIsKeptAsideEachInAFileOfItsOwn() throws Exception {
        say("entity Dive");
        until("Dive is there", () -> design().entity("Dive").isPresent());
        push(KeyCode.CONTROL, KeyCode.N);
        until("an empty design is open", () -> design().entities().isEmpty());
        say("entity Tide");
        until("Tide is there", () -> design().entity("Tide").isPresent());
        push(KeyCode.CONTROL, KeyCode.N);
        until("another is open", () -> design().entities().isEmpty());
        try (Stream<Path> kept = Files.list(folder.resolve("settings"))) {
            assertThat(kept.filter(f -> f.toString().endsWith(".wing")).map(FilesTest::load))
                    .anyMatch(d -> d.entity("Dive").isPresent())
                    .anyMatch(d -> d.entity("Tide").isPresent());
        }
        assertThat(new Settings(folder.resolve("settings")).lastAside())
                .map(FilesTest::load)
                .hasValueSatisfying(d -> assertThat(d.entities()).isNotEmpty());
    }

    private static Design load(Path file) {
        try {
            return DesignFile.load(file);
        } catch (UnreadableDesignException e) {
            throw new AssertionError(e);
        }
    }

    @Test
    void theDesignIsGivenAnotherNameInItsTitle() {
        clickOn("#design-title");
        until("the name can be typed", () -> focused("design-name"));
        write("Tidal Marsh");
        push(KeyCode.ENTER);
        until("it is named", () -> design().name().equals("Tidal Marsh"));
        assertThat(((Label) lookup("#design-title").query()).getText()).isEqualTo("Tidal Marsh");
        clickOn("#design-title");
        until("the name can be typed again", () -> focused("design-name"));
        write("Other");
        push(KeyCode.ESCAPE);
        until("the title is back", () -> sees("#design-title"));
        assertThat(design().name()).isEqualTo("Tidal Marsh");
        push(KeyCode.CONTROL, KeyCode.Z);
        until("it is taken back", () -> design().name().equals("Test"));
    }

    @Test
    void anotherFileOfTheNameIsReplacedOnlyWhenSavedAgain() throws IOException {
        Path file = folder.resolve("taken.wing");
        Files.writeString(file, "something else\n");
        say("entity Dive");
        saveAs(file);
        until("it is said that there is one", () -> problem().contains("already"));
        assertThat(file).hasContent("something else\n");
        push(KeyCode.ENTER);
        until("it is replaced", () -> content(file).contains("entity Dive"));
    }

    @Test
    void whatAnotherProgramChangedIsNotOverwrittenUnasked() throws IOException {
        Path file = folder.resolve("shared.wing");
        say("entity Dive");
        saveAs(file);
        until("it is saved", () -> content(file).contains("entity Dive"));
        Files.writeString(file, "design \"Theirs\"\n");
        Files.setLastModifiedTime(
                file, FileTime.fromMillis(Files.getLastModifiedTime(file).toMillis() + 5000));
        say("entity Tide");
        until("it is said", () -> window.files().state().get().startsWith("changed on disk"));
        assertThat(file).hasContent("design \"Theirs\"\n");
        push(KeyCode.CONTROL, KeyCode.S);
        until("it is overwritten now", () -> content(file).contains("entity Tide"));
    }

    private void saveAs(Path file) {
        push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.S);
        until("a file is asked for", () -> focused("path"));
        push(KeyCode.CONTROL, KeyCode.A);
        write(file.toString());
        push(KeyCode.ENTER);
    }

    private String problem() {
        return ((Label) lookup("#path-problem").query()).getText();
    }

    private static String content(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            return "";
        }
    }
}
