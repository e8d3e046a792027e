package jasperwing.app.classes;

import jasperwing.app.controls.SidePane;
import jasperwing.app.workspace.Projection;
import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.classes.ClassModel;
import jasperwing.classes.Origin;
import jasperwing.classes.Source;
import jasperwing.classes.language.Checker.Remark;
import jasperwing.classes.targets.Target;
import jasperwing.model.Relationship;
import jasperwing.output.FileLine;
import jasperwing.output.FileLines;
import jasperwing.output.FileState;
import jasperwing.output.PlannedFile;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** Where a line comes from, what else is made of the same, what was changed by hand, and whether it all compiles. */
final class OriginPane extends SidePane {
    private static final int MOST_REMARKS = 8;

    private final Workspace workspace;
    private final Runnable onDraw;
    private final Consumer<Remark> goTo;
    private final OtherTargets elsewhere = new OtherTargets();

    /**
     * A pane that shows nothing yet.
     *
     * @param onDraw called when what is selected is to be seen on the sheet
     * @param goTo told the remark of the compiler whose line is to be seen
     */
    OriginPane(Workspace workspace, Runnable onDraw, Consumer<Remark> goTo) {
        super("Where this comes from");
        this.workspace = workspace;
        this.onDraw = onDraw;
        this.goTo = goTo;
    }

    /**
     * Shows it.
     *
     * @param line the line that is looked at; empty for none
     * @param target that is looked at
     */
    void show(PlannedFile planned, Optional<FileLine> line, CompileCheck compiling, Target target) {
        List<Node> nodes = new ArrayList<>();
        nodes.add(text("Where this comes from", "lens-title"));
        String at =
                line.filter(l -> l.number() > 0).map(l -> "line " + l.number()).orElse("");
        if (line.filter(l -> l.kind() == FileLine.Kind.BY_HAND).isPresent()) {
            nodes.add(text(at + ": written by hand", "quiet"));
        } else {
            Optional<Relationship> selected =
                    workspace.selection().get().relationship().filter(r -> line.isEmpty());
            nodes.add(text(selected.isPresent() ? "what is selected" : at.isEmpty() ? "Click a line" : at, "quiet"));
            Source source = source(planned, line);
            selected.<Origin>map(Origin.OfRelationship::new)
                    .or(() -> model(target).origin(source))
                    .ifPresent(o -> origin(nodes, source, o, target));
        }
        byHand(nodes, planned);
        compiles(nodes, compiling);
        content().getChildren().setAll(nodes);
    }

    /** Where there is no file to look at. */
    void nothing() {
        content().getChildren().setAll(text("Where this comes from", "lens-title"), text("Nothing yet", "quiet"));
    }

    private ClassModel model(Target target) {
        return target.model(workspace.design(), workspace.projection().get().schema(target));
    }

    /** What a line is made of; without a line, what the file is. */
    private static Source source(PlannedFile planned, Optional<FileLine> line) {
        return line.filter(l -> l.source() >= 0)
                .flatMap(l -> planned.file().map(f -> f.source(l.source())))
                .orElse(new Source(planned.entity(), ""));
    }

    private void origin(List<Node> nodes, Source source, Origin origin, Target target) {
        Projection projection = workspace.projection().get();
        OriginSummary told = OriginSummary.of(workspace.design(), projection.schema(), source.of(), origin);
        nodes.add(said(told.text(), told.selection()));
        if (!told.place().isEmpty()) {
            nodes.add(text(told.place(), "quiet"));
        }
        boxed(nodes, "Also becomes", told.also());
        elsewhere(nodes, source.of(), origin, target);
    }

    /** What the design says, as a button that shows it on the sheet. */
    private Button said(String text, Selection selection) {
        Label words = new Label(text);
        words.setWrapText(true);
        words.getStyleClass().add("origin-text");
        words.setMinHeight(USE_PREF_SIZE);
        words.prefWidthProperty().bind(content().widthProperty().subtract(60));
        Button button = new Button(null, words);
        button.getStyleClass().add("origin");
        button.minHeightProperty().bind(words.heightProperty().add(20));
        button.setId("origin");
        button.setMaxWidth(Double.MAX_VALUE);
        button.setAccessibleText(text + "; show on Draw");
        button.setDisable(selection.isEmpty());
        button.setOnAction(e -> {
            workspace.selection().set(selection);
            onDraw.run();
        });
        return button;
    }

    /** What else is made of it comes when it is found. */
    private void elsewhere(List<Node> nodes, String of, Origin origin, Target target) {
        VBox place = new VBox(8);
        place.setId("elsewhere");
        nodes.add(place);
        Optional<Path> from = workspace.path().get().map(Path::toAbsolutePath).map(Path::getParent);
        elsewhere.look(workspace.projection().get(), of, origin, target.said(), from, lines -> {
            List<Node> found = new ArrayList<>();
            boxed(found, "In other targets", lines);
            place.getChildren().setAll(found);
        });
    }

    private static void boxed(List<Node> nodes, String title, List<String> lines) {
        if (!lines.isEmpty()) {
            nodes.add(text(title, "section"));
            VBox box = new VBox(3);
            box.getStyleClass().add("code-box");
            lines.forEach(l -> box.getChildren().add(text(l, "origin-text")));
            nodes.add(box);
        }
    }

    private static void byHand(List<Node> nodes, PlannedFile planned) {
        boolean edited = planned.state() == FileState.EDITED
                || planned.state() == FileState.MERGES
                || planned.state() == FileState.CONFLICT;
        if (edited) {
            long lines = FileLines.whole(planned, List.of()).stream()
                    .filter(l -> l.kind() == FileLine.Kind.BY_HAND
                            || l.kind() == FileLine.Kind.SIDES && !l.text().isEmpty())
                    .count();
            String name = planned.path().substring(planned.path().lastIndexOf('/') + 1);
            nodes.add(text("Edited by hand", "section"));
            nodes.add(text(
                    name + " has " + lines + (lines == 1 ? " line" : " lines")
                            + " the design did not write. They are kept; new lines go around them."
                            + (planned.conflicts().isEmpty()
                                    ? ""
                                    : " Where both changed the same, say which is to stay."),
                    "hint"));
        }
    }

    private void compiles(List<Node> nodes, CompileCheck compiling) {
        nodes.add(text("Compiles", "section"));
        Label words = text(compiling.words(), compiling.isSound() ? "sound" : "unsound");
        words.setId("compiles");
        nodes.add(words);
        compiling.remarks().stream().limit(MOST_REMARKS).forEach(r -> {
            String name = r.path().substring(r.path().lastIndexOf('/') + 1);
            Button button = new Button(name + ":" + r.line() + " " + r.message());
            button.getStyleClass().add("remark");
            button.setWrapText(true);
            button.setMnemonicParsing(false);
            button.setOnAction(e -> goTo.accept(r));
            nodes.add(button);
        });
    }
}
