package jasperwing.app.shell;

import jasperwing.model.Design;
import jasperwing.storage.DesignFile;
import jasperwing.storage.UnreadableDesignException;
import java.io.IOException;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.util.Duration;

/**
 * Opening and saving. A design with a file is saved there a moment after each edit; one without is kept aside, so that a
 * crash loses nothing. A file that something else changed meanwhile is not overwritten until Save is pressed.
 */
public final class Files {
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");

    private final Workspace workspace;
    private final Settings settings;
    private final ReadOnlyStringWrapper state = new ReadOnlyStringWrapper("");
    private final PauseTransition pause = new PauseTransition(Duration.seconds(1));
    private final ExecutorService writer = Executors.newSingleThreadExecutor(r -> {
        Thread thread = new Thread(r, "saving");
        thread.setDaemon(true);
        return thread;
    });
    private PathPrompt prompt;
    private FileTime stamp;
    private Design safe;

    public Files(Workspace workspace, Settings settings) {
        this.workspace = workspace;
        this.settings = settings;
        opened();
        pause.setOnFinished(e -> autosave());
        workspace.projection().addListener((o, was, is) -> {
            if (is.design() != safe) {
                state.set(workspace.path().get().isPresent() ? "saving\u2026" : "not saved yet");
                pause.playFromStart();
            }
        });
    }

    void promptWith(PathPrompt pathPrompt) {
        prompt = pathPrompt;
    }

    /** In a word or two, whether everything is saved. */
    public ReadOnlyStringProperty state() {
        return state.getReadOnlyProperty();
    }

    public void newDesign() {
        flush();
        workspace.open(Design.named("New design"), Optional.empty());
        opened();
        state.set("nothing to save");
    }

    public void askOpen() {
        prompt.ask("Open a design", "Open", startPath(), this::open);
    }

    public void askSaveAs() {
        prompt.ask("Save the design as", "Save", startPath(), this::saveAs);
    }

    private String startPath() {
        return workspace
                .path()
                .get()
                .map(Path::toString)
                .orElse(System.getProperty("user.home") + java.io.File.separator);
    }

    /** Opens a file. @return what is wrong with it, or empty when it is open now */
    public Optional<String> open(Path file) {
        flush();
        try {
            Design design = DesignFile.load(file);
            workspace.open(design, Optional.of(file));
            opened();
            return Optional.empty();
        } catch (UnreadableDesignException e) {
            return Optional.of(e.getMessage());
        }
    }

    /** Takes the design the workspace was just opened with for saved, when it has a file. */
    private void opened() {
        Optional<Path> file = workspace.path().get();
        pause.stop();
        safe = workspace.design();
        stamp = file.map(Files::stampOf).orElse(null);
        state.set(file.isPresent() ? "saved" : "not saved yet");
        file.ifPresent(settings::rememberLast);
    }

    public void save() {
        Optional<Path> path = workspace.path().get();
        if (path.isEmpty()) {
            askSaveAs();
            return;
        }
        stamp = null;
        write(path.get(), workspace.design());
    }

    private Optional<String> saveAs(Path file) {
        if (java.nio.file.Files.isDirectory(file)) {
            return Optional.of(file + " is a folder; add a file name such as marsh.wing");
        }
        try {
            DesignFile.save(file, workspace.design());
        } catch (IOException e) {
            return Optional.of("It cannot be written to " + file + ": " + e.getMessage());
        }
        workspace.savedAs(file.toAbsolutePath());
        saved(file, workspace.design());
        settings.rememberLast(file);
        return Optional.empty();
    }

    private void autosave() {
        write(workspace.path().get().orElse(settings.unsaved()), workspace.design());
    }

    private void write(Path file, Design design) {
        boolean named = workspace.path().get().isPresent();
        if (named && stamp != null && !stamp.equals(stampOf(file))) {
            state.set("changed on disk; Ctrl S overwrites it");
            return;
        }
        writer.execute(() -> {
            try {
                DesignFile.save(file, design);
                Platform.runLater(() -> {
                    if (named) {
                        saved(file, design);
                    }
                });
            } catch (IOException e) {
                Platform.runLater(() -> state.set("not saved: " + e.getMessage()));
            }
        });
    }

    private void saved(Path file, Design design) {
        stamp = stampOf(file);
        safe = design;
        if (design == workspace.design()) {
            state.set("saved " + CLOCK.format(LocalTime.now()));
        }
    }

    private static FileTime stampOf(Path file) {
        try {
            return java.nio.file.Files.exists(file) ? java.nio.file.Files.getLastModifiedTime(file) : null;
        } catch (IOException e) {
            return null;
        }
    }

    /** Writes what is not written yet, and waits for it; called before another design is opened and when the window closes. */
    public void flush() {
        pause.stop();
        if (workspace.design() == safe) {
            return;
        }
        Path file = workspace.path().get().orElse(settings.unsaved());
        boolean changedOutside = workspace.path().get().isPresent() && stamp != null && !stamp.equals(stampOf(file));
        try {
            DesignFile.save(changedOutside ? settings.unsaved() : file, workspace.design());
            safe = workspace.design();
        } catch (IOException e) {
            state.set("not saved: " + e.getMessage());
        }
    }
}
