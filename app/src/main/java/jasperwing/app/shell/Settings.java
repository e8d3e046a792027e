package jasperwing.app.shell;

import jasperwing.storage.SafeWrite;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
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

    /** Where a design that has no file yet is kept, so that it is not lost. */
    public Path unsaved() {
        return folder.resolve("unsaved.wing");
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
