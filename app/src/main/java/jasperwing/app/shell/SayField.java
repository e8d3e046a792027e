package jasperwing.app.shell;

import jasperwing.model.Design;
import jasperwing.model.Relationship;
import jasperwing.say.Say;
import jasperwing.say.Understanding;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Takes a sentence or a name; shows below it, before Enter, what it would do. */
final class SayField extends HBox {
    private static final int MOST_SHOWN = 8;

    private final Workspace workspace;
    private final TextField field = new TextField();
    private final VBox preview = new VBox();
    private final List<String> said = new ArrayList<>();
    private int recalled;

    SayField(Workspace workspace) {
        this.workspace = workspace;
        getStyleClass().add("say");
        setAlignment(Pos.CENTER_LEFT);
        field.setId("say");
        field.setPromptText("Say what is true, or go to an entity\u2026");
        field.setAccessibleText("Say what is true, or go to an entity");
        HBox.setHgrow(field, Priority.ALWAYS);
        Label keys = new Label("Ctrl K");
        keys.getStyleClass().addAll("code", "quiet-code");
        getChildren().addAll(field, keys);
        preview.getStyleClass().add("say-preview");
        preview.setId("say-preview");
        preview.setMaxHeight(USE_PREF_SIZE);
        preview.setVisible(false);
        preview.setMouseTransparent(true);
        field.textProperty().addListener((o, was, is) -> show());
        field.focusedProperty().addListener((o, was, is) -> {
            show();
        });
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    }

    /** What shows, above everything else, what the sentence would do. */
    VBox preview() {
        return preview;
    }

    void takeFocus() {
        field.requestFocus();
        field.selectAll();
    }

    private void key(KeyEvent e) {
        if (e.getCode() == KeyCode.ENTER) {
            enter();
            e.consume();
        } else if (e.getCode() == KeyCode.ESCAPE) {
            field.clear();
            getParent().requestFocus();
            e.consume();
        } else if (e.getCode() == KeyCode.UP && recalled > 0) {
            recall(recalled - 1);
            e.consume();
        } else if (e.getCode() == KeyCode.DOWN && recalled < said.size()) {
            recall(recalled + 1);
            e.consume();
        }
    }

    private void recall(int index) {
        recalled = index;
        field.setText(index < said.size() ? said.get(index) : "");
        field.end();
    }

    private void enter() {
        Understanding understanding = Say.understand(workspace.design(), field.getText());
        if (understanding.changes()) {
            said.add(field.getText());
            recalled = said.size();
            Design before = workspace.design();
            Design after = understanding.edit().on(before);
            workspace.edit(understanding.edit(), added(before, after));
            field.clear();
        } else if (!understanding.goTo().isEmpty()) {
            workspace.selection().set(Selection.of(understanding.goTo().get(0)));
            field.clear();
        }
    }

    private static Selection added(Design before, Design after) {
        if (after.relationships().size() > before.relationships().size()) {
            List<Relationship> all = after.relationships();
            return Selection.of(all.get(all.size() - 1));
        }
        boolean entity = after.entities().size() > before.entities().size();
        return entity
                ? Selection.of(after.entities().get(after.entities().size() - 1).name())
                : Selection.NONE;
    }

    private void show() {
        preview.getChildren().clear();
        Understanding understanding = Say.understand(workspace.design(), field.getText());
        understanding.additions().stream().limit(MOST_SHOWN).forEach(a -> line(a, "say-addition"));
        if (understanding.additions().size() > MOST_SHOWN) {
            line("and " + (understanding.additions().size() - MOST_SHOWN) + " more", "quiet");
        }
        understanding.goTo().stream().limit(MOST_SHOWN).forEach(n -> line("go to " + n, "say-go"));
        if (!understanding.problem().isEmpty()) {
            line(understanding.problem(), "say-problem");
        }
        if (understanding.changes()) {
            line("Enter does it; Ctrl Z takes it back", "quiet");
        }
        boolean seen = !preview.getChildren().isEmpty() && field.isFocused();
        preview.setVisible(seen);
        if (seen) {
            var at = preview.getParent().sceneToLocal(localToScene(18, getHeight() + 4));
            preview.setTranslateX(at.getX());
            preview.setTranslateY(at.getY());
            preview.setMaxWidth(getWidth() - 36);
        }
    }

    private void line(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        label.setWrapText(true);
        preview.getChildren().add(label);
    }
}
