package jasperwing.app.draw;

import jasperwing.app.controls.Focus;
import jasperwing.app.workspace.Workspace;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import jasperwing.notation.Parsed;
import jasperwing.notation.Problem;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Edits the lines of an enum, value, trait or area over the sheet. What is wrong is said below; saving is one edit. */
final class DeclarationPrompt extends StackPane {
    private static final int MOST_ROWS = 16;

    private final Workspace workspace;
    private final Label title = new Label();
    private final TextArea text = new TextArea();
    private final Label hint = new Label();
    private final Label problem = new Label();
    private String name = "";
    private Node before;

    DeclarationPrompt(Workspace workspace) {
        this.workspace = workspace;
        getStyleClass().add("veil");
        title.getStyleClass().add("lens-title");
        text.setId("declaration");
        text.getStyleClass().add("declaration-text");
        text.textProperty().addListener((o, was, is) -> say(""));
        hint.setId("declaration-hint");
        hint.getStyleClass().add("quiet");
        hint.setWrapText(true);
        problem.setId("declaration-problem");
        problem.getStyleClass().add("say-problem");
        problem.setWrapText(true);
        VBox card = new VBox(12, title, text, hint, problem, buttons());
        card.getStyleClass().add("prompt");
        card.setMaxSize(560, USE_PREF_SIZE);
        getChildren().add(card);
        setVisible(false);
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                close();
                e.consume();
            } else if (e.getCode() == KeyCode.ENTER && e.isShortcutDown()) {
                save();
                e.consume();
            }
        });
    }

    private HBox buttons() {
        Button save = new Button("Save");
        save.setId("declaration-save");
        save.getStyleClass().add("primary");
        save.setOnAction(e -> save());
        Button cancel = new Button("Cancel");
        cancel.setOnAction(e -> close());
        Label keys = new Label("Ctrl Enter saves, Esc cancels");
        keys.getStyleClass().add("quiet");
        HBox buttons = new HBox(8, save, cancel, keys);
        buttons.setAlignment(Pos.CENTER_LEFT);
        return buttons;
    }

    /** Opens what is declared under a name. */
    void open(String declared) {
        DeclarationText.of(workspace.design(), declared).ifPresent(lines -> {
            name = declared;
            before = getScene().getFocusOwner();
            title.setText(declared);
            text.setPrefRowCount((int) Math.min(MOST_ROWS, lines.lines().count() + 2));
            text.setText(lines);
            show(hint, hint(declared));
            say("");
            setVisible(true);
            Focus.take(text);
            text.end();
        });
    }

    private void save() {
        Parsed<Design> parsed = DeclarationText.with(workspace.design(), name, text.getText());
        if (parsed.isSound()) {
            workspace.edit(d -> parsed.value());
            close();
        } else {
            Problem first = parsed.problems().get(0);
            say("Line " + first.line() + ": " + first.sentence());
        }
    }

    private void say(String words) {
        show(problem, words);
    }

    private static void show(Label label, String words) {
        label.setText(words);
        label.setVisible(!words.isEmpty());
        label.setManaged(!words.isEmpty());
    }

    /** How more is said of a value of an enum. */
    private String hint(String declared) {
        return workspace
                .design()
                .enumType(declared)
                .flatMap(e -> e.values().stream().findFirst())
                .map(v -> Notation.name(v.name()))
                .map(v -> "Lines below say more of a value: " + v + " \"what it means\", " + v + " retired")
                .orElse("");
    }

    private void close() {
        setVisible(false);
        (before == null ? getParent() : before).requestFocus();
    }
}
