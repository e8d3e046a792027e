package jasperwing.app.classes;

import jasperwing.app.workspace.Background;
import jasperwing.app.workspace.Workspace;
import jasperwing.classes.GeneratedFile;
import jasperwing.classes.targets.ClassCache;
import jasperwing.classes.targets.Target;
import jasperwing.classes.targets.Targets;
import jasperwing.classes.template.TemplateProblemException;
import jasperwing.model.Design;
import jasperwing.output.FileState;
import jasperwing.output.MergedFile;
import jasperwing.output.MergedFile.Choice;
import jasperwing.output.OutputFolder;
import jasperwing.output.PlannedFile;
import java.io.IOException;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.util.Duration;

/** What would become of the files of a folder, found out and brought about in another thread. Confined to the window's thread. */
final class FilePlan {
    private final Workspace workspace;
    private final Runnable changed;
    private final Map<String, List<Optional<Choice>>> choices = new HashMap<>();
    private final Background.Worker thread;
    private final PauseTransition forgetting = new PauseTransition(Duration.millis(700));
    /** Confined to the other thread. */
    private ClassCache memory = new ClassCache();

    private String target = Targets.usual().word();
    private Optional<OutputFolder> output = Optional.empty();
    private String folder = "";
    private Look look = new Look(Design.named(""), "", Optional.empty(), List.of(), "");
    private String done = "";
    private int asked;
    private int found;

    /** Whether what is being found out is to be written then. */
    private boolean writes;

    /**
     * What was found out.
     *
     * @param read the target; empty when it cannot be read
     * @param problem what kept it from being compared with the folder; empty when nothing did
     */
    private record Look(Design design, String target, Optional<Target> read, List<PlannedFile> files, String problem) {}

    /** @param changed called when something else is to be seen */
    FilePlan(Workspace workspace, Runnable changed) {
        this.workspace = workspace;
        this.changed = changed;
        this.forgetting.setOnFinished(e -> forget());
        this.thread = workspace.background().worker("making classes");
    }

    /** Looks at another target, or at another folder. */
    void of(String wanted, String text) {
        if (!wanted.equals(target) || !text.equals(folder)) {
            target = wanted;
            folder = text;
            choices.clear();
            done = "";
            changed.run();
            refresh();
            forgetting.playFromStart();
        }
    }

    /** Files of another target are not shown under the name of one whose files are long in coming. */
    private void forget() {
        if (!look.target().equals(target)) {
            look = new Look(look.design(), target, Optional.empty(), List.of(), "");
            changed.run();
        }
    }

    boolean hasFolder() {
        return !folder.isEmpty();
    }

    /** Whether there is a folder to write to. */
    boolean canWrite() {
        return hasFolder() && problem().isEmpty();
    }

    /** The design the files are made of. */
    Design design() {
        return look.design();
    }

    /** The target the files are of. */
    String target() {
        return look.target();
    }

    /** That target; empty when it cannot be read. */
    Optional<Target> read() {
        return look.read();
    }

    List<PlannedFile> files() {
        return look.files();
    }

    String problem() {
        return look.problem();
    }

    /** What was written last, in words; empty when nothing was. */
    String done() {
        return done;
    }

    List<Optional<Choice>> choices(PlannedFile planned) {
        return choices.getOrDefault(planned.path(), List.of());
    }

    void choose(PlannedFile planned, int conflict, Choice choice) {
        List<Optional<Choice>> all = new ArrayList<>(choices(planned));
        while (all.size() < planned.conflicts().size()) {
            all.add(Optional.empty());
        }
        all.set(conflict, Optional.of(choice));
        choices.put(planned.path(), Collections.unmodifiableList(all));
        changed.run();
    }

    /** Takes the choices for a file back. */
    void unsettle(PlannedFile planned) {
        choices.remove(planned.path());
        changed.run();
    }

    /** How many files writing would change. */
    long toWrite() {
        return files().stream().filter(f -> f.isChanged(choices(f))).count();
    }

    /** How many places, changed by hand and by the design, are not settled yet. */
    long unsettled() {
        return files().stream()
                .mapToLong(f -> f.conflicts().size()
                        - choices(f).stream().filter(Optional::isPresent).count())
                .sum();
    }

    /** How many files wait for something: to be written or to be settled. */
    long waiting() {
        return hasFolder()
                ? files().stream()
                        .filter(f -> f.isChanged(choices(f)) || f.state() == FileState.CONFLICT)
                        .count()
                : 0;
    }

    void refresh() {
        Design design = workspace.design();
        String wanted = target;
        Optional<Path> from = workspace.path().get().map(Path::getParent);
        Optional<OutputFolder> into = output();
        int number = ++asked;
        thread.run(() -> {
            Look found = look(design, wanted, from, into);
            Platform.runLater(() -> found(number, found));
        });
    }

    private void found(int number, Look now) {
        if (number == asked) {
            found = number;
            keepChoices(now);
            look = now;
            changed.run();
            if (writes) {
                writes = false;
                write();
            }
        }
    }

    /** A choice stands for as long as what it settles is the same. */
    private void keepChoices(Look now) {
        choices.keySet().removeIf(path -> !merged(look, path).equals(merged(now, path)));
    }

    private static Optional<MergedFile> merged(Look look, String path) {
        return look.files().stream()
                .filter(f -> f.path().equals(path))
                .findFirst()
                .flatMap(PlannedFile::merged);
    }

    /** The folder, the same as long as it and the target are: it remembers what it has read. */
    private Optional<OutputFolder> output() {
        try {
            Path path = fromDesign(Path.of(folder)).toAbsolutePath();
            String word = Targets.remembered(target);
            boolean same = output.filter(
                            o -> o.folder().equals(path) && o.target().equals(word))
                    .isPresent();
            if (!same) {
                output = Optional.of(new OutputFolder(path, word));
            }
        } catch (InvalidPathException e) {
            output = Optional.empty();
        }
        return folder.isEmpty() ? Optional.empty() : output;
    }

    /** What is no absolute path is meant from the folder of the design's file. */
    private Path fromDesign(Path path) {
        return workspace.path().get().map(p -> p.resolveSibling(path)).orElse(path);
    }

    /** @param from where templates are looked for */
    private Look look(Design design, String wanted, Optional<Path> from, Optional<OutputFolder> into) {
        Optional<Target> read = Optional.empty();
        List<GeneratedFile> files;
        try {
            Target chosen = Targets.of(wanted, from);
            read = Optional.of(chosen);
            files = chosen.isOurs() ? remembering(chosen, design) : chosen.generate(design);
        } catch (TemplateProblemException e) {
            return new Look(design, wanted, read, List.of(), e.getMessage());
        } catch (IOException e) {
            return new Look(design, wanted, read, List.of(), "There is no folder of templates " + wanted + ".");
        }
        String problem = "";
        if (into.isPresent()) {
            try {
                return new Look(design, wanted, read, into.get().compare(files, Target.formerNames(design)), "");
            } catch (IOException e) {
                problem = "The folder cannot be read: " + e.getMessage();
            }
        }
        return new Look(
                design, wanted, read, files.stream().map(FilePlan::fresh).toList(), problem);
    }

    /** What was remembered is forgotten where it fails. */
    private List<GeneratedFile> remembering(Target ours, Design design) throws TemplateProblemException {
        ClassCache known = memory;
        memory = new ClassCache();
        List<GeneratedFile> files = known.files(ours, design);
        memory = known;
        return files;
    }

    private static PlannedFile fresh(GeneratedFile file) {
        return new PlannedFile(
                file.path(), file.path(), FileState.NEW, Optional.of(file), Optional.empty(), Optional.empty());
    }

    /** Writes what is to be written of the design and the folder as they are, as soon as that is found out. */
    void write() {
        if (found != asked) {
            writes = true;
            return;
        }
        List<PlannedFile> plan = files();
        Map<String, List<Optional<Choice>>> settled = Map.copyOf(choices);
        output().ifPresent(into -> thread.run(() -> {
            String words = written(into, plan, settled);
            Platform.runLater(() -> {
                done = words;
                choices.clear();
                refresh();
            });
        }));
    }

    private static String written(
            OutputFolder into, List<PlannedFile> plan, Map<String, List<Optional<Choice>>> settled) {
        try {
            int files = into.write(plan, settled).size();
            return "Wrote " + files + (files == 1 ? " file. " : " files. ");
        } catch (IOException e) {
            return "Nothing was written: " + e.getMessage() + ". ";
        }
    }
}
