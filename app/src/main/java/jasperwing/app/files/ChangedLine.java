package jasperwing.app.files;

import jasperwing.app.workspace.Workspace;
import jasperwing.change.Changed;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Says that another program has changed the file while there are unsaved changes here, and offers what can be done. */
public final class ChangedLine extends VBox {
    private static final double HEIGHT = 220;

    private final Workspace workspace;
    private final Files files;
    private final Label sentence = new Label();
    private final ToggleButton compare = new ToggleButton("Compare");
    private final ListView<Changed.Line> lines = new ListView<>();

    public ChangedLine(Workspace workspace, Files files) {
        this.workspace = workspace;
        this.files = files;
        getStyleClass().add("problem-line");
        setId("changed-line");
        sentence.setMaxWidth(Double.MAX_VALUE);
        sentence.setWrapText(true);
        HBox.setHgrow(sentence, Priority.ALWAYS);
        Button reload = button("Reload", "changed-reload", files::reload);
        Button mine = button("Keep mine", "changed-keep", files::keepMine);
        compare.setId("changed-compare");
        compare.getStyleClass().add("pill");
        compare.setMinWidth(USE_PREF_SIZE);
        compare.setOnAction(e -> refresh());
        lines.setId("changed-lines");
        lines.getStyleClass().add("code-lines");
        lines.setPrefHeight(HEIGHT);
        lines.setCellFactory(v -> new DiffCell());
        lines.setAccessibleText("What differs");
        HBox line = new HBox(8, sentence, reload, compare, mine);
        line.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(line, lines);
        files.changedOutside().addListener((o, was, is) -> {
            compare.setSelected(false);
            refresh();
        });
        workspace.present().addListener((o, was, is) -> refresh());
        refresh();
    }

    private static Button button(String text, String id, Runnable action) {
        Button button = new Button(text);
        button.setId(id);
        button.getStyleClass().add("pill");
        button.setMinWidth(USE_PREF_SIZE);
        button.setOnAction(e -> action.run());
        return button;
    }

    private void refresh() {
        Optional<Design> theirs = files.changedOutside().get();
        setVisible(theirs.isPresent());
        setManaged(theirs.isPresent());
        boolean shows = theirs.isPresent() && compare.isSelected();
        lines.setVisible(shows);
        lines.setManaged(shows);
        theirs.ifPresent(t -> {
            String name = workspace
                    .path()
                    .get()
                    .map(Path::getFileName)
                    .map(Path::toString)
                    .orElse("The file");
            sentence.setText(name + " was changed by another program, and you have changes that are not in it."
                    + (shows ? " \u2212 is in the file, + is yours." : ""));
            if (shows) {
                lines.getItems().setAll(difference(t, workspace.design()));
            }
        });
    }

    private static List<Changed.Line> difference(Design theirs, Design mine) {
        return Changed.of("", lines(theirs), lines(mine)).lines();
    }

    private static List<String> lines(Design design) {
        return Notation.print(design).lines().toList();
    }

    private static final class DiffCell extends ListCell<Changed.Line> {
        @Override
        protected void updateItem(Changed.Line line, boolean empty) {
            super.updateItem(line, empty);
            setGraphic(empty || line == null ? null : face(line));
            getStyleClass().removeAll("line-comes", "line-goes");
            if (!empty && line != null && line.sign() == Changed.Sign.COMES) {
                getStyleClass().add("line-comes");
            } else if (!empty && line != null && line.sign() == Changed.Sign.GOES) {
                getStyleClass().add("line-goes");
            }
        }

        private static Label face(Changed.Line line) {
            String sign =
                    switch (line.sign()) {
                        case COMES -> "+ ";
                        case GOES -> "\u2212 ";
                        case STAYS -> "  ";
                        case LEFT_OUT -> "\u2026";
                    };
            Label label = new Label(sign + line.text());
            label.getStyleClass().add("code");
            return label;
        }
    }
}
