package jasperwing.app.files;

import jasperwing.model.Design;
import jasperwing.storage.DesignFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/** Writes designs one after the other, away from the window's thread. A later save never loses to an earlier one. */
final class DesignSaver {
    private final ExecutorService thread = Executors.newSingleThreadExecutor(r -> {
        Thread writing = new Thread(r, "saving");
        writing.setDaemon(true);
        return writing;
    });

    /** A save that was done, and the time the file then bore. */
    record Saved(Path file, Design design, Optional<FileTime> stamp) {}

    /** Saves when all saves asked for before are done; fails with the {@link IOException} as cause. When it is closed it saves at once. */
    CompletableFuture<Saved> save(Path file, Design design) {
        Executor where = thread.isShutdown() ? Runnable::run : thread;
        return CompletableFuture.supplyAsync(
                () -> {
                    try {
                        DesignFile.save(file, design);
                        return new Saved(file, design, stamp(file));
                    } catch (IOException e) {
                        throw new CompletionException(e);
                    }
                },
                where);
    }

    /** Ends when what was asked for is saved. */
    void close() {
        thread.shutdown();
    }

    /** When the file was last changed; empty when it is not there or cannot be asked. */
    static Optional<FileTime> stamp(Path file) {
        try {
            return Files.exists(file) ? Optional.of(Files.getLastModifiedTime(file)) : Optional.empty();
        } catch (IOException e) {
            return Optional.empty();
        }
    }
}
