package jasperwing.output;

import jasperwing.storage.SafeWrite;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.CRC32;

/** What a run is about to do, forced to the disk before it begins, so that one that was cut off can be finished. */
final class WriteJournal {
    private static final String OWN = "becomes";
    private static final String AS_MADE = "as made";
    private static final String GOES = "goes";

    private final Path file;

    WriteJournal(Path file) {
        this.file = file;
    }

    /**
     * A step as it was written down.
     *
     * @param mark of the text before; empty when there was no file
     * @param after what the file becomes; empty when it goes
     */
    record Entry(String path, String from, String mark, Optional<String> after) {}

    Path file() {
        return file;
    }

    boolean exists() {
        return Files.exists(file);
    }

    void delete() throws IOException {
        Files.deleteIfExists(file);
    }

    /** @param next what is remembered after the run; texts that are in it are not written twice */
    void write(List<Run.Step> steps, Map<String, WrittenFile> next) throws IOException {
        List<TextPack.Text> texts = new ArrayList<>();
        for (Run.Step step : steps) {
            Optional<String> asMade = Optional.ofNullable(next.get(step.path())).map(WrittenFile::base);
            boolean same = step.after().isPresent() && step.after().equals(asMade);
            String way = same ? AS_MADE : step.after().isPresent() ? OWN : GOES;
            String mark = step.before().map(WriteJournal::mark).orElse("");
            texts.add(new TextPack.Text(
                    List.of(step.path(), step.from(), way, mark),
                    same ? "" : step.after().orElse("")));
        }
        SafeWrite.write(file, TextPack.bytes(texts));
    }

    List<Entry> read(Map<String, WrittenFile> next) throws IOException {
        List<Entry> entries = new ArrayList<>();
        for (TextPack.Text text : TextPack.read(Files.readAllBytes(file), file.toString())) {
            String path = text.name(0);
            Optional<String> after =
                    switch (text.name(2)) {
                        case AS_MADE -> Optional.ofNullable(next.get(path)).map(WrittenFile::base);
                        case OWN -> Optional.of(text.text());
                        default -> Optional.empty();
                    };
            entries.add(new Entry(path, text.name(1), text.name(3), after));
        }
        return entries;
    }

    /** Tells whether a file is still as it was. */
    static String mark(String text) {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        CRC32 crc = new CRC32();
        crc.update(bytes);
        return bytes.length + "-" + Long.toHexString(crc.getValue());
    }
}
