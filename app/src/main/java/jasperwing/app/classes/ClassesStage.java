package jasperwing.app.classes;

import jasperwing.app.shell.Stage;
import jasperwing.app.shell.Workspace;
import jasperwing.classes.GeneratedFile;
import jasperwing.classes.Target;
import jasperwing.storage.TargetFolder;
import jasperwing.storage.TargetFolder.Entry;
import jasperwing.storage.TargetFolder.State;
import java.io.File;
import java.io.IOException;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.DirectoryChooser;

/** What code does it become, and what will change in my folder? */
public final class ClassesStage implements Stage {
    private final Workspace workspace;
    private final BorderPane view = new BorderPane();
    private final FileTree tree;
    private final CodeView code = new CodeView();
    private final TextField folder = new TextField();
    private final Label message = new Label();
    private final Asking asking;
    private List<Entry> entries = List.of();
    private String shownPath = "";
    private final Set<String> agreed = new HashSet<>();

    public ClassesStage(Workspace workspace) {
        this.workspace = workspace;
        tree = new FileTree(this::show);
        asking = new Asking(agreed, this::refresh);
        view.getStyleClass().add("classes");
        view.setLeft(left());
        view.setCenter(code);
        code.write().setOnAction(e -> write());
        workspace.projection().addListener((o, was, is) -> ifSeen());
        workspace.selection().addListener((o, was, is) -> {
            is.single().ifPresent(this::showClassOf);
            ifSeen();
        });
        folder.textProperty().addListener((o, was, is) -> {
            agreed.clear();
            ifSeen();
        });
    }

    private VBox left() {
        Label title = new Label("Targets");
        title.getStyleClass().add("lens-title");
        Label name = new Label(Target.JAVA_JAKARTA.title());
        name.getStyleClass().add("strong");
        Label what = new Label("Persistence 3.1 and Validation 3.0");
        what.getStyleClass().add("quiet");
        VBox target = new VBox(2, name, what);
        target.getStyleClass().addAll("target", "chosen");
        Label into = new Label("Into the folder");
        into.getStyleClass().add("section");
        folder.setId("folder");
        folder.setPromptText("a folder, such as src/main/java");
        HBox.setHgrow(folder, Priority.ALWAYS);
        Button choose = new Button("\u2026");
        choose.setAccessibleText("Choose the folder");
        choose.setOnAction(e -> choose());
        message.setWrapText(true);
        message.setId("classes-message");
        message.getStyleClass().add("quiet");
        VBox.setVgrow(tree, Priority.ALWAYS);
        VBox left = new VBox(8, title, target, into, new HBox(6, folder, choose), message, asking, tree);
        left.getStyleClass().add("classes-left");
        return left;
    }

    private void choose() {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle("Where the classes go");
        File chosen = chooser.showDialog(view.getScene().getWindow());
        if (chosen != null) {
            folder.setText(chosen.getPath());
        }
    }

    private void ifSeen() {
        if (view.getScene() != null) {
            refresh();
        }
    }

    private Optional<TargetFolder> target() {
        try {
            String text = folder.getText().strip();
            return text.isEmpty() ? Optional.empty() : Optional.of(new TargetFolder(Path.of(text)));
        } catch (InvalidPathException e) {
            return Optional.empty();
        }
    }

    private void refresh() {
        List<GeneratedFile> files = workspace.projection().get().files();
        try {
            Optional<TargetFolder> target = target();
            entries = target.isPresent()
                    ? target.get().compare(files)
                    : files.stream().map(f -> new Entry(f, State.NEW, "")).toList();
            message.setText(target.isPresent() ? summary() : files.size() + " files; name a folder to write them to.");
        } catch (IOException e) {
            entries = files.stream().map(f -> new Entry(f, State.NEW, "")).toList();
            message.setText("The folder cannot be read: " + e.getMessage());
        }
        if (entries.stream().noneMatch(e -> e.file().path().equals(shownPath))) {
            shownPath = entries.isEmpty() ? "" : entries.get(0).file().path();
        }
        asking.show(entries);
        tree.show(entries, shownPath);
        entry().ifPresentOrElse(code::show, code::nothing);
        code.canWrite(toWrite(), target().isPresent());
    }

    private String summary() {
        StringBuilder words = new StringBuilder();
        for (State state : State.values()) {
            long count = entries.stream().filter(e -> e.state() == state).count();
            if (count > 0) {
                words.append(words.isEmpty() ? "" : " \u00b7 ")
                        .append(count)
                        .append(' ')
                        .append(state.words());
            }
        }
        return words.toString();
    }

    private long toWrite() {
        return entries.stream()
                .filter(e -> e.state() != State.SAME)
                .filter(e ->
                        !e.state().needsAsking() || agreed.contains(e.file().path()))
                .count();
    }

    private Optional<Entry> entry() {
        return entries.stream().filter(e -> e.file().path().equals(shownPath)).findFirst();
    }

    private void show(String path) {
        shownPath = path;
        refresh();
    }

    private void showClassOf(String entity) {
        workspace.projection().get().files().stream()
                .filter(f -> f.entity().equals(entity))
                .findFirst()
                .ifPresent(f -> shownPath = f.path());
    }

    private void write() {
        target().ifPresent(t -> {
            try {
                int written =
                        t.write(entries, e -> agreed.contains(e.file().path())).size();
                agreed.clear();
                refresh();
                message.setText("Wrote " + written + (written == 1 ? " file. " : " files. ") + summary());
            } catch (IOException e) {
                refresh();
                message.setText("Not all could be written: " + e.getMessage());
            }
        });
    }

    /** Puts a folder into the field, as if it had been typed. */
    public void chooseFolder(Path path) {
        folder.setText(path.toString());
    }

    @Override
    public String name() {
        return "Classes";
    }

    @Override
    public String icon() {
        return "M8 3 C4 3 6 11 2 12 C6 13 4 21 8 21 M16 3 C20 3 18 11 22 12 C18 13 20 21 16 21";
    }

    @Override
    public Node view() {
        return view;
    }

    @Override
    public int waiting() {
        return target().isEmpty()
                ? 0
                : (int) entries.stream().filter(e -> e.state() != State.SAME).count();
    }

    @Override
    public boolean hasFaults() {
        return false;
    }

    @Override
    public void shown() {
        refresh();
    }
}
