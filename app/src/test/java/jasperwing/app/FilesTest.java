package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.app.files.Settings;
import jasperwing.app.workspace.Workspace;
import jasperwing.change.Changed;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.storage.DesignFile;
import jasperwing.storage.UnreadableDesignException;
import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
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
        interact(() -> {
            changeOutside(file, "design \"Theirs\"\n");
            window.workspace().edit(EntityEdits.add(Entity.keyed("Tide")));
        });
        until("it is said, and a draft kept", () -> state().matches("changed on disk; .*draft kept .*"));
        assertThat(file).hasContent("design \"Theirs\"\n");
        assertThat(aside()).hasValueSatisfying(d -> assertThat(d.entity("Tide")).isPresent());
        assertThat(window.files().open(folder.resolve("none.wing"))).isPresent();
        assertThat(state()).startsWith("changed on disk");
        push(KeyCode.CONTROL, KeyCode.S);
        until("it is overwritten now", () -> content(file).contains("entity Tide"));
    }

    @Test
    void whatBothChangedIsComparedAndOneOfThemTaken() {
        Path file = folder.resolve("both.wing");
        say("entity Dive");
        saveAs(file);
        until("it is saved", () -> content(file).contains("entity Dive"));
        changedByBoth(file);
        clickOn("#changed-compare");
        until("what differs is shown", () -> !lookup("#changed-lines")
                .<ListView<Object>>query()
                .getItems()
                .isEmpty());
        assertThat(lookup("#changed-lines").<ListView<Changed.Line>>query().getItems())
                .extracting(l -> l.sign() + l.text())
                .contains("GOESdesign \"Theirs\"", "COMESentity Tide");
        clickOn("#changed-reload");
        until("theirs is here", () -> design().name().equals("Theirs"));
        assertThat(sees("#changed-line")).isFalse();
        push(KeyCode.CONTROL, KeyCode.Z);
        until("mine is an undo away", () -> design().entity("Tide").isPresent());
        until("it is saved", () -> content(file).contains("entity Tide"));
        changedByBoth(file);
        clickOn("#changed-keep");
        until("mine is in the file", () -> content(file).contains("entity Tide"));
        until("nothing is said any more", () -> !sees("#changed-line"));
    }

    private void changedByBoth(Path file) {
        interact(() -> {
            changeOutside(file, "design \"Theirs\"\n");
            window.workspace()
                    .edit(EntityEdits.add(
                            Entity.keyed("Tide" + design().entities().size())));
            window.workspace()
                    .edit(EntityEdits.rename("Tide" + (design().entities().size() - 1), "Tide"));
        });
        until("it is said", () -> sees("#changed-line"));
    }

    @Test
    void aFirstSaveAsksForATitleAndSuggestsAName() {
        say("entity Dive");
        push(KeyCode.CONTROL, KeyCode.S);
        until("a file is asked for", () -> focused("path"));
        assertThat(path()).endsWith("test.wing");
        clickOn("#path-title");
        push(KeyCode.CONTROL, KeyCode.A);
        write("Harbour Log");
        assertThat(path()).endsWith("harbour-log.wing");
        clickOn("#path");
        push(KeyCode.CONTROL, KeyCode.A);
        write(folder.resolve("log.wing").toString());
        push(KeyCode.ENTER);
        until("it is saved under its title", () -> content(folder.resolve("log.wing"))
                .contains("Harbour Log"));
        push(KeyCode.CONTROL, KeyCode.O);
        until("a file is asked for", () -> focused("path"));
        assertThat(path()).isEqualTo(folder + File.separator);
    }

    private String path() {
        return lookup("#path").<TextField>query().getText();
    }

    private static void changeOutside(Path file, String text) {
        try {
            Files.writeString(file, text);
            Files.setLastModifiedTime(
                    file, FileTime.fromMillis(Files.getLastModifiedTime(file).toMillis() + 5000));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private String state() {
        return window.files().state().get();
    }

    /** The newest design kept aside, in the folder of settings. */
    private static Optional<Design> aside() {
        try (Stream<Path> all = Files.list(folder.resolve("settings"))) {
            return all.filter(f -> f.toString().endsWith(".wing") && f.toFile().length() > 0)
                    .max(Comparator.comparing(f -> f.toFile().lastModified()))
                    .map(FilesTest::load);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void whatAnotherProgramChangedIsReadWhenItHappens() {
        Path file = folder.resolve("pulled.wing");
        say("entity Dive");
        saveAs(file);
        until("it is saved", () -> content(file).contains("entity Dive"));
        changeOutside(file, "design \"Theirs\"\n\nentity Tide\n");
        until("it is read", () -> design().entity("Tide").isPresent());
        assertThat(state()).startsWith("read again");
        push(KeyCode.CONTROL, KeyCode.Z);
        until("it can be undone", () -> design().entity("Dive").isPresent());
    }

    @Test
    void aFileThatIsDeletedIsSaidToBe() throws IOException {
        Path file = folder.resolve("deleted.wing");
        say("entity Dive");
        saveAs(file);
        until("it is saved", () -> content(file).contains("entity Dive"));
        Files.delete(file);
        until("it is said", () -> state().startsWith("deleted on disk"));
        push(KeyCode.CONTROL, KeyCode.S);
        until("it is there again", () -> content(file).contains("entity Dive"));
    }

    @Test
    void whatCannotBeSavedIsKeptAsideAndSavedWhenItCanBe() throws IOException {
        Path file = folder.resolve("guarded.wing");
        say("entity Dive");
        saveAs(file);
        until("it is saved", () -> content(file).contains("entity Dive"));
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("r--r--r--"));
        say("entity Tide");
        until("it is kept aside", () -> state().matches("not saved: .*read-only.*draft kept.*"));
        assertThat(aside()).hasValueSatisfying(d -> assertThat(d.entity("Tide")).isPresent());
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-r--r--"));
        until("it is saved by itself", () -> content(file).contains("entity Tide"));
        until(
                "nothing is kept aside any more",
                () -> aside().isEmpty() || aside().get().entity("Tide").isEmpty());
    }

    @Test
    void whoNeverStopsTypingIsSavedToo() {
        Path file = folder.resolve("typed.wing");
        say("entity Dive");
        saveAs(file);
        until("it is saved", () -> content(file).contains("entity Dive"));
        int[] count = {0};
        until("it is saved between edits", () -> {
            int now = count[0]++;
            window.workspace().edit(d -> d.withName("Typed " + now));
            return content(file).contains("Typed");
        });
    }

    @Test
    void whatIsKeptAsideIsOfferedUntilItIsThrownAway() {
        say("entity Heron");
        until("Heron is there", () -> design().entity("Heron").isPresent());
        push(KeyCode.CONTROL, KeyCode.N);
        until("an empty design is open", () -> design().entities().isEmpty());
        openMenuOfKept("Test, 1 entity", "Open");
        until("it is open again", () -> design().entity("Heron").isPresent());
        push(KeyCode.CONTROL, KeyCode.N);
        until("an empty design is open again", () -> design().entities().isEmpty());
        openMenuOfKept("Test, 1 entity", "Throw away");
        assertThat(kept()).noneMatch(m -> m.getText().startsWith("Test, 1 entity"));
    }

    /** The entries of the newest first. */
    private List<MenuItem> kept() {
        MenuButton menu = lookup("#file-menu").query();
        Menu again = (Menu) menu.getItems().get(3);
        interact(() -> menu.getOnShowing().handle(null));
        return again.getItems().stream().filter(Menu.class::isInstance).toList();
    }

    private void openMenuOfKept(String start, String command) {
        Menu menu = (Menu) kept().stream()
                .filter(m -> m.getText().startsWith(start))
                .findFirst()
                .orElseThrow();
        MenuItem chosen = menu.getItems().stream()
                .filter(i -> i.getText().equals(command))
                .findFirst()
                .orElseThrow();
        interact(chosen::fire);
    }

    @Test
    void oneDesignIsOpenInOneWindow() {
        Path file = folder.resolve("mine.wing");
        say("entity Dive");
        saveAs(file);
        until("it is saved", () -> content(file).contains("entity Dive"));
        Settings settings = new Settings(folder.resolve("settings"));
        assertThat(settings.isOpenElsewhere(file)).isTrue();
        Optional<String> wrong = interactFor(() -> new jasperwing.app.files.Files(
                        new Workspace(Design.named("Other"), Optional.empty()), settings, Optional.empty())
                .open(file));
        assertThat(wrong).hasValueSatisfying(w -> assertThat(w).contains("is open in another window"));
        push(KeyCode.CONTROL, KeyCode.N);
        until("it is let go of", () -> !settings.isOpenElsewhere(file));
    }

    private <T> T interactFor(Supplier<T> action) {
        AtomicReference<T> result = new AtomicReference<>();
        interact(() -> result.set(action.get()));
        return result.get();
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
