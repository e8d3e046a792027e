package jasperwing.app.classes;

import jasperwing.app.controls.ResizablePane;
import jasperwing.app.shell.Stage;
import jasperwing.app.workspace.Appearance;
import jasperwing.app.workspace.PaneWidth;
import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.classes.ClassModel;
import jasperwing.classes.GeneratedFile;
import jasperwing.classes.Origin;
import jasperwing.classes.Source;
import jasperwing.classes.language.Checker.Remark;
import jasperwing.classes.targets.Target;
import jasperwing.model.Relationship;
import jasperwing.naming.Words;
import jasperwing.output.FileLine;
import jasperwing.output.FileState;
import jasperwing.output.MergedFile.Choice;
import jasperwing.output.PlannedFile;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What code does it become, where does each line of it come from, and what will change in my folder? */
public final class ClassesStage implements Stage {
    private final Workspace workspace;
    private final BorderPane view = new BorderPane();
    private final FilePlan plan;
    private final CompileCheck compiling;
    private final FileTree tree = new FileTree(this::show);
    private final CodeView code = new CodeView(this::chosen, this::settle);
    private final OriginPane origin;
    private final TargetsPane targets;
    private final OptionsPane options;
    private final StackPane side = new StackPane();
    private String shownTarget = "";
    private String shownPath = "";
    private Optional<FileLine> line = Optional.empty();

    /** Whether what is selected is still to be shown. */
    private boolean following;

    /** @param onDraw shows the stage with the sheet */
    public ClassesStage(Workspace workspace, Appearance appearance, Runnable onDraw) {
        this.workspace = workspace;
        compiling = new CompileCheck(workspace.background(), this::showOrigin);
        plan = new FilePlan(workspace, this::refresh);
        origin = new OriginPane(workspace, onDraw, this::goTo);
        options = new OptionsPane(workspace);
        targets = new TargetsPane(workspace, this::look);
        targets.show();
        targets.options().setOnAction(e -> showSide());
        view.getStyleClass().add("classes");
        view.setLeft(new ResizablePane(left(), PaneWidth.TARGETS, appearance, false));
        view.setMinSize(0, 0);
        view.setCenter(code);
        code.write().setOnAction(e -> {
            targets.keep();
            plan.write();
        });
        code.again().setOnAction(e -> entry().ifPresent(plan::unsettle));
        workspace.present().addListener((o, was, is) -> ifSeen());
        workspace.projection().addListener((o, was, is) -> targets.show());
        workspace.openings().addListener((o, was, is) -> {
            targets.anew();
            options.anew();
            showOptions();
        });
        workspace.selection().addListener((o, was, is) -> {
            following = true;
            if (view.getScene() != null) {
                refresh();
            }
        });
        showSide();
    }

    private VBox left() {
        VBox.setVgrow(tree, Priority.ALWAYS);
        VBox left = new VBox(8, targets, tree);
        left.getStyleClass().add("classes-left");
        return left;
    }

    private void look() {
        plan.of(targets.chosen(), targets.folder());
    }

    private void showSide() {
        side.getChildren().setAll(targets.options().isSelected() ? options : origin);
        showOptions();
    }

    private void showOptions() {
        if (targets.options().isSelected()) {
            options.show(targets.chosen());
        }
    }

    private void ifSeen() {
        if (view.getScene() != null) {
            plan.refresh();
        }
    }

    private void refresh() {
        if (following) {
            follow();
        }
        targets.say(plan.done() + (plan.problem().isEmpty() ? summary() : plan.problem()));
        if (entry().isEmpty()) {
            shownPath = plan.files().isEmpty() ? "" : plan.files().get(0).path();
            line = Optional.empty();
        }
        if (!plan.target().equals(shownTarget)) {
            shownTarget = plan.target();
            code.anew();
        }
        tree.show(plan.files(), p -> p.result(plan.choices(p)).isPresent(), shownPath);
        entry().ifPresentOrElse(
                        p -> code.show(p, plan.choices(p), marked(p)),
                        () -> code.nothing(plan.problem().isEmpty() ? "Draw an entity first" : "See at the left why"));
        code.canWrite(plan.toWrite(), plan.canWrite(), plan.unsettled());
        compiling.of(plan.read().flatMap(Target::checker), sources());
        showOrigin();
        showOptions();
    }

    private void showOrigin() {
        Optional<Target> target = plan.read();
        Optional<PlannedFile> entry = entry().filter(p -> target.isPresent());
        entry.ifPresentOrElse(p -> origin.show(p, line, compiling, target.get()), origin::nothing);
    }

    /** The texts as they would be, where nothing is left to settle. */
    private Map<String, String> sources() {
        Map<String, String> sources = new LinkedHashMap<>();
        for (PlannedFile each : plan.files()) {
            each.result(plan.choices(each)).or(each::generated).ifPresent(t -> {
                if (each.file().isPresent() && isSource(each.path())) {
                    sources.put(each.path(), t);
                }
            });
        }
        return sources;
    }

    private boolean isSource(String path) {
        return plan.read().filter(t -> t.language().isSource(path)).isPresent();
    }

    private String summary() {
        if (!plan.hasFolder()) {
            return plan.files().size() + " files; name a folder to write them to.";
        }
        Map<FileState, Long> counts =
                plan.files().stream().collect(Collectors.groupingBy(PlannedFile::state, Collectors.counting()));
        return Arrays.stream(FileState.values())
                .filter(counts::containsKey)
                .map(s -> counts.get(s) + " " + s.words())
                .collect(Collectors.joining(" \u00b7 "));
    }

    private Optional<PlannedFile> entry() {
        return plan.files().stream().filter(e -> e.path().equals(shownPath)).findFirst();
    }

    private void show(String path) {
        shownPath = path;
        line = Optional.empty();
        refresh();
    }

    private void chosen(FileLine chosen) {
        line = Optional.of(chosen);
        showOrigin();
    }

    private void settle(int conflict, Choice choice) {
        entry().ifPresent(p -> plan.choose(p, conflict, choice));
    }

    private void goTo(Remark remark) {
        show(remark.path());
    }

    /** Shows the class of what is selected elsewhere, with its lines brought out, once it is known. */
    private void follow() {
        Optional<Relationship> relationship = workspace.selection().get().relationship();
        String entity = relationship
                .map(Relationship::from)
                .or(() -> workspace.selection().get().single())
                .orElse("");
        plan.files().stream()
                .filter(f -> !entity.isEmpty() && f.entity().equals(entity))
                .findFirst()
                .filter(f -> !f.path().equals(shownPath))
                .ifPresent(f -> {
                    shownPath = f.path();
                    line = Optional.empty();
                });
        following = plan.files().isEmpty();
    }

    /** What is made of the relationship that is selected; in a file of several entities also what is made of the one that is. */
    private Set<Source> marked(PlannedFile planned) {
        Selection selected = workspace.selection().get();
        List<Source> sources = planned.file().map(GeneratedFile::sources).orElse(List.of()).stream()
                .distinct()
                .toList();
        if (selected.relationship().isEmpty() || plan.read().isEmpty()) {
            boolean several = planned.entity().isEmpty();
            return sources.stream()
                    .filter(s ->
                            several && selected.single().filter(s.of()::equals).isPresent())
                    .collect(Collectors.toSet());
        }
        Target target = plan.read().get();
        ClassModel model =
                target.model(workspace.design(), workspace.projection().get().schema(target));
        Origin relationship = new Origin.OfRelationship(selected.relationship().get());
        return sources.stream()
                .filter(s -> model.origin(s).filter(relationship::equals).isPresent())
                .collect(Collectors.toSet());
    }

    /** Puts a folder into the field, as if it had been typed. */
    public void chooseFolder(Path path) {
        targets.folder(path);
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
    public Optional<Node> side() {
        return Optional.of(side);
    }

    @Override
    public int waiting() {
        return (int) plan.waiting();
    }

    @Override
    public String waitingFor() {
        return Words.count(waiting(), "file") + " to write or to settle";
    }

    @Override
    public boolean hasErrors() {
        return false;
    }

    @Override
    public void shown() {
        plan.refresh();
    }
}
