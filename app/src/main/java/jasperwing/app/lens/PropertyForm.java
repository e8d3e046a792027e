package jasperwing.app.lens;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Named fields below each other. What is typed is taken by Enter or when the field is left; Esc goes back to what was there. */
final class PropertyForm extends GridPane {
    private static final int NOTE_ROWS = 2;

    PropertyForm() {
        getStyleClass().add("properties");
        setHgap(10);
        setVgap(6);
    }

    /** @param take does it, and says what is wrong with it, if anything is */
    void text(String id, String name, String value, String prompt, Function<String, Optional<String>> take) {
        TextField field = new TextField(value);
        field.setPromptText(prompt);
        field.setOnAction(e -> field.getParent().requestFocus());
        typed(id, name, field, value, take);
    }

    /** The same for text of several lines, which Ctrl Enter takes. */
    void note(String id, String name, String value, Consumer<String> take) {
        TextArea area = new TextArea(value);
        area.setPrefRowCount(NOTE_ROWS);
        area.setWrapText(true);
        area.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER && e.isShortcutDown()) {
                area.getParent().requestFocus();
                e.consume();
            }
        });
        typed(id, name, area, value, t -> {
            take.accept(t);
            return Optional.empty();
        });
    }

    private void typed(
            String id, String name, TextInputControl field, String value, Function<String, Optional<String>> take) {
        Label problem = new Label();
        problem.getStyleClass().add("say-problem");
        problem.setId("property-" + id + "-problem");
        problem.setWrapText(true);
        show(problem, "");
        field.focusedProperty().addListener((o, was, is) -> {
            String now = field.getText().strip();
            if (was && !is && !now.equals(value)) {
                show(problem, take.apply(now).orElse(""));
            }
        });
        field.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                field.setText(value);
                show(problem, "");
                field.getParent().requestFocus();
                e.consume();
            }
        });
        name(field, id, name);
        row(name, new VBox(2, field, problem));
    }

    private static void show(Label problem, String text) {
        problem.setText(text);
        problem.setVisible(!text.isEmpty());
        problem.setManaged(!text.isEmpty());
    }

    /** One of several; the first stands for none. */
    void choice(String id, String name, List<String> all, String value, Consumer<String> take) {
        ComboBox<String> box = new ComboBox<>();
        box.getItems().setAll(all);
        box.setValue(value);
        box.setMaxWidth(Double.MAX_VALUE);
        box.setOnAction(e -> {
            if (box.getValue() != null && !box.getValue().equals(value)) {
                take.accept(box.getValue());
            }
        });
        name(box, id, name);
        row(name, box);
    }

    void check(String id, String name, boolean value, Consumer<Boolean> take) {
        CheckBox box = new CheckBox(name);
        box.setWrapText(true);
        box.setId("property-" + id);
        box.setSelected(value);
        box.setOnAction(e -> take.accept(box.isSelected()));
        add(box, 1, getRowCount());
    }

    private static void name(Control control, String id, String name) {
        control.setId("property-" + id);
        control.setAccessibleText(name);
    }

    private void row(String name, Node field) {
        Label label = new Label(name);
        label.getStyleClass().add("quiet");
        label.setMinWidth(USE_PREF_SIZE);
        int row = getRowCount();
        add(label, 0, row);
        add(field, 1, row);
        setHgrow(field, Priority.ALWAYS);
    }
}
