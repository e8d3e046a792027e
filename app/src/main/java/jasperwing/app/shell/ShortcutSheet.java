package jasperwing.app.shell;

import jasperwing.app.controls.Shortcuts;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** All keys at a glance, above everything; Esc or a click puts it away. */
final class ShortcutSheet extends StackPane {
    private final FlowPane groups = new FlowPane(36, 18);

    ShortcutSheet() {
        getStyleClass().add("veil");
        setId("shortcuts");
        setVisible(false);
        Label title = new Label("What the keys do");
        title.getStyleClass().add("stage-title");
        groups.setPrefWrapLength(900);
        ScrollPane scroll = new ScrollPane(groups);
        scroll.setFitToWidth(true);
        VBox box = new VBox(14, title, scroll);
        box.getStyleClass().add("prompt");
        box.setMaxSize(960, USE_PREF_SIZE);
        StackPane.setAlignment(box, Pos.CENTER);
        getChildren().add(box);
        setOnMouseClicked(e -> setVisible(false));
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE || e.getCode() == KeyCode.F1) {
                setVisible(false);
                e.consume();
            }
        });
    }

    /** A headed list of what keys do. */
    record Group(String name, List<Shortcuts.Shortcut> shortcuts) {}

    void show(List<Group> shown) {
        groups.getChildren().setAll(shown.stream().map(ShortcutSheet::table).toList());
        setVisible(true);
        requestFocus();
    }

    private static VBox table(Group group) {
        Label name = new Label(group.name());
        name.getStyleClass().add("section");
        GridPane grid = new GridPane();
        grid.setHgap(14);
        grid.setVgap(5);
        int row = 0;
        for (Shortcuts.Shortcut shortcut : group.shortcuts()) {
            if (!shortcut.what().isEmpty()) {
                Label keys = new Label(shortcut.shown());
                keys.getStyleClass().addAll("code", "strong");
                keys.setMinWidth(USE_PREF_SIZE);
                grid.addRow(row++, keys, new Label(shortcut.what()));
            }
        }
        return new VBox(8, name, grid);
    }
}
