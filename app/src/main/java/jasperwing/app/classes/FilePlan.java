package jasperwing.app.classes;

import jasperwing.app.shell.Workspace;
import jasperwing.classes.GeneratedFile;
import jasperwing.classes.Target;
import jasperwing.model.Design;
import jasperwing.output.Merged.Choice;
import jasperwing.output.OutputFolder;
import jasperwing.output.Planned;
import jasperwing.output.State;
import java.io.IOException;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javafx.application.Platform;

/** What would become of the files of a folder, found out and brought about in another thread. Confined to the window's thread. */
final class FilePlan {
    private final Workspace workspace;
    private final Runnable changed;
    private final Map<String, List<Optional<Choice>>> choices = new HashMap<>();
    private final ExecutorService thread = Executors.newSingleThreadExecutor(r -> {
        Thread planning = new Thread(r, "classes");
        planning.setDaemon(true);
        return planning;
    });
    private String folder = "";
    private Look look = new Look(Design.named(""), List.of(), "");
    private String done = "";
    private int asked;
    private int found;

    /**
     * What was found out.
     *
     * @param problem what kept it from being compared with the folder; empty when nothing did
     */
    private record Look(Design design, List<Planned> files, String problem) {}

    /** @param changed called when something else is to be seen */
    FilePlan(Workspace workspace, Runnable changed) {
        this.workspace = workspace;
        this.changed = changed;
    }

    void folder(String text) {
        if (!text.strip().equals(folder)) {
            folder = text.strip();
            choices.clear();
            done = "";
            refresh();
        }
    }

    boolean hasFolder() {
        return !folder.isEmpty();
    }

    /** Whether the files are those of the design and the folder as they are, so that they can be written. */
    boolean canWrite() {
        return hasFolder() && found == asked && problem().isEmpty();
    }

    /** The design the files are made of. */
    Design design() {
        return look.design();
    }

    List<Planned> files() {
        return look.files();
    }

    String problem() {
        return look.problem();
    }

    /** What was written last, in words; empty when nothing was. */
    String done() {
        return done;
    }

    List<Optional<Choice>> choices(Planned planned) {
        return choices.getOrDefault(planned.path(), List.of());
    }

    void choose(Planned planned, int conflict, Choice choice) {
        List<Optional<Choice>> all = new ArrayList<>(choices(planned));
        while (all.size() < planned.conflicts().size()) {
            all.add(Optional.empty());
        }
        all.set(conflict, Optional.of(choice));
        choices.put(planned.path(), Collections.unmodifiableList(all));
        changed.run();
    }

    /** Takes the choices for a file back. */
    void unsettle(Planned planned) {
        choices.remove(planned.path());
        changed.run();
    }

    /** How many files writing would change. */
    long toWrite() {
        return files().stream().filter(f -> f.isChanged(choices(f))).count();
    }

    /** How many files wait for something: to be written or to be settled. */
    long waiting() {
        return hasFolder()
                ? files().stream()
                        .filter(f -> f.isChanged(choices(f)) || f.state() == State.CONFLICT)
                        .count()
                : 0;
    }

    void refresh() {
        Design design = workspace.design();
        Optional<OutputFolder> output = output();
        int number = ++asked;
        changed.run();
        thread.execute(() -> {
            Look found = look(design, output);
            Platform.runLater(() -> found(number, found));
        });
    }

    private void found(int number, Look now) {
        if (number == asked) {
            found = number;
            look = now;
            changed.run();
        }
    }

    private Optional<OutputFolder> output() {
        try {
            return folder.isEmpty()
                    ? Optional.empty()
                    : Optional.of(new OutputFolder(Path.of(folder), Target.JAVA_JAKARTA.word()));
        } catch (InvalidPathException e) {
            return Optional.empty();
        }
    }

    private static Look look(Design design, Optional<OutputFolder> output) {
        List<GeneratedFile> files = Target.JAVA_JAKARTA.generate(design);
        String problem = "";
        if (output.isPresent()) {
            try {
                return new Look(design, output.get().compare(files, Target.formerNames(design)), "");
            } catch (IOException e) {
                problem = "The folder cannot be read: " + e.getMessage();
            }
        }
        return new Look(design, files.stream().map(FilePlan::fresh).toList(), problem);
    }

    private static Planned fresh(GeneratedFile file) {
        return new Planned(file.path(), file.path(), State.NEW, Optional.of(file), Optional.empty(), Optional.empty());
    }

    void write() {
        List<Planned> plan = files();
        Map<String, List<Optional<Choice>>> settled = Map.copyOf(choices);
        output().ifPresent(output -> thread.execute(() -> {
            String words = written(output, plan, settled);
            Platform.runLater(() -> {
                done = words;
                choices.clear();
                refresh();
            });
        }));
    }

    private static String written(
            OutputFolder output, List<Planned> plan, Map<String, List<Optional<Choice>>> settled) {
        try {
            int files = output.write(plan, settled).size();
            return "Wrote " + files + (files == 1 ? " file. " : " files. ");
        } catch (IOException e) {
            return "Nothing was written: " + e.getMessage() + ". ";
        }
    }
}
