package jasperwing.app.shell;

import jasperwing.app.workspace.Problems;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Says in one line that the program failed, with the details on demand; not there while nothing went wrong. */
final class ProblemLine extends VBox {
    private final Problems problems;
    private final Label sentence = new Label();
    private final Button show = new Button("Show details");
    private final TextArea details = new TextArea();

    ProblemLine(Problems problems) {
        this.problems = problems;
        getStyleClass().add("problem-line");
        setId("problem-line");
        sentence.setId("problem-sentence");
        sentence.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(sentence, Priority.ALWAYS);
        details.setId("problem-details");
        details.setEditable(false);
        details.setPrefRowCount(8);
        show.setId("problem-show");
        show.setOnAction(e -> showDetails(!details.isVisible()));
        Button copy = new Button("Copy");
        copy.setId("problem-copy");
        copy.setOnAction(e -> copy());
        Button dismiss = new Button("Dismiss");
        dismiss.setId("problem-dismiss");
        dismiss.setOnAction(e -> problems.dismiss());
        HBox line = new HBox(8, sentence, show, copy, dismiss);
        line.setAlignment(Pos.CENTER_LEFT);
        line.getChildren().stream().filter(Button.class::isInstance).forEach(b -> b.getStyleClass()
                .add("pill"));
        getChildren().addAll(line, details);
        problems.latest().addListener((o, was, is) -> refresh(is));
        refresh(problems.latest().get());
    }

    private void refresh(Optional<Problems.Unexpected> latest) {
        setVisible(latest.isPresent());
        setManaged(latest.isPresent());
        latest.ifPresent(u -> {
            sentence.setText(u.sentence());
            details.setText(u.details());
        });
        if (latest.isEmpty()) {
            showDetails(false);
        }
    }

    private void showDetails(boolean shown) {
        details.setVisible(shown);
        details.setManaged(shown);
        show.setText(shown ? "Hide details" : "Show details");
    }

    private void copy() {
        ClipboardContent content = new ClipboardContent();
        content.putString(
                problems.latest().get().map(Problems.Unexpected::details).orElse(""));
        Clipboard.getSystemClipboard().setContent(content);
    }
}
