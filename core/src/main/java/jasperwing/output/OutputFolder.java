package jasperwing.output;

import jasperwing.classes.GeneratedFile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A folder that the files of one target are put into. What was written last is remembered in it, so that changes by hand are told from those
 * of the design and are kept. What has been read is remembered. Not safe for
 * several threads, nor for several processes at once.
 */
public final class OutputFolder {
    private final Path folder;
    private final String target;
    private final Memory memory;
    private final FolderSnapshot presents = new FolderSnapshot();

    /** The former names of entities, as told when files were compared last. */
    private Map<String, String> renamed = Map.of();

    /** @param target the target's word; each target remembers its own files */
    public OutputFolder(Path folder, String target) {
        this.folder = folder;
        this.target = target;
        this.memory = new Memory(folder, target);
    }

    public Path folder() {
        return folder;
    }

    public String target() {
        return target;
    }

    /**
     * Compares generated files with the folder. Writes nothing: a run that was cut off is finished by {@link #write} alone.
     *
     * @param was the former names of entities by their names, for files to move with
     * @return what would become of each file: those made in the order given, then those not made any more
     * @throws UnsafePathException when a file would not lie in the folder
     */
    public List<PlannedFile> compare(List<GeneratedFile> files, Map<String, String> was) throws IOException {
        SafePaths paths = new SafePaths(folder);
        paths.check(files.stream().map(GeneratedFile::path).toList());
        this.renamed = Map.copyOf(was);
        Map<String, WrittenFile> known = memory.read();
        Set<String> made = new HashSet<>();
        files.forEach(f -> made.add(f.path()));
        List<WrittenFile> notMade =
                known.values().stream().filter(w -> !made.contains(w.path())).toList();
        List<GeneratedFile> fresh =
                files.stream().filter(f -> !known.containsKey(f.path())).toList();
        Map<String, WrittenFile> moved = FileMoves.of(notMade, fresh, was);
        List<PlannedFile> plan = new ArrayList<>();
        for (GeneratedFile file : files) {
            plan.add(planned(paths, file, known.getOrDefault(file.path(), moved.get(file.path()))));
        }
        Set<String> left = new HashSet<>();
        plan.stream().filter(PlannedFile::isMoved).forEach(p -> left.add(p.from()));
        for (WrittenFile written : notMade) {
            if (!left.contains(written.path())) {
                unneeded(paths, written).ifPresent(plan::add);
            }
        }
        return plan;
    }

    /** @param last as it was written last; null when it never was */
    private PlannedFile planned(SafePaths paths, GeneratedFile file, WrittenFile last) throws IOException {
        boolean moves = last != null && !last.path().equals(file.path());
        Present here = presents.of(paths.resolve(file.path()));
        Optional<GeneratedFile> made = Optional.of(file);
        if (last == null || moves && here.exists()) {
            FileState state = !here.exists()
                    ? FileState.NEW
                    : here.text().equals(Optional.of(file.text())) ? FileState.SAME : FileState.FOREIGN;
            return new PlannedFile(file.path(), file.path(), state, made, here.text(), Optional.empty());
        }
        Optional<String> present =
                moves ? presents.of(paths.resolve(last.path())).text() : here.text();
        Optional<MergedFile> merged = present.filter(p -> !p.equals(last.base())
                        && !p.equals(file.text())
                        && !last.base().equals(file.text()))
                .map(p -> MergedFile.of(last.base(), p, file.text()));
        FileState state = present.map(p -> state(last.base(), p, file.text(), merged))
                .orElse(here.exists() ? FileState.FOREIGN : FileState.NEW);
        String from = present.isPresent() ? last.path() : file.path();
        return new PlannedFile(file.path(), from, state, made, present, merged);
    }

    private static FileState state(String base, String present, String made, Optional<MergedFile> merged) {
        if (present.equals(made)) {
            return FileState.SAME;
        }
        if (present.equals(base)) {
            return FileState.DIFFERS;
        }
        return merged.map(m -> m.conflicts().isEmpty() ? FileState.MERGES : FileState.CONFLICT)
                .orElse(FileState.EDITED);
    }

    private Optional<PlannedFile> unneeded(SafePaths paths, WrittenFile written) throws IOException {
        Optional<String> present = presents.of(paths.resolve(written.path())).text();
        return present.map(p -> new PlannedFile(
                written.path(),
                written.path(),
                p.equals(written.base()) ? FileState.UNNEEDED : FileState.LEFT,
                Optional.empty(),
                present,
                Optional.empty()));
    }

    /**
     * Brings the folder to what was planned, all of it or nothing: a run that fails is undone, and one that is cut off is finished or undone
     * by the next. Files whose conflicts are not settled, and those that are not ours, stay.
     *
     * @param choices how conflicts are settled, by the files' paths, in the order of the conflicts
     * @return what was changed, in order
     * @throws IOException when a file was changed since it was compared, or cannot be written; then nothing has changed
     */
    public List<PlannedFile> write(List<PlannedFile> plan, Map<String, List<Optional<MergedFile.Choice>>> choices)
            throws IOException {
        Run last = new Run(new SafePaths(folder), memory);
        if (!last.isCutOff()) {
            return bring(plan, choices);
        }
        last.recover();
        List<GeneratedFile> files =
                plan.stream().flatMap(p -> p.file().stream()).toList();
        return bring(compare(files, renamed), choices);
    }

    private List<PlannedFile> bring(List<PlannedFile> plan, Map<String, List<Optional<MergedFile.Choice>>> choices)
            throws IOException {
        Map<String, WrittenFile> before = memory.read();
        Map<String, WrittenFile> after = new LinkedHashMap<>();
        List<PlannedFile> changed = new ArrayList<>();
        List<Run.Step> steps = new ArrayList<>();
        for (PlannedFile each : plan) {
            List<Optional<MergedFile.Choice>> settled = choices.getOrDefault(each.path(), List.of());
            if (each.isChanged(settled)) {
                changed.add(each);
                steps.add(new Run.Step(each.path(), each.from(), each.present(), each.result(settled)));
            }
            remembered(each, settled, before).ifPresent(w -> after.put(w.path(), w));
        }
        if (!steps.isEmpty() || !after.equals(before)) {
            new Run(new SafePaths(folder), memory).run(steps, after);
        }
        return changed;
    }

    private static Optional<WrittenFile> remembered(
            PlannedFile each, List<Optional<MergedFile.Choice>> settled, Map<String, WrittenFile> before) {
        boolean stays = each.state() == FileState.LEFT
                || each.state() == FileState.FOREIGN
                || each.state() == FileState.CONFLICT && !each.isChanged(settled);
        return stays
                ? Optional.ofNullable(before.get(each.from()))
                : each.generated().map(g -> new WrittenFile(each.path(), each.entity(), g));
    }
}
