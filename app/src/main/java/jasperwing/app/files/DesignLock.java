package jasperwing.app.files;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The right of one window to write one design. It is a lock on a file in a folder of locks, which the system releases when the process ends,
 * however it ends; the file names the process.
 */
final class DesignLock implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(DesignLock.class);

    private static final String FOLDER = "locks";

    /** Locked is a place behind the text, so that others can read who it is. */
    private static final long PLACE = 1_000;

    private final Optional<FileChannel> channel;

    private DesignLock(Optional<FileChannel> channel) {
        this.channel = channel;
    }

    /** Takes a design; empty when another window has it. Where no lock can be had, as in a home that is read-only, it is taken without one. */
    static Optional<DesignLock> take(Path settings, Path design) {
        try {
            Files.createDirectories(settings.resolve(FOLDER));
            FileChannel channel = FileChannel.open(
                    lock(settings, design),
                    StandardOpenOption.CREATE,
                    StandardOpenOption.WRITE,
                    StandardOpenOption.READ);
            if (!isLocked(channel)) {
                channel.close();
                return Optional.empty();
            }
            channel.truncate(0);
            channel.write(
                    ByteBuffer.wrap(("process " + ProcessHandle.current().pid()).getBytes(StandardCharsets.UTF_8)));
            return Optional.of(new DesignLock(Optional.of(channel)));
        } catch (IOException e) {
            LOG.warn("{} cannot be locked", design, e);
            return Optional.of(new DesignLock(Optional.empty()));
        }
    }

    private static boolean isLocked(FileChannel channel) throws IOException {
        try {
            FileLock lock = channel.tryLock(PLACE, 1, false);
            return lock != null;
        } catch (OverlappingFileLockException e) {
            return false;
        }
    }

    /** Whether another window has a design. */
    static boolean isTaken(Path settings, Path design) {
        Optional<DesignLock> free = take(settings, design);
        free.ifPresent(DesignLock::close);
        return free.isEmpty();
    }

    /** Who has a design, in words. */
    static String who(Path settings, Path design) {
        try {
            String name = Files.readString(lock(settings, design)).strip();
            boolean here = name.equals("process " + ProcessHandle.current().pid());
            return here ? "another window" : "another Jasperwing window (" + name + ")";
        } catch (IOException e) {
            return "another window";
        }
    }

    /** Links to one file are one design. */
    private static Path lock(Path settings, Path design) {
        Path real = design.toAbsolutePath().normalize();
        try {
            real = design.toRealPath();
        } catch (IOException e) {
            LOG.debug("{} is not there yet", design);
        }
        UUID name = UUID.nameUUIDFromBytes(real.toString().getBytes(StandardCharsets.UTF_8));
        return settings.resolve(FOLDER).resolve(name + ".lock");
    }

    @Override
    public void close() {
        try {
            if (channel.isPresent()) {
                channel.get().close();
            }
        } catch (IOException e) {
            LOG.warn("a lock cannot be released", e);
        }
    }
}
