package jasperwing.app.shell;

import jasperwing.model.Design;
import jasperwing.storage.DesignFile;
import jasperwing.storage.UnreadableDesignException;
import java.io.File;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletionException;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.util.Duration;

/**
 * Opening and saving. A design with a file is saved there a moment after each edit; one without is kept aside in a file of its
 * own, so that nothing is lost. A file that something else changed meanwhile is not overwritten until Save is pressed.
 */
public final class Files {
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");

    private final Workspace workspace;
    private final Settings settings;
    private final Saver saver = new Saver();
    private final ReadOnlyStringWrapper state = new ReadOnlyStringWrapper("");
    private final PauseTransition pause = new PauseTransition(Duration.seconds(1));
    private PathPrompt prompt;
    private Optional<FileTime> stamp = Optional.empty();
    private Optional<Path> aside;
    private Design safe;
    private Path confirmed;
    private boolean warned;

    /** @param aside where a design without a file was kept until now; empty to find a place when there is something to keep */
    public Files(Workspace workspace, Settings settings, Optional<Path> aside) {
        this.workspace = workspace;
        this.settings = settings;
        opened(aside);
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
        if (flush()) {
            workspace.open(Design.named("New design"), Optional.empty());
            opened(Optional.empty());
        }
    }

    public void askOpen() {
        prompt.ask("Open a design", "Open", startPath(), this::open);
    }

    public void askSaveAs() {
        confirmed = null;
        prompt.ask("Save the design as", "Save", startPath(), this::saveAs);
    }

    private String startPath() {
        return workspace.path().get().map(Path::toString).orElse(System.getProperty("user.home") + File.separator);
    }

    /** Opens a file. @return what is wrong, or empty when it is open now */
    public Optional<String> open(Path file) {
        if (!flush()) {
            return Optional.of("What is open cannot be saved (" + state.get() + "). Save it elsewhere first.");
        }
        try {
            workspace.open(DesignFile.load(file), Optional.of(file));
            opened(Optional.empty());
            return Optional.empty();
        } catch (UnreadableDesignException e) {
            return Optional.of(e.getMessage());
        }
    }

    /** Opens a file; what is wrong with it is said in the prompt for another. */
    void openOrSay(Path file) {
        open(file).ifPresent(wrong -> prompt.ask("Open a design", "Open", file.toString(), this::open, wrong));
    }

    /** The designs worked on last, without the one that is open. */
    List<Path> recent() {
        Optional<Path> now = workspace.path().get();
        return settings.recent().stream()
                .filter(p -> !now.equals(Optional.of(p)))
                .toList();
    }

    /** Takes what the workspace was just opened with for saved. */
    private void opened(Optional<Path> keptAside) {
        Optional<Path> file = workspace.path().get();
        pause.stop();
        aside = keptAside;
        safe = workspace.design();
        stamp = file.flatMap(Saver::stamp);
        boolean nothing = file.isEmpty() && safe.entities().isEmpty();
        state.set(nothing ? "" : file.isPresent() ? "saved" : "not saved yet");
        file.ifPresent(settings::rememberLast);
    }

    public void save() {
        Optional<Path> path = workspace.path().get();
        if (path.isEmpty()) {
            askSaveAs();
        } else {
            write(path.get());
        }
    }

    private Optional<String> saveAs(Path chosen) {
        Path file = chosen.toAbsolutePath();
        boolean another = !Optional.of(file).equals(workspace.path().get());
        if (java.nio.file.Files.isDirectory(file)) {
            return Optional.of(file + " is a folder; add a file name such as marsh.wing");
        }
        if (another && java.nio.file.Files.exists(file) && !file.equals(confirmed)) {
            confirmed = file;
            return Optional.of("There is a file of this name already. Save again to replace it.");
        }
        try {
            Saver.Saved saved = saver.save(file, workspace.design()).join();
            workspace.savedAs(file);
            done(saved);
            settings.rememberLast(file);
            aside.ifPresent(settings::forget);
            aside = Optional.empty();
            return Optional.empty();
        } catch (CompletionException e) {
            return Optional.of(
                    "It cannot be written to " + file + ": " + e.getCause().getMessage());
        }
    }

    private void autosave() {
        Optional<Path> path = workspace.path().get();
        if (path.isPresent() && changedOutside(path.get())) {
            state.set("changed on disk; Ctrl S overwrites it");
        } else {
            write(path.orElseGet(this::placeAside));
        }
    }

    /** The file a design without one is kept in. */
    private Path placeAside() {
        if (aside.isEmpty()) {
            aside = Optional.of(settings.freePlaceAside());
        }
        return aside.get();
    }

    private boolean changedOutside(Path file) {
        return stamp.isPresent() && !stamp.equals(Saver.stamp(file));
    }

    private void write(Path file) {
        saver.save(file, workspace.design())
                .whenComplete((saved, problem) -> Platform.runLater(() -> {
                    if (problem != null) {
                        failed(problem.getCause());
                    } else if (isCurrent(file)) {
                        done(saved);
                    }
                }));
    }

    /** Whether the design that is open is the one kept in the file; another may have been opened meanwhile. */
    private boolean isCurrent(Path file) {
        return workspace.path().get().or(() -> aside).filter(file::equals).isPresent();
    }

    private void failed(Throwable problem) {
        state.set("not saved: " + problem.getMessage());
    }

    private void done(Saver.Saved saved) {
        safe = saved.design();
        boolean named = workspace.path().get().isPresent();
        stamp = named ? saved.stamp() : Optional.empty();
        if (safe == workspace.design()) {
            state.set(named ? "saved " + CLOCK.format(LocalTime.now()) : "kept aside " + CLOCK.format(LocalTime.now()));
        }
    }

    /** Whether the window may close: everything is safe, or it was said that it is not and closing was asked for again. */
    public boolean mayClose() {
        if (flush() || warned) {
            return true;
        }
        warned = true;
        state.set(state.get() + "; close again to lose it");
        return false;
    }

    /**
     * Writes what is not written yet, and waits for it; before another design is opened and when the window closes. What
     * something else changed on disk is not overwritten: the design is kept aside instead.
     *
     * @return whether everything is safe
     */
    public boolean flush() {
        pause.stop();
        if (workspace.design() == safe) {
            return true;
        }
        Path file = workspace.path().get().filter(f -> !changedOutside(f)).orElseGet(this::placeAside);
        try {
            done(saver.save(file, workspace.design()).join());
            return true;
        } catch (CompletionException e) {
            failed(e.getCause());
            return false;
        }
    }
}
