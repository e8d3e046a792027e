package jasperwing.app.classes;

import jasperwing.app.shell.Projection;
import jasperwing.app.shell.Selection;
import jasperwing.app.shell.SidePane;
import jasperwing.app.shell.Workspace;
import jasperwing.classes.ClassModel;
import jasperwing.classes.Origin;
import jasperwing.classes.java.Compiling.Remark;
import jasperwing.model.Attribute;
import jasperwing.model.Entity;
import jasperwing.model.Relationship;
import jasperwing.notation.Notation;
import jasperwing.output.FileLine;
import jasperwing.output.FileLines;
import jasperwing.output.Planned;
import jasperwing.output.State;
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
    private final Elsewhere elsewhere = new Elsewhere();

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
    void show(Planned planned, Optional<FileLine> line, CompileCheck compiling, String target) {
        List<Node> nodes = new ArrayList<>();
        nodes.add(text("Where this comes from", "lens-title"));
        String entity = planned.entity();
        Optional<String> member = line.filter(l -> l.source() >= 0)
                .flatMap(l -> planned.file().map(f -> f.member(l.source())))
                .filter(m -> !m.isEmpty());
        String at =
                line.filter(l -> l.number() > 0).map(l -> "line " + l.number()).orElse("");
        if (line.filter(l -> l.kind() == FileLine.Kind.BY_HAND).isPresent()) {
            nodes.add(text(at + ": written by hand", "quiet"));
        } else {
            Optional<Relationship> selected =
                    workspace.selection().get().relationship().filter(r -> line.isEmpty());
            nodes.add(text(selected.isPresent() ? "what is selected" : at.isEmpty() ? "Click a line" : at, "quiet"));
            Optional<Origin> origin = member.flatMap(m -> model().origin(entity, m));
            origin.or(() -> selected.map(Origin.OfRelationship::new))
                    .ifPresentOrElse(
                            o -> {
                                origin(nodes, entity, o);
                                elsewhere(nodes, entity, o, target);
                            },
                            () -> whole(nodes, entity));
        }
        byHand(nodes, planned);
        compiles(nodes, compiling);
        content().getChildren().setAll(nodes);
    }

    /** Where there is no file to look at. */
    void nothing() {
        content().getChildren().setAll(text("Where this comes from", "lens-title"), text("Nothing yet", "quiet"));
    }

    private ClassModel model() {
        return ClassModel.of(workspace.design(), workspace.projection().get().classSchema());
    }

    private void whole(List<Node> nodes, String entity) {
        workspace.design().entity(entity).ifPresent(e -> {
            nodes.add(said("entity " + Notation.name(e.name()), Selection.of(entity)));
            Projection projection = workspace.projection().get();
            also(
                    nodes,
                    projection.schema().table(entity).stream()
                            .map(t -> "table " + t.name())
                            .toList());
        });
    }

    private void origin(List<Node> nodes, String entity, Origin origin) {
        if (origin instanceof Origin.OfAttribute of) {
            attribute(nodes, entity, of.attribute());
        } else {
            relationship(nodes, ((Origin.OfRelationship) origin).relationship());
        }
    }

    private void attribute(List<Node> nodes, String entity, Attribute attribute) {
        Optional<Entity> holder = workspace.design().entity(entity);
        boolean key = holder.map(e -> e.isKey(attribute)).orElse(false);
        nodes.add(said(Notation.print(attribute, key), Selection.of(entity)));
        holder.map(e -> e.attributes().indexOf(attribute))
                .filter(i -> i >= 0)
                .ifPresent(i -> nodes.add(text(entity + ", attribute " + (i + 1), "quiet")));
        also(nodes, Appearances.of(workspace.projection().get().schema(), entity, attribute));
    }

    private void relationship(List<Node> nodes, Relationship relationship) {
        nodes.add(said(Notation.print(relationship).lines().findFirst().orElse(""), Selection.of(relationship)));
        also(nodes, Appearances.of(workspace.projection().get().schema(), relationship));
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
        button.setOnAction(e -> {
            workspace.selection().set(selection);
            onDraw.run();
        });
        return button;
    }

    /** What else is made of it comes when it is found. */
    private void elsewhere(List<Node> nodes, String entity, Origin origin, String target) {
        VBox place = new VBox(8);
        place.setId("elsewhere");
        nodes.add(place);
        elsewhere.look(workspace.projection().get(), entity, origin, target, lines -> {
            List<Node> found = new ArrayList<>();
            boxed(found, "In other targets", lines);
            place.getChildren().setAll(found);
        });
    }

    private static void also(List<Node> nodes, List<String> lines) {
        boxed(nodes, "Also becomes", lines);
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

    private static void byHand(List<Node> nodes, Planned planned) {
        boolean edited =
                planned.state() == State.EDITED || planned.state() == State.MERGES || planned.state() == State.CONFLICT;
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
