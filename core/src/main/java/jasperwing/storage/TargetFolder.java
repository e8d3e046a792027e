package jasperwing.storage;

import jasperwing.classes.GeneratedFile;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.CRC32;

/** A folder that generated files are put into. */
public final class TargetFolder {
    private static final Pattern HEADER = Pattern.compile("// Written by Jasperwing, ([0-9a-f]{8})\\.[^\n]*\n");

    private final Path folder;

    public TargetFolder(Path folder) {
        this.folder = folder;
    }

    /** How a generated file compares with what lies in the folder. */
    public enum State {
        NEW("new"),
        SAME("same"),
        /** Written by Jasperwing before and untouched since. */
        DIFFERS("differs"),
        /** Written by Jasperwing and changed by hand since. */
        EDITED("edited by hand"),
        /** Never written by Jasperwing. */
        FOREIGN("not ours");

        private final String words;

        State(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Whether the file may be replaced only after asking. */
        public boolean needsAsking() {
            return this == EDITED || this == FOREIGN;
        }
    }

    /** A generated file, how it compares, and what lies there now (empty when nothing does). */
    public record Entry(GeneratedFile file, State state, String present) {}

    /** Compares each file with the folder; in the order given. */
    public List<Entry> compare(List<GeneratedFile> files) throws IOException {
        List<Entry> entries = new ArrayList<>();
        for (GeneratedFile file : files) {
            Path path = folder.resolve(file.path());
            String present =
                    Files.isRegularFile(path) ? new String(Files.readAllBytes(path), StandardCharsets.UTF_8) : "";
            entries.add(new Entry(file, Files.exists(path) ? state(file.text(), present) : State.NEW, present));
        }
        return entries;
    }

    private static State state(String wanted, String present) {
        if (wanted.equals(present)) {
            return State.SAME;
        }
        Matcher header = HEADER.matcher(present);
        if (!header.lookingAt()) {
            return State.FOREIGN;
        }
        CRC32 crc = new CRC32();
        crc.update(present.substring(header.end()).getBytes(StandardCharsets.UTF_8));
        return header.group(1).equals(String.format("%08x", crc.getValue())) ? State.DIFFERS : State.EDITED;
    }

    /**
     * Writes what is new or differs, and of the files that need asking those that are agreed to.
     *
     * @return the entries written, in order
     */
    public List<Entry> write(List<Entry> entries, Predicate<Entry> agreed) throws IOException {
        List<Entry> written = new ArrayList<>();
        for (Entry entry : entries) {
            boolean wanted = entry.state() != State.SAME && (!entry.state().needsAsking() || agreed.test(entry));
            if (wanted) {
                SafeWrite.write(
                        folder.resolve(entry.file().path()), entry.file().text());
                written.add(entry);
            }
        }
        return written;
    }
}
