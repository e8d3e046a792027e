package jasperwing.app.files;

import jasperwing.app.workspace.Background;
import jasperwing.app.workspace.Workspace;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import jasperwing.storage.DesignFile;
import jasperwing.storage.UnreadableDesignException;
import java.io.IOException;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.Optional;
import java.util.concurrent.CompletionException;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.util.Duration;

/**
 * Keeps the open design on the disk: in its file a moment after each edit and after a few seconds of typing at the latest; aside where it has no
 * file, or where the file cannot be written or was changed by something else. What could not be written is tried again by itself.
 */
final class AutoSave {
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");

    private static final Duration QUIET = Duration.seconds(1);

    /** The longest an edit waits while more are made, in nanoseconds; a quiet second may follow. */
    private static final long LONGEST = 3_500_000_000L;

    private static final Duration RETRY = Duration.seconds(10);

    private final Workspace workspace;
    private final UnsavedDesigns asides;
    private final DesignSaver saver = new DesignSaver();
    private final Background.Worker watching;
    private final ReadOnlyStringWrapper state = new ReadOnlyStringWrapper("");
    private final PauseTransition pause = new PauseTransition(QUIET);
    private final PauseTransition retry = new PauseTransition(RETRY);
    private long waitingSince;
    private Optional<FileTime> stamp = Optional.empty();
    private Optional<FileTime> suspect = Optional.empty();
    private Optional<UnsavedDesigns.Place> aside = Optional.empty();
    private Optional<Path> origin = Optional.empty();
    private final ReadOnlyObjectWrapper<Optional<Design>> theirs = new ReadOnlyObjectWrapper<>(Optional.empty());
    private Optional<FileTime> theirStamp = Optional.empty();
    private int saves;

    /** The file that is looked at, for the other thread. */
    private volatile Optional<Path> watched = Optional.empty();

    /** Why a design is not in its file. @param passes whether it may be otherwise the next time */
    private record Obstacle(String words, boolean passes) {
        static final Obstacle NONE = new Obstacle("", false);

        static Obstacle of(Throwable problem) {
            Throwable cause = problem instanceof CompletionException ? problem.getCause() : problem;
            return new Obstacle("not saved: " + cause.getMessage(), true);
        }

        boolean isThere() {
            return !words.isEmpty();
        }
    }

    /** What the file says, or for a design without one what is kept aside. */
    private Design safe;

    AutoSave(Workspace workspace, UnsavedDesigns asides) {
        this.workspace = workspace;
        this.asides = asides;
        this.safe = workspace.design();
        this.watching = workspace.background().worker("watching the design's file", Thread.MIN_PRIORITY);
        pause.setOnFinished(e -> save());
        retry.setOnFinished(e -> save());
        workspace.projection().addListener((o, was, is) -> edited(is.design()));
        watch();
    }

    /** In a word or two, whether everything is saved. */
    ReadOnlyStringProperty state() {
        return state.getReadOnlyProperty();
    }

    /** The file a design was kept aside for; empty when there is none. */
    Optional<Path> origin() {
        return origin;
    }

    /** Where the open design is kept aside; empty when it is not. */
    Optional<Path> aside() {
        return aside.map(UnsavedDesigns.Place::file);
    }

    /** Takes what the workspace was just opened with for saved. */
    void begin(Optional<Path> keptAside) {
        Optional<Path> file = file();
        aside = keptAside.flatMap(asides::take);
        origin = keptAside.flatMap(k -> asides.all().stream()
                .filter(a -> a.file().equals(k))
                .findFirst()
                .flatMap(UnsavedDesigns.Aside::origin));
        safe = workspace.design();
        watched = file;
        stamp = file.flatMap(DesignSaver::stamp);
        boolean nothing = file.isEmpty() && safe.entities().isEmpty();
        state.set(nothing ? "" : file.isPresent() ? "saved" : "not saved yet");
    }

    /** What another program put into the file while there are unsaved changes here; empty when there is no such thing. */
    ReadOnlyObjectProperty<Optional<Design>> theirs() {
        return theirs.getReadOnlyProperty();
    }

    /** Takes what the file says now; one edit, which can be undone. */
    void reload() {
        theirs.get().ifPresent(design -> {
            stamp = theirStamp;
            theirs.set(Optional.empty());
            workspace.edit(d -> design);
            safe = workspace.design().equals(design) ? workspace.design() : design;
            forgetAside();
            state.set("read again " + CLOCK.format(LocalTime.now()));
        });
    }

    /** Lets go of the design that was open. */
    void end() {
        theirs.set(Optional.empty());
        pause.stop();
        retry.stop();
        waitingSince = 0;
        aside.ifPresent(a -> a.owner().close());
        aside = Optional.empty();
    }

    /** Lets go of the design, and ends. */
    void close() {
        flush();
        end();
        saver.close();
    }

    private Optional<Path> file() {
        return workspace.path().get();
    }

    private void edited(Design design) {
        if (design == safe) {
            return;
        }
        state.set(file().isPresent() ? "saving\u2026" : "not saved yet");
        long now = System.nanoTime();
        if (waitingSince == 0) {
            waitingSince = now;
        }
        if (now - waitingSince < LONGEST) {
            pause.playFromStart();
        }
    }

    private void save() {
        waitingSince = 0;
        if (workspace.design() == safe) {
            return;
        }
        Optional<Path> file = file();
        Obstacle outside = file.map(this::outside).orElse(Obstacle.NONE);
        if (file.isPresent() && !outside.isThere()) {
            write(file.get());
        } else {
            keepAside(outside);
        }
    }

    /** Writes the design to its file, whatever that says now. */
    void overwrite() {
        pause.stop();
        waitingSince = 0;
        write(file().orElseThrow());
    }

    /** What something else did to the file, in words; empty when it is as it was left. */
    private Obstacle outside(Path file) {
        Optional<FileTime> now = DesignSaver.stamp(file);
        if (stamp.isEmpty() || stamp.equals(now)) {
            return Obstacle.NONE;
        }
        return new Obstacle(
                now.isEmpty() ? "deleted on disk; Ctrl S writes it again" : "changed on disk; Ctrl S overwrites it",
                false);
    }

    private void write(Path file) {
        saves++;
        saver.save(file, workspace.design())
                .whenComplete((saved, problem) -> Platform.runLater(() -> {
                    saves--;
                    if (!file().equals(Optional.of(file))) {
                        return;
                    }
                    if (problem == null) {
                        saved(saved);
                    } else {
                        keepAside(Obstacle.of(problem));
                    }
                }));
    }

    /** Keeps the design where nothing stands in the way. @param why it does not go to its file, or none where it has no file */
    private void keepAside(Obstacle why) {
        saves++;
        try {
            Path place = placeAside();
            saver.save(place, workspace.design())
                    .whenComplete((saved, problem) -> Platform.runLater(() -> {
                        saves--;
                        if (aside().equals(Optional.of(place))) {
                            kept(why, saved, problem);
                        }
                    }));
        } catch (IOException e) {
            saves--;
            kept(why, null, e);
        }
    }

    private void kept(Obstacle why, DesignSaver.Saved saved, Throwable problem) {
        String now = problem == null
                ? "draft kept " + CLOCK.format(LocalTime.now())
                : Obstacle.of(problem).words();
        state.set(why.isThere() ? why.words() + "; " + now : now);
        if (problem == null && file().isEmpty()) {
            safe = saved.design();
        }
        if (problem != null || why.passes()) {
            retry.playFromStart();
        }
    }

    /** The file the design is kept aside in. */
    private Path placeAside() throws IOException {
        if (aside.isEmpty()) {
            origin = file();
            aside = Optional.of(asides.place(origin));
        }
        return aside.get().file();
    }

    /** The design is in its file now, and not needed aside any more. */
    private void saved(DesignSaver.Saved saved) {
        safe = saved.design();
        stamp = saved.stamp();
        retry.stop();
        theirs.set(Optional.empty());
        forgetAside();
        if (safe == workspace.design()) {
            state.set("saved " + CLOCK.format(LocalTime.now()));
        }
    }

    private void forgetAside() {
        aside.ifPresent(a -> {
            asides.remove(a.file());
            a.owner().close();
        });
        aside = Optional.empty();
        origin = Optional.empty();
    }

    /** Saves to another file, and waits for it. @throws CompletionException with what went wrong as its cause */
    void saveAs(Path file) {
        DesignSaver.Saved saved = saver.save(file, workspace.design()).join();
        workspace.savedAs(file);
        watched = Optional.of(file);
        saved(saved);
    }

    void warn(String further) {
        state.set(state.get() + further);
    }

    /** Writes what is not written yet, to the file or aside, and waits for it. @return whether everything is safe */
    boolean flush() {
        pause.stop();
        waitingSince = 0;
        if (workspace.design() == safe) {
            return true;
        }
        Optional<Path> file = file();
        Obstacle why = file.map(this::outside).orElse(Obstacle.NONE);
        if (file.isPresent() && !why.isThere()) {
            try {
                saved(saver.save(file.get(), workspace.design()).join());
                return true;
            } catch (CompletionException e) {
                why = Obstacle.of(e);
            }
        }
        return flushAside(why);
    }

    private boolean flushAside(Obstacle why) {
        try {
            kept(why, saver.save(placeAside(), workspace.design()).join(), null);
            return true;
        } catch (IOException | CompletionException e) {
            kept(why, null, e);
            return false;
        }
    }

    /** Looks at the file every second, away from the window's thread. */
    private void watch() {
        watching.runLater(1000, () -> {
            Optional<Path> file = watched;
            Optional<FileTime> seen = file.flatMap(DesignSaver::stamp);
            Platform.runLater(() -> file.ifPresent(f -> look(f, seen)));
            watch();
        });
    }

    /** Two looks must agree that the file is another: one may be older than the last save. */
    private void look(Path file, Optional<FileTime> seen) {
        boolean other = saves == 0 && file().equals(Optional.of(file)) && stamp.isPresent() && !seen.equals(stamp);
        if (!other || !seen.equals(suspect)) {
            suspect = other ? seen : Optional.empty();
            return;
        }
        if (seen.isEmpty()) {
            state.set(outside(file).words());
        } else {
            changedOutside(file, seen);
        }
    }

    /** What was saved by something else is taken over where nothing of the design is unsaved; it can be undone. */
    private void changedOutside(Path file, Optional<FileTime> seen) {
        try {
            DesignFile.Loaded loaded = DesignFile.read(file);
            if (loaded.text().equals(Notation.print(safe))) {
                stamp = seen;
            } else if (workspace.design() == safe) {
                stamp = seen;
                workspace.edit(d -> loaded.design());
                safe = workspace.design().equals(loaded.design()) ? workspace.design() : loaded.design();
                state.set("read again " + CLOCK.format(LocalTime.now()));
            } else {
                theirs.set(Optional.of(loaded.design()));
                theirStamp = seen;
                if (aside.isEmpty()) {
                    keepAside(outside(file));
                }
            }
        } catch (UnreadableDesignException e) {
            state.set("changed on disk to what is no design; Ctrl S overwrites it");
        }
    }
}
