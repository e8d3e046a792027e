package jasperwing.output;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileTime;
import java.util.HashMap;
import java.util.Map;

/** The files as they lie in the folder, of which only those are read again that have another size or time than when they were read last. */
final class FolderSnapshot {
    private final Map<Path, Seen> seen = new HashMap<>();

    private record Seen(FileTime time, long size, Present present) {}

    Present of(Path file) throws IOException {
        if (!Files.exists(file)) {
            return Present.NONE;
        }
        BasicFileAttributes now = Files.readAttributes(file, BasicFileAttributes.class);
        if (!now.isRegularFile()) {
            return Present.of(file);
        }
        Seen last = seen.get(file);
        if (last == null || last.size() != now.size() || !last.time().equals(now.lastModifiedTime())) {
            last = new Seen(now.lastModifiedTime(), now.size(), Present.of(file));
            seen.put(file, last);
        }
        return last.present();
    }
}
