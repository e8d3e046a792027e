package jasperwing.app.files;

import jasperwing.app.workspace.Appearance;
import jasperwing.storage.SafeWrite;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Properties;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** What the window remembers from one start to the next, in a folder of its own. */
public final class Settings implements Appearance.Store {
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

    /** The designs kept aside; where this folder cannot be written to, in one for temporary files. */
    UnsavedDesigns asides() {
        String user = System.getProperty("user.name", "user");
        return new UnsavedDesigns(folder, Path.of(System.getProperty("java.io.tmpdir"), "jasperwing-" + user));
    }

    /** The design kept aside that was worked on last and is not open in another window. */
    public Optional<Path> lastAside() {
        return asides().latest().map(UnsavedDesigns.Aside::file);
    }

    /** Whether another window has a design. */
    public boolean isOpenElsewhere(Path design) {
        return DesignLock.isTaken(folder, design);
    }

    /** Takes a design for one window; empty when another one has it. */
    Optional<DesignLock> own(Path design) {
        return DesignLock.take(folder, design);
    }

    /** Which window has a design, in words. */
    String owner(Path design) {
        return DesignLock.who(folder, design);
    }

    /** When a file was changed last. */
    public static Instant changed(Path file) {
        return DesignSaver.stamp(file).map(FileTime::toInstant).orElse(Instant.EPOCH);
    }

    public Optional<Path> lastDesign() {
        return paths("last").findFirst();
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
        return paths("recent").toList();
    }

    /** The files a list names that are there; lines that name no file are passed over. */
    private Stream<Path> paths(String list) {
        return read(list).lines().map(String::strip).filter(l -> !l.isEmpty()).flatMap(l -> {
            try {
                return Stream.of(Path.of(l)).filter(Files::isRegularFile);
            } catch (InvalidPathException e) {
                return Stream.empty();
            }
        });
    }

    @Override
    public Properties appearance() {
        Properties properties = new Properties();
        try {
            properties.load(new StringReader(read("appearance")));
        } catch (IOException | IllegalArgumentException e) {
            LOG.warn("how the window looked cannot be read from {}", folder, e);
        }
        return properties;
    }

    @Override
    public void rememberAppearance(Properties properties) {
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
