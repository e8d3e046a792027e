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
import java.util.Optional;

/** What was written into a folder last, kept in a folder of its own in it. */
final class Memory {
    static final String FOLDER = ".jasperwing";

    private final Path own;
    private final Path file;
    private final Path next;
    private final WriteJournal journal;
    private Map<String, WrittenFile> known;
    private FileTime time;

    Memory(Path folder, String target) {
        this.own = folder.toAbsolutePath().normalize().resolve(FOLDER);
        this.file = own.resolve(target + ".written");
        this.next = own.resolve(target + ".next");
        this.journal = new WriteJournal(own.resolve(target + ".run"));
    }

    /** What a run is about to do, while it does it. */
    WriteJournal journal() {
        return journal;
    }

    /** By path, in the order written; read again only when the file is another. */
    Map<String, WrittenFile> read() throws IOException {
        checkLinks();
        if (!Files.exists(file)) {
            return Map.of();
        }
        FileTime now = Files.getLastModifiedTime(file);
        if (known == null || !now.equals(time)) {
            time = now;
            known = Collections.unmodifiableMap(read(file));
        }
        return known;
    }

    private static Map<String, WrittenFile> read(Path file) throws IOException {
        Map<String, WrittenFile> all = new LinkedHashMap<>();
        for (TextPack.Text text : TextPack.read(Files.readAllBytes(file), file.toString())) {
            String path = text.name(0);
            all.put(path, new WrittenFile(path, text.name(1), text.text()));
        }
        return all;
    }

    /** What is kept here is never kept elsewhere by a link, which somebody else may have put there. */
    private void checkLinks() throws IOException {
        for (Path each : List.of(own, file, next, journal.file())) {
            if (Files.isSymbolicLink(each)) {
                throw new UnsafePathException(
                        own.getParent().relativize(each).toString(),
                        "is a link, where Jasperwing keeps what it wrote; remove the link");
            }
        }
    }

    /** Puts what is to be remembered beside what is, on the disk. */
    void prepare(Collection<WrittenFile> all) throws IOException {
        checkLinks();
        SafeWrite.write(next, TextPack.bytes(all.stream().map(Memory::text).toList()));
    }

    /** What was {@link #prepare prepared} and not {@link #take taken} yet. */
    Optional<Map<String, WrittenFile>> prepared() throws IOException {
        checkLinks();
        return Files.exists(next) ? Optional.of(read(next)) : Optional.empty();
    }

    /** From now on what was prepared is what is remembered. */
    void take() throws IOException {
        known = null;
        SafeWrite.move(next, file);
    }

    private static TextPack.Text text(WrittenFile written) {
        return new TextPack.Text(List.of(written.path(), written.entity()), written.base());
    }
}
