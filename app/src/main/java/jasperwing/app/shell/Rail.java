package jasperwing.app.shell;

import jasperwing.app.controls.Icons;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The stages, in the order in which the work is done, each with how much waits there. */
final class Rail extends VBox {
    private final ToggleGroup group = new ToggleGroup();
    private final List<ToggleButton> buttons = new ArrayList<>();
    private final List<Label> counts = new ArrayList<>();
    private final List<? extends Stage> stages;

    Rail(List<? extends Stage> stages, Consumer<Stage> go) {
        this.stages = stages;
        getStyleClass().add("rail");
        StackPane mark = new StackPane(Icons.mark());
        mark.getStyleClass().add("rail-mark");
        getChildren().add(mark);
        for (int i = 0; i < stages.size(); i++) {
            Stage stage = stages.get(i);
            ToggleButton button = button(stage, i);
            button.setOnAction(e -> {
                button.setSelected(true);
                go.accept(stage);
            });
        }
        group.selectToggle(group.getToggles().get(0));
    }

    private ToggleButton button(Stage stage, int index) {
        Label name = new Label(stage.name());
        VBox face = new VBox(6, Icons.stroke(stage.icon()), name);
        face.setAlignment(Pos.CENTER);
        ToggleButton button = new ToggleButton(null, face);
        button.setId("stage-" + stage.name());
        button.getStyleClass().add("rail-button");
        button.setToggleGroup(group);
        button.setAccessibleText(stage.name());
        button.setTooltip(new Tooltip(stage.name() + "  (Ctrl " + (index + 1) + ")"));
        buttons.add(button);
        Label count = new Label();
        count.getStyleClass().add("rail-count");
        count.setMouseTransparent(true);
        StackPane.setAlignment(count, Pos.TOP_RIGHT);
        counts.add(count);
        getChildren().add(new StackPane(button, count));
        return button;
    }

    void select(int index) {
        buttons.get(index).setSelected(true);
    }

    void refresh() {
        for (int i = 0; i < stages.size(); i++) {
            Label count = counts.get(i);
            int waiting = stages.get(i).waiting();
            count.setText(String.valueOf(waiting));
            count.setVisible(waiting > 0);
            String said =
                    stages.get(i).name() + (waiting > 0 ? ": " + stages.get(i).waitingFor() : "");
            buttons.get(i).setAccessibleText(said);
            buttons.get(i).getTooltip().setText(said + "  (Ctrl " + (i + 1) + ")");
            count.getStyleClass().setAll("rail-count", stages.get(i).hasErrors() ? "count-error" : "count-warning");
        }
    }
}
