package jasperwing.app.draw;

import jasperwing.app.controls.Focus;
import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.find.Find;
import jasperwing.find.FoundPlace;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;

/** Finds words in names, notes and types; the arrow keys look at what was found, Enter stays there. */
final class FindBar extends VBox {
    private static final double ROW = 26;
    private static final int MOST_SEEN = 9;

    private final Workspace workspace;
    private final SheetView sheet;
    private final TextField field = new TextField();
    private final Label count = new Label();
    private final ListView<FoundPlace> list = new ListView<>();

    FindBar(Workspace workspace, SheetView sheet) {
        this.workspace = workspace;
        this.sheet = sheet;
        getStyleClass().add("find-bar");
        setId("find-bar");
        setMaxSize(440, USE_PREF_SIZE);
        setVisible(false);
        setAlignment(Pos.TOP_LEFT);
        field.setId("find");
        field.setPromptText("Find in names, notes and types\u2026");
        field.setAccessibleText("Find in names, notes and types");
        field.textProperty().addListener((o, was, is) -> look());
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        count.getStyleClass().add("quiet");
        list.setId("found");
        list.getStyleClass().add("found");
        list.setFixedCellSize(ROW);
        list.setFocusTraversable(false);
        list.setCellFactory(l -> new Cell());
        list.getSelectionModel().selectedItemProperty().addListener((o, was, is) -> go(is));
        list.setOnMouseClicked(e -> hide());
        getChildren().addAll(field, count, list);
        workspace.projection().addListener((o, was, is) -> look());
    }

    private static final class Cell extends ListCell<FoundPlace> {
        @Override
        protected void updateItem(FoundPlace found, boolean empty) {
            super.updateItem(found, empty);
            setText(empty ? null : found.text());
        }
    }

    void open() {
        setVisible(true);
        Focus.take(field);
        field.selectAll();
        look();
    }

    private void key(KeyEvent e) {
        KeyCode code = e.getCode();
        if (code == KeyCode.ESCAPE || code == KeyCode.ENTER) {
            hide();
            e.consume();
        } else if (code == KeyCode.DOWN) {
            list.getSelectionModel().selectNext();
            e.consume();
        } else if (code == KeyCode.UP) {
            list.getSelectionModel().selectPrevious();
            e.consume();
        }
    }

    private void hide() {
        setVisible(false);
        sheet.requestFocus();
    }

    private void look() {
        if (!isVisible()) {
            return;
        }
        List<FoundPlace> found = Find.in(workspace.design(), field.getText());
        count.setText(
                field.getText().isBlank()
                        ? "Words of entities, attributes, relationships, types, enums or notes"
                        : found.isEmpty() ? "Nothing has these words" : found.size() + " found");
        list.getItems().setAll(found);
        double height = Math.min(MOST_SEEN, found.size()) * ROW + 2;
        list.setPrefHeight(height);
        list.setMinHeight(height);
        list.setVisible(!found.isEmpty());
        list.setManaged(!found.isEmpty());
        if (!found.isEmpty()) {
            list.getSelectionModel().selectFirst();
        }
    }

    /** Selects what was found; where this sheet does not show it, the sheet of everything does. */
    private void go(FoundPlace found) {
        if (found == null) {
            return;
        }
        if (sheet.scene().card(found.entity()).isEmpty()) {
            sheet.sheet().set("");
        }
        workspace
                .selection()
                .set(found.relationship().map(Selection::of).orElseGet(() -> Selection.of(found.entity())));
        sheet.scene().card(found.entity()).ifPresent(c -> sheet.viewport()
                .center(c.box().center(), sheet.getWidth(), sheet.getHeight()));
    }
}
