package jasperwing.app.files;

import jasperwing.app.controls.Focus;
import java.io.File;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;

/** Asks for a file inside the window: a path can be typed, or looked for. What goes wrong is said in place. */
public final class PathPrompt extends StackPane {
    private final VBox card = new VBox(12);
    private final Label title = new Label();
    private final TextField field = new TextField();
    private final Label problem = new Label();
    private final Button go = new Button("Save");
    private Function<Path, Optional<String>> action = p -> Optional.empty();
    private final TextField extra = new TextField();
    private final Label extraLabel = new Label();
    private final HBox extraRow = new HBox(8, extraLabel, extra);
    private Consumer<String> takeExtra = t -> {};
    private UnaryOperator<String> pathFor = t -> t;
    private boolean saving;
    private String ending = ".wing";

    public PathPrompt() {
        getStyleClass().add("veil");
        card.getStyleClass().add("prompt");
        card.setMaxSize(620, USE_PREF_SIZE);
        title.getStyleClass().add("lens-title");
        field.setId("path");
        problem.getStyleClass().add("say-problem");
        problem.setId("path-problem");
        problem.setWrapText(true);
        go.getStyleClass().add("primary");
        go.setId("path-go");
        Button browse = new Button("Browse\u2026");
        browse.setOnAction(e -> browse());
        Button leave = new Button("Cancel");
        leave.setOnAction(e -> close());
        HBox.setHgrow(field, Priority.ALWAYS);
        HBox buttons = new HBox(8, go, leave);
        makeExtra();
        card.getChildren().addAll(title, extraRow, new HBox(8, field, browse), problem, buttons);
        getChildren().add(card);
        StackPane.setAlignment(card, Pos.CENTER);
        setVisible(false);
        go.setOnAction(e -> submit());
        field.setOnAction(e -> submit());
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                close();
                e.consume();
            }
        });
    }

    private void makeExtra() {
        extra.setId("path-title");
        extra.setOnAction(e -> submit());
        extra.textProperty().addListener((o, was, is) -> extraTyped(was, is));
        extraLabel.getStyleClass().add("quiet");
        extraLabel.setMinWidth(USE_PREF_SIZE);
        extraRow.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(extra, Priority.ALWAYS);
        showExtra(false);
    }

    /** @param then does it, and says what is wrong; empty closes the prompt */
    void ask(String what, String verb, String start, Function<Path, Optional<String>> then) {
        ask(what, verb, start, ".wing", then);
    }

    /** The same, with something wrong to begin with. */
    void ask(String what, String verb, String start, Function<Path, Optional<String>> then, String wrong) {
        ask(what, verb, start, then);
        say(wrong);
    }

    /**
     * Asks for a file.
     *
     * @param end what a name without an ending gets
     * @param then does it, and says what is wrong; empty closes the prompt
     */
    public void ask(String what, String verb, String start, String end, Function<Path, Optional<String>> then) {
        title.setText(what);
        go.setText(verb);
        saving = verb.equals("Save");
        ending = end;
        field.setText(start);
        action = then;
        showExtra(false);
        say("");
        setVisible(true);
        Focus.take(field);
        field.end();
    }

    /**
     * Adds a second field to the prompt, until it is opened for something else.
     *
     * @param path the path to suggest for a text of that field; a path the user has typed is kept
     * @param take receives the text when the prompt is submitted
     */
    void alsoAsk(String what, String value, UnaryOperator<String> path, Consumer<String> take) {
        pathFor = t -> t;
        extra.setText(value);
        extra.setPromptText(what);
        extra.setAccessibleText(what);
        extraLabel.setText(what);
        takeExtra = take;
        pathFor = path;
        showExtra(true);
    }

    private void extraTyped(String was, String is) {
        if (extraRow.isVisible() && field.getText().equals(pathFor.apply(was))) {
            field.setText(pathFor.apply(is));
        }
    }

    private void showExtra(boolean shown) {
        extraRow.setVisible(shown);
        extraRow.setManaged(shown);
    }

    private void submit() {
        try {
            if (extraRow.isVisible() && !extra.getText().isBlank()) {
                takeExtra.accept(extra.getText().strip());
            }
            Optional<String> wrong =
                    action.apply(Path.of(withEnding(field.getText().strip())));
            wrong.ifPresentOrElse(this::say, this::close);
        } catch (InvalidPathException e) {
            say("That is no path: " + e.getReason());
        }
    }

    private String withEnding(String path) {
        boolean bare = saving
                && !path.endsWith(File.separator)
                && !new File(path).getName().contains(".");
        return bare ? path + ending : path;
    }

    private void say(String text) {
        problem.setText(text);
        problem.setVisible(!text.isEmpty());
        problem.setManaged(!text.isEmpty());
    }

    private void browse() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title.getText());
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("*" + ending, "*" + ending));
        File file = saving
                ? chooser.showSaveDialog(getScene().getWindow())
                : chooser.showOpenDialog(getScene().getWindow());
        if (file != null) {
            field.setText(file.getPath());
        }
    }

    private void close() {
        setVisible(false);
        getParent().requestFocus();
    }
}
