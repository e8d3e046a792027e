package jasperwing.app.shell;

import jasperwing.storage.SafeWrite;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** What the window remembers from one start to the next, in a folder of its own. */
public final class Settings {
    private static final Logger LOG = LoggerFactory.getLogger(Settings.class);

    private final Path folder;

    /** @param folder where to keep it; made when first written to */
    public Settings(Path folder) {
        this.folder = folder;
    }

    /** The folder named by the system property {@code jasperwing.home}, else {@code .jasperwing} in the user's home. */
    public static Settings standard() {
        String home = System.getProperty("jasperwing.home");
        return new Settings(home != null ? Path.of(home) : Path.of(System.getProperty("user.home"), ".jasperwing"));
    }

    /** A file that is not there yet, for a design that has none of its own. */
    public Path freePlaceAside() {
        Path file = folder.resolve("unsaved.wing");
        for (int i = 2; Files.exists(file); i++) {
            file = folder.resolve("unsaved-" + i + ".wing");
        }
        return file;
    }

    /** The design without a file of its own that was worked on last. */
    public Optional<Path> lastAside() {
        if (!Files.isDirectory(folder)) {
            return Optional.empty();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f -> f.getFileName().toString().matches("unsaved(-\\d+)?\\.wing"))
                    .max(Comparator.comparing(Settings::changed).thenComparing(Comparator.naturalOrder()));
        } catch (IOException e) {
            LOG.warn("what was kept aside cannot be listed in {}", folder, e);
            return Optional.empty();
        }
    }

    /** When a file was changed last. */
    public static Instant changed(Path file) {
        return Saver.stamp(file).map(FileTime::toInstant).orElse(Instant.EPOCH);
    }

    /** Removes what was kept aside and is saved elsewhere now. */
    void forget(Path kept) {
        try {
            Files.deleteIfExists(kept);
        } catch (IOException e) {
            LOG.warn("what was kept aside cannot be removed from {}", kept, e);
        }
    }

    public Optional<Path> lastDesign() {
        Path file = folder.resolve("last");
        try {
            return Files.isRegularFile(file)
                    ? Optional.of(Path.of(Files.readString(file).strip())).filter(Files::isRegularFile)
                    : Optional.empty();
        } catch (IOException e) {
            LOG.warn("what was open last cannot be read from {}", file, e);
            return Optional.empty();
        }
    }

    public void rememberLast(Path design) {
        try {
            SafeWrite.write(
                    folder.resolve("last"), design.toAbsolutePath().toString().getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            LOG.warn("what is open cannot be remembered in {}", folder, e);
        }
    }
}
