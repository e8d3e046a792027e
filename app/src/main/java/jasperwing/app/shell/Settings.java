package jasperwing.app.shell;

import jasperwing.storage.SafeWrite;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Properties;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** What the window remembers from one start to the next, in a folder of its own. */
public final class Settings {
    private static final Logger LOG = LoggerFactory.getLogger(Settings.class);

    private static final int MOST_RECENT = 8;

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
        String last = read("last").strip();
        return last.isEmpty() ? Optional.empty() : Optional.of(Path.of(last)).filter(Files::isRegularFile);
    }

    public void rememberLast(Path design) {
        String path = design.toAbsolutePath().toString();
        List<String> recent = new ArrayList<>(List.of(path));
        recent().stream().map(Path::toString).filter(p -> !p.equals(path)).forEach(recent::add);
        write("last", path);
        write("recent", String.join("\n", recent.subList(0, Math.min(MOST_RECENT, recent.size()))));
    }

    /** The designs opened or saved last that are still there, the latest first. */
    public List<Path> recent() {
        return read("recent")
                .lines()
                .filter(l -> !l.isBlank())
                .map(Path::of)
                .filter(Files::isRegularFile)
                .toList();
    }

    /** How the window looks, as names and values; empty before it was ever changed. */
    Properties appearance() {
        Properties properties = new Properties();
        try {
            properties.load(new StringReader(read("appearance")));
        } catch (IOException | IllegalArgumentException e) {
            LOG.warn("how the window looked cannot be read from {}", folder, e);
        }
        return properties;
    }

    void rememberAppearance(Properties properties) {
        StringBuilder text = new StringBuilder();
        new TreeMap<>(properties)
                .forEach((name, value) ->
                        text.append(name).append('=').append(value).append('\n'));
        write("appearance", text.toString());
    }

    private String read(String name) {
        Path file = folder.resolve(name);
        try {
            return Files.isRegularFile(file) ? Files.readString(file) : "";
        } catch (IOException e) {
            LOG.warn("{} cannot be read", file, e);
            return "";
        }
    }

    private void write(String name, String text) {
        try {
            SafeWrite.write(folder.resolve(name), text.getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            LOG.warn("{} cannot be written in {}", name, folder, e);
        }
    }
}
