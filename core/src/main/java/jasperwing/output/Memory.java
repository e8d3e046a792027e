package jasperwing.output;

import jasperwing.storage.SafeWrite;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What was written into a folder last, kept in a folder of its own in it. */
final class Memory {
    static final String FOLDER = ".jasperwing";

    private final Path file;
    private final Path journal;
    private Map<String, Written> known;
    private FileTime time;

    Memory(Path folder, String target) {
        Path own = folder.toAbsolutePath().normalize().resolve(FOLDER);
        this.file = own.resolve(target + ".written");
        this.journal = own.resolve(target + ".run");
    }

    /** What a run is about to do, while it does it. */
    Path journal() {
        return journal;
    }

    /** By path, in the order written; read again only when the file is another. */
    Map<String, Written> read() throws IOException {
        Map<String, Written> all = new LinkedHashMap<>();
        if (Files.exists(file)) {
            FileTime now = Files.getLastModifiedTime(file);
            if (known != null && now.equals(time)) {
                return known;
            }
            time = now;
            for (TextPack.Text text : TextPack.read(Files.readAllBytes(file), file.toString())) {
                all.put(
                        text.names().get(0),
                        new Written(text.names().get(0), text.names().get(1), text.text()));
            }
            known = Collections.unmodifiableMap(all);
        }
        return all;
    }

    void write(Collection<Written> all) throws IOException {
        known = null;
        SafeWrite.write(file, TextPack.bytes(all.stream().map(Memory::text).toList()));
    }

    private static TextPack.Text text(Written written) {
        return new TextPack.Text(List.of(written.path(), written.entity()), written.base());
    }
}
