package jasperwing.output;

import static java.nio.charset.StandardCharsets.UTF_8;

import jasperwing.storage.SafeWrite;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Changes several files, all or none. What is to be remembered after it, and then what is about to be done, is first forced to the disk; a run that
 * fails is undone at once, and one that was cut off is done again, but for files that were changed since.
 */
final class Run {
    private final SafePaths paths;
    private final Memory memory;
    private final WriteJournal journal;
    private final Set<Path> made = new HashSet<>();

    Run(SafePaths paths, Memory memory) {
        this.paths = paths;
        this.memory = memory;
        this.journal = memory.journal();
    }

    /**
     * A change of one file.
     *
     * @param from where it lies now
     * @param before what it is now; empty when there is none
     * @param after what it becomes; empty when it goes
     */
    record Step(String path, String from, Optional<String> before, Optional<String> after) {
        private boolean isNew() {
            return before.isEmpty() && after.isPresent() && path.equals(from);
        }
    }

    /** A file as it was, to undo what was done to it. */
    private record Undo(Path file, Optional<byte[]> bytes) {}

    void run(List<Step> steps, Map<String, WrittenFile> after) throws IOException {
        for (Step step : steps) {
            if (isOther(step)) {
                throw new IOException("'" + step.from() + "' was changed meanwhile; nothing was written. Look again");
            }
        }
        memory.prepare(after.values());
        journal.write(steps, after);
        Deque<Undo> done = new ArrayDeque<>();
        try {
            for (Step step : steps) {
                apply(step, done);
            }
            memory.take();
        } catch (IOException e) {
            undo(done, e);
            journal.delete();
            throw e;
        }
        journal.delete();
    }

    /** Whether a file is another than when it was compared, or one has come to lie where there was none. */
    private boolean isOther(Step step) throws IOException {
        Path from = paths.resolve(step.from());
        if (step.isNew()) {
            return Files.exists(from, LinkOption.NOFOLLOW_LINKS);
        }
        Path to = paths.resolve(step.path());
        Present present = Present.of(from);
        boolean taken = !to.equals(from) && Files.exists(to) && !isSame(from, to);
        return taken || !present.text().equals(step.before()) || step.before().isEmpty() && present.exists();
    }

    private void apply(Step step, Deque<Undo> done) throws IOException {
        Path from = paths.resolve(step.from());
        if (step.isNew()) {
            create(from, step.after().get(), done);
            return;
        }
        Path to = paths.resolve(step.path());
        Present present = Present.of(from);
        if (step.after().isPresent()) {
            put(to, present.asHere(step.after().get()), done);
        }
        if (step.after().isEmpty() || !to.equals(from) && !isSame(from, to)) {
            done.push(undo(from));
            Files.deleteIfExists(from);
            paths.removeEmptyAbove(from);
        }
    }

    private void put(Path file, String text, Deque<Undo> done) throws IOException {
        if (Files.exists(file)) {
            done.push(undo(file));
            SafeWrite.replace(file, text.getBytes(UTF_8));
        } else {
            create(file, text, done);
        }
    }

    /** A new file is written where it is to be: when that is cut off, it is known what it begins with. One that is there is another's. */
    private void create(Path file, String text, Deque<Undo> done) throws IOException {
        if (made.add(file.getParent())) {
            Files.createDirectories(file.getParent());
        }
        try (OutputStream out = Files.newOutputStream(file, StandardOpenOption.CREATE_NEW)) {
            done.push(new Undo(file, Optional.empty()));
            out.write(text.getBytes(UTF_8));
        }
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

    /** Whether a run was cut off, so that {@link #recover} has something to do. */
    boolean isCutOff() {
        return journal.exists();
    }

    /** Finishes a run that was cut off; before its journal was whole, it had not begun. */
    void recover() throws IOException {
        if (!journal.exists()) {
            return;
        }
        Optional<Map<String, WrittenFile>> next = memory.prepared();
        if (next.isPresent()) {
            List<WriteJournal.Entry> entries = journal.read(next.get());
            check(entries);
            for (WriteJournal.Entry entry : entries) {
                resume(entry);
            }
            memory.take();
        }
        journal.delete();
    }

    /** The list may be somebody else's: nothing of it is done where one path is not allowed. */
    private void check(List<WriteJournal.Entry> entries) throws IOException {
        for (WriteJournal.Entry entry : entries) {
            try {
                paths.resolve(entry.from());
                paths.resolve(entry.path());
            } catch (UnsafePathException e) {
                throw new IOException(
                        journal.file() + " lists a file it must not: " + e.getMessage()
                                + ". Jasperwing does not write such a list; remove it",
                        e);
            }
        }
    }

    private void resume(WriteJournal.Entry entry) throws IOException {
        Path from = paths.resolve(entry.from());
        SafeWrite.cleanBeside(from);
        Optional<String> present = Present.of(from).text();
        boolean cutOff = entry.mark().isEmpty()
                && present.isPresent()
                && entry.after().filter(a -> a.startsWith(present.get())).isPresent();
        if (cutOff) {
            SafeWrite.replace(from, entry.after().get().getBytes(UTF_8));
        } else if (present.map(WriteJournal::mark).orElse("").equals(entry.mark())) {
            apply(new Step(entry.path(), entry.from(), present, entry.after()), new ArrayDeque<>());
        }
    }
}
