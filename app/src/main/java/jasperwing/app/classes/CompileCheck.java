package jasperwing.app.classes;

import jasperwing.app.workspace.Background;
import jasperwing.classes.language.Checker;
import jasperwing.classes.language.Checker.Remark;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import javafx.application.Platform;

/** Checks the files as they would be, in another thread, whenever they are others than before. Confined to the window's thread. */
final class CompileCheck {
    /** How long nothing must have changed before it is compiled, in milliseconds. */
    private static final int QUIET = 400;

    /** The same for more files than {@link #MANY}, which take many seconds. */
    private static final int LONG_QUIET = 2000;

    private static final int MANY = 200;

    private final Runnable changed;
    private final Background.Worker thread;
    private volatile Map<String, String> wanted = Map.of();
    private Optional<Checker> checker = Optional.empty();
    private Optional<Map<String, String>> known = Optional.empty();
    private List<Remark> remarks = List.of();
    private boolean able = true;

    /** @param changed called when something else has been found */
    CompileCheck(Background background, Runnable changed) {
        this.thread = background.worker("compiling", Thread.MIN_PRIORITY);
        this.changed = changed;
    }

    /** @param with what checks them; empty where there is nothing to do so */
    void of(Optional<Checker> with, Map<String, String> sources) {
        checker = with;
        if (!sources.equals(wanted)) {
            wanted = sources;
            int quiet = sources.size() > MANY ? LONG_QUIET : QUIET;
            with.ifPresent(c -> thread.runLater(quiet, () -> check(c, sources)));
        }
    }

    /** Stops where they are not wanted any more. */
    private void check(Checker with, Map<String, String> sources) {
        if (isWanted(sources)) {
            try {
                Optional<List<Remark>> found = with.check(sources, () -> isWanted(sources));
                Platform.runLater(() -> found(sources, found));
            } catch (CancellationException e) {
                Platform.runLater(changed);
            }
        }
    }

    private boolean isWanted(Map<String, String> sources) {
        return sources == wanted;
    }

    private void found(Map<String, String> sources, Optional<List<Remark>> found) {
        known = Optional.of(sources);
        remarks = found.orElse(List.of());
        able = found.isPresent();
        changed.run();
    }

    boolean isSound() {
        return checker.isEmpty() || able && remarks.isEmpty();
    }

    /** What was found of the files as they are now, in a line. */
    String words() {
        return checker.map(this::words).orElse("Nothing here checks these files");
    }

    private String words(Checker with) {
        if (!able) {
            return "There is no " + with.tool() + " here";
        }
        if (!known.equals(Optional.of(wanted))) {
            return "Compiling " + wanted.size() + " files\u2026";
        }
        String files = wanted.size() + (wanted.size() == 1 ? " file" : " files") + ", " + with.tool();
        long errors = remarks.stream().filter(Remark::error).count();
        return remarks.isEmpty()
                ? files + ", no warnings"
                : files + ", " + errors + (errors == 1 ? " error" : " errors") + ", " + (remarks.size() - errors)
                        + " warnings";
    }

    List<Remark> remarks() {
        return known.equals(Optional.of(wanted)) ? remarks : List.of();
    }
}
