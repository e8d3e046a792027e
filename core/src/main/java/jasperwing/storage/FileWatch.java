package jasperwing.storage;

import static java.nio.file.StandardWatchEventKinds.ENTRY_CREATE;
import static java.nio.file.StandardWatchEventKinds.ENTRY_MODIFY;

import java.io.IOException;
import java.nio.file.ClosedWatchServiceException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.WatchKey;
import java.nio.file.WatchService;
import java.util.Arrays;

/** Waits for a file to be changed by someone else. */
public final class FileWatch implements AutoCloseable {
    private final Path file;
    private final WatchService service;
    private byte[] last;

    private FileWatch(Path file, WatchService service) throws IOException {
        this.file = file;
        this.service = service;
        this.last = bytes();
    }

    /** Watches from now on. */
    public static FileWatch of(Path file) throws IOException {
        Path absolute = file.toAbsolutePath();
        WatchService service = absolute.getFileSystem().newWatchService();
        absolute.getParent().register(service, ENTRY_CREATE, ENTRY_MODIFY);
        return new FileWatch(absolute, service);
    }

    /**
     * Waits until the file says something else than when it was looked at last.
     *
     * @return false when the thread was interrupted, which it then still is, or the watch was closed
     */
    public boolean await() throws IOException {
        try {
            while (true) {
                byte[] now = bytes();
                if (now.length > 0 && !Arrays.equals(now, last)) {
                    last = now;
                    return true;
                }
                WatchKey key = service.take();
                key.pollEvents();
                key.reset();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        } catch (ClosedWatchServiceException e) {
            return false;
        }
    }

    private byte[] bytes() throws IOException {
        return Files.exists(file) ? Files.readAllBytes(file) : new byte[0];
    }

    @Override
    public void close() throws IOException {
        service.close();
    }
}
