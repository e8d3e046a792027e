package jasperwing.output;

import static java.nio.charset.StandardCharsets.UTF_8;

import jasperwing.storage.SafeWrite;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.zip.CRC32;

/**
 * Changes several files, all or none. What is about to be done is first written to a journal and forced to the disk; a run that fails is undone
 * at once, and one that was cut off is done again from the journal, but for files that were changed since.
 */
final class Run {
    private static final String STEP = "step";
    private static final String WRITTEN = "written";

    private final SafePaths paths;
    private final Memory memory;
    private final Set<Path> made = new HashSet<>();

    Run(SafePaths paths, Memory memory) {
        this.paths = paths;
        this.memory = memory;
    }

    /**
     * A change of one file.
     *
     * @param from where it lies now
     * @param before what it is now; empty when there is none
     * @param after what it becomes; empty when it goes
     */
    record Step(String path, String from, Optional<String> before, Optional<String> after) {}

    /** A file as it was, to undo what was done to it. */
    private record Undo(Path file, Optional<byte[]> bytes) {}

    void run(List<Step> steps, Map<String, Written> after) throws IOException {
        for (Step step : steps) {
            if (isOther(step)) {
                throw new IOException("'" + step.from() + "' was changed meanwhile; nothing was written. Look again");
            }
        }
        SafeWrite.write(memory.journal(), TextPack.bytes(journal(steps, after)));
        Deque<Undo> done = new ArrayDeque<>();
        try {
            for (Step step : steps) {
                apply(step, done);
            }
            memory.write(after.values());
        } catch (IOException e) {
            undo(done, e);
            Files.deleteIfExists(memory.journal());
            throw e;
        }
        Files.deleteIfExists(memory.journal());
    }

    /** Whether a file is another than when it was compared, or one has come to lie where there was none. */
    private boolean isOther(Step step) throws IOException {
        Path from = paths.resolve(step.from());
        Path to = paths.resolve(step.path());
        Present present = Present.of(from);
        boolean taken = !to.equals(from) && Files.exists(to) && !isSame(from, to);
        return taken || !present.text().equals(step.before()) || step.before().isEmpty() && present.exists();
    }

    private void apply(Step step, Deque<Undo> done) throws IOException {
        Path from = paths.resolve(step.from());
        Path to = paths.resolve(step.path());
        Present present = Present.of(from);
        if (step.after().isPresent()) {
            done.push(undo(to));
            put(to, present.asHere(step.after().get()).getBytes(UTF_8));
        }
        if (step.after().isEmpty() || !to.equals(from) && !isSame(from, to)) {
            done.push(undo(from));
            Files.deleteIfExists(from);
            paths.removeEmptyAbove(from);
        }
    }

    /** A new file is written where it is to be: when that is cut off, the journal tells what it begins with. */
    private void put(Path file, byte[] bytes) throws IOException {
        if (Files.exists(file)) {
            SafeWrite.replace(file, bytes);
            return;
        }
        if (made.add(file.getParent())) {
            Files.createDirectories(file.getParent());
        }
        Files.write(file, bytes);
    }

    /** Whether two names are one file, as they are where capitals make no difference. */
    private static boolean isSame(Path from, Path to) throws IOException {
        return Files.exists(from) && Files.exists(to) && Files.isSameFile(from, to);
    }

    private static Undo undo(Path file) throws IOException {
        return new Undo(file, Files.exists(file) ? Optional.of(Files.readAllBytes(file)) : Optional.empty());
    }

    private void undo(Deque<Undo> done, IOException cause) {
        while (!done.isEmpty()) {
            Undo undo = done.pop();
            try {
                if (undo.bytes().isPresent()) {
                    SafeWrite.replace(undo.file(), undo.bytes().get());
                } else {
                    Files.deleteIfExists(undo.file());
                    paths.removeEmptyAbove(undo.file());
                }
            } catch (IOException e) {
                cause.addSuppressed(e);
            }
        }
    }

    /** Finishes a run that was cut off; before its journal was whole, it had not begun. */
    void recover() throws IOException {
        if (!Files.exists(memory.journal())) {
            return;
        }
        Map<String, Written> after = new LinkedHashMap<>();
        for (TextPack.Text text : TextPack.read(
                Files.readAllBytes(memory.journal()), memory.journal().toString())) {
            List<String> names = text.names();
            if (names.get(0).equals(WRITTEN)) {
                after.put(names.get(1), new Written(names.get(1), names.get(2), text.text()));
            } else {
                resume(names, text.text());
            }
        }
        memory.write(after.values());
        Files.deleteIfExists(memory.journal());
    }

    private void resume(List<String> names, String text) throws IOException {
        Optional<String> after = names.get(3).equals("goes") ? Optional.empty() : Optional.of(text);
        Present present = Present.of(paths.resolve(names.get(2)));
        String before = present.text().map(Run::mark).orElse("");
        boolean cutOff = names.get(4).isEmpty()
                && present.text().filter(p -> text.startsWith(p)).isPresent();
        if (before.equals(names.get(4)) || cutOff) {
            apply(new Step(names.get(1), names.get(2), present.text(), after), new ArrayDeque<>());
        }
    }

    private static List<TextPack.Text> journal(List<Step> steps, Map<String, Written> after) {
        List<TextPack.Text> texts = new ArrayList<>();
        for (Step step : steps) {
            String way = step.after().isPresent() ? "stays" : "goes";
            String mark = step.before().map(Run::mark).orElse("");
            texts.add(new TextPack.Text(
                    List.of(STEP, step.path(), step.from(), way, mark),
                    step.after().orElse("")));
        }
        after.values().forEach(w -> texts.add(new TextPack.Text(List.of(WRITTEN, w.path(), w.entity()), w.base())));
        return texts;
    }

    /** Tells whether a file is still as it was. */
    static String mark(String text) {
        byte[] bytes = text.getBytes(UTF_8);
        CRC32 crc = new CRC32();
        crc.update(bytes);
        return bytes.length + "-" + Long.toHexString(crc.getValue());
    }
}
