package jasperwing.app.files;

import jasperwing.storage.SafeWrite;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The designs kept aside: those without a file, and those that could not be written to theirs. Each lies in a file of its own. */
final class UnsavedDesigns {
    private static final Logger LOG = LoggerFactory.getLogger(UnsavedDesigns.class);

    private final Path settings;

    /** Where they are kept: the second where nothing can be written to the first. */
    private final List<Path> folders;

    UnsavedDesigns(Path settings, Path elsewhere) {
        this.settings = settings;
        this.folders = List.of(settings, elsewhere);
    }

    /**
     * A design kept aside.
     *
     * @param origin the file it could not be written to; empty for one without a file
     * @param changed when it was written last
     */
    record Aside(Path file, Optional<Path> origin, Instant changed) {}

    /** The latest first. */
    List<Aside> all() {
        List<Aside> all = new ArrayList<>();
        folders.forEach(f -> all.addAll(in(f)));
        all.sort(Comparator.comparing(Aside::changed).reversed().thenComparing(Aside::file));
        return all;
    }

    private static List<Aside> in(Path folder) {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f -> f.getFileName().toString().matches("unsaved(-\\d+)?\\.wing"))
                    .filter(UnsavedDesigns::hasText)
                    .map(UnsavedDesigns::aside)
                    .toList();
        } catch (IOException e) {
            LOG.warn("the designs kept aside in {} cannot be listed", folder, e);
            return List.of();
        }
    }

    /** One that has none yet was begun when a window was killed, or belongs to one that is about to write it. */
    private static boolean hasText(Path file) {
        return file.toFile().length() > 0;
    }

    private static Aside aside(Path file) {
        Optional<Path> origin = Optional.empty();
        try {
            Path note = origin(file);
            if (Files.isRegularFile(note)) {
                origin = Optional.of(Path.of(Files.readString(note).strip()));
            }
        } catch (IOException | IllegalArgumentException e) {
            LOG.warn("where {} came from cannot be read", file, e);
        }
        return new Aside(file, origin, Settings.changed(file));
    }

    private static Path origin(Path aside) {
        return aside.resolveSibling(aside.getFileName() + ".origin");
    }

    /** The one to go on with: the latest no other window has. */
    Optional<Aside> latest() {
        return all().stream()
                .filter(a -> !DesignLock.isTaken(settings, a.file()))
                .findFirst();
    }

    /** A place of one's own, made at once so that no other window takes it. */
    Place place(Optional<Path> origin) throws IOException {
        IOException problem = null;
        for (Path folder : folders) {
            try {
                return place(folder, origin);
            } catch (IOException e) {
                problem = e;
            }
        }
        throw problem;
    }

    /** A file that is one window's. */
    record Place(Path file, DesignLock owner) {}

    private Place place(Path folder, Optional<Path> origin) throws IOException {
        Files.createDirectories(folder);
        for (int i = 1; ; i++) {
            Path file = folder.resolve(i == 1 ? "unsaved.wing" : "unsaved-" + i + ".wing");
            Optional<DesignLock> owner = hasText(file) ? Optional.empty() : DesignLock.take(settings, file);
            if (owner.isPresent()) {
                try {
                    if (!Files.exists(file)) {
                        Files.createFile(file);
                    }
                    if (origin.isPresent()) {
                        SafeWrite.write(origin(file), origin.get().toString());
                    }
                    return new Place(file, owner.get());
                } catch (IOException e) {
                    owner.get().close();
                    throw e;
                }
            }
        }
    }

    /** Takes one over; empty when another window has it. */
    Optional<Place> take(Path file) {
        return DesignLock.take(settings, file).map(o -> new Place(file, o));
    }

    /** Removes one that is saved elsewhere now, or is not wanted any more. */
    void remove(Path file) {
        try {
            Files.deleteIfExists(file);
            Files.deleteIfExists(origin(file));
        } catch (IOException e) {
            LOG.warn("{} cannot be removed", file, e);
        }
    }
}
