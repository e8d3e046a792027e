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
    public List<Planned> compare(List<GeneratedFile> files, Map<String, String> was) throws IOException {
        SafePaths paths = new SafePaths(folder);
        paths.check(files.stream().map(GeneratedFile::path).toList());
        this.renamed = Map.copyOf(was);
        Map<String, Written> known = memory.read();
        Set<String> made = new HashSet<>();
        files.forEach(f -> made.add(f.path()));
        List<Written> notMade =
                known.values().stream().filter(w -> !made.contains(w.path())).toList();
        List<GeneratedFile> fresh =
                files.stream().filter(f -> !known.containsKey(f.path())).toList();
        Map<String, Written> moved = Relocations.of(notMade, fresh, was);
        List<Planned> plan = new ArrayList<>();
        for (GeneratedFile file : files) {
            plan.add(planned(paths, file, known.getOrDefault(file.path(), moved.get(file.path()))));
        }
        Set<String> left = new HashSet<>();
        plan.stream().filter(Planned::isMoved).forEach(p -> left.add(p.from()));
        for (Written written : notMade) {
            if (!left.contains(written.path())) {
                unneeded(paths, written).ifPresent(plan::add);
            }
        }
        return plan;
    }

    /** @param last as it was written last; null when it never was */
    private Planned planned(SafePaths paths, GeneratedFile file, Written last) throws IOException {
        boolean moves = last != null && !last.path().equals(file.path());
        Present here = presents.of(paths.resolve(file.path()));
        Optional<GeneratedFile> made = Optional.of(file);
        if (last == null || moves && here.exists()) {
            State state = !here.exists()
                    ? State.NEW
                    : here.text().equals(Optional.of(file.text())) ? State.SAME : State.FOREIGN;
            return new Planned(file.path(), file.path(), state, made, here.text(), Optional.empty());
        }
        Optional<String> present =
                moves ? presents.of(paths.resolve(last.path())).text() : here.text();
        Optional<Merged> merged = present.filter(p -> !p.equals(last.base())
                        && !p.equals(file.text())
                        && !last.base().equals(file.text()))
                .map(p -> Merged.of(last.base(), p, file.text()));
        State state = present.map(p -> state(last.base(), p, file.text(), merged))
                .orElse(here.exists() ? State.FOREIGN : State.NEW);
        String from = present.isPresent() ? last.path() : file.path();
        return new Planned(file.path(), from, state, made, present, merged);
    }

    private static State state(String base, String present, String made, Optional<Merged> merged) {
        if (present.equals(made)) {
            return State.SAME;
        }
        if (present.equals(base)) {
            return State.DIFFERS;
        }
        return merged.map(m -> m.conflicts().isEmpty() ? State.MERGES : State.CONFLICT)
                .orElse(State.EDITED);
    }

    private Optional<Planned> unneeded(SafePaths paths, Written written) throws IOException {
        Optional<String> present = presents.of(paths.resolve(written.path())).text();
        return present.map(p -> new Planned(
                written.path(),
                written.path(),
                p.equals(written.base()) ? State.UNNEEDED : State.LEFT,
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
    public List<Planned> write(List<Planned> plan, Map<String, List<Optional<Merged.Choice>>> choices)
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

    private List<Planned> bring(List<Planned> plan, Map<String, List<Optional<Merged.Choice>>> choices)
            throws IOException {
        Map<String, Written> before = memory.read();
        Map<String, Written> after = new LinkedHashMap<>();
        List<Planned> changed = new ArrayList<>();
        List<Run.Step> steps = new ArrayList<>();
        for (Planned each : plan) {
            List<Optional<Merged.Choice>> settled = choices.getOrDefault(each.path(), List.of());
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

    private static Optional<Written> remembered(
            Planned each, List<Optional<Merged.Choice>> settled, Map<String, Written> before) {
        boolean stays = each.state() == State.LEFT
                || each.state() == State.FOREIGN
                || each.state() == State.CONFLICT && !each.isChanged(settled);
        return stays
                ? Optional.ofNullable(before.get(each.from()))
                : each.generated().map(g -> new Written(each.path(), each.entity(), g));
    }
}
