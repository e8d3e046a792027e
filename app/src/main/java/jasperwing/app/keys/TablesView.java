package jasperwing.app.keys;

import jasperwing.app.files.PathPrompt;
import jasperwing.app.sheet.PaintedScene;
import jasperwing.app.workspace.Appearance;
import jasperwing.app.workspace.Background;
import jasperwing.app.workspace.Projection;
import jasperwing.app.workspace.Workspace;
import jasperwing.arrange.Progress;
import jasperwing.blueprint.Blueprint;
import jasperwing.derive.Schema;
import jasperwing.diagram.Scene;
import jasperwing.diagram.SceneBuilder;
import jasperwing.picture.Pictures;
import jasperwing.picture.Typefaces;
import jasperwing.storage.SafeWrite;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.SplitPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The tables as a picture, beside the entities they come from. They are arranged away from the window's thread. */
final class TablesView implements KeysView {
    private final Workspace workspace;
    private final Appearance appearance;
    private final PaintedScene entities;
    private final PaintedScene tables;
    private final Label state = new Label();
    private final Button save = new Button("Save the tables as a picture\u2026");
    private final VBox view;
    private final AtomicInteger asked = new AtomicInteger();
    private final Background.Worker thread;
    private Schema shown;

    TablesView(Workspace workspace, Appearance appearance, PathPrompt prompt) {
        this.workspace = workspace;
        this.appearance = appearance;
        this.thread = workspace.background().worker("arranging tables");
        entities = new PaintedScene(appearance);
        tables = new PaintedScene(appearance);
        entities.setId("blueprint-entities");
        tables.setId("blueprint-tables");
        entities.setAccessibleText("The entities of the design");
        SplitPane both = new SplitPane(entities, tables);
        both.setDividerPositions(0.42);
        both.getStyleClass().add("both-pictures");
        VBox.setVgrow(both, Priority.ALWAYS);
        state.getStyleClass().add("quiet");
        save.getStyleClass().add("pill");
        save.setId("save-tables");
        save.setOnAction(e -> ask(prompt));
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox tools = new HBox(8, state, space, save);
        tools.setAlignment(Pos.CENTER_LEFT);
        view = new VBox(10, tools, both);
        view.getStyleClass().add("keys");
    }

    @Override
    public Node node() {
        return view;
    }

    @Override
    public void refresh() {
        Projection projection = workspace.projection().get();
        if (projection.schema().equals(shown)) {
            return;
        }
        shown = projection.schema();
        int number = asked.incrementAndGet();
        state.setText("Arranging " + shown.tables().size() + " tables\u2026");
        save.setDisable(true);
        Progress progress = new Progress() {
            @Override
            public void at(double share) {
                Platform.runLater(() -> arranging(number, share));
            }

            @Override
            public boolean cancelled() {
                return asked.get() != number;
            }
        };
        thread.run(() -> {
            Scene own = SceneBuilder.build(projection.design(), "", Typefaces.get());
            Optional<Scene> drawn = Blueprint.of(projection.design(), projection.schema(), Typefaces.get(), progress);
            drawn.ifPresent(s -> Platform.runLater(() -> show(number, own, s)));
        });
    }

    private void arranging(int number, double share) {
        if (number == asked.get() && save.isDisabled()) {
            state.setText("Arranging " + shown.tables().size() + " tables\u2026 " + Math.round(share * 100) + " %");
        }
    }

    private void show(int number, Scene own, Scene drawn) {
        if (number == asked.get()) {
            entities.show(own);
            tables.show(drawn);
            tables.setAccessibleText(drawn.cards().size() + " tables");
            state.setText(
                    "Left: entities. Right: the tables derived from them \u00b7 drag to move, scroll to zoom, double-click to fit");
            save.setDisable(false);
        }
    }

    private void ask(PathPrompt prompt) {
        Path design = workspace.path().get().orElse(Path.of(System.getProperty("user.home"), "design.wing"));
        prompt.ask(
                "Save the tables as a picture (.svg, .png or .pdf)",
                "Save",
                design.resolveSibling("tables.svg").toString(),
                ".svg",
                this::save);
    }

    /** @return what went wrong, if anything did */
    private Optional<String> save(Path file) {
        Optional<Pictures.Format> format = Pictures.Format.of(file.toString());
        if (format.isEmpty()) {
            return Optional.of("The name must end in .svg, .png or .pdf.");
        }
        try {
            SafeWrite.write(
                    file, Pictures.draw(tables.scene(), workspace.design().name(), format.get(), appearance.look(), 2));
            state.setText("Saved as " + file.getFileName());
            return Optional.empty();
        } catch (IOException e) {
            return Optional.of("It cannot be written: " + e.getMessage());
        }
    }
}
