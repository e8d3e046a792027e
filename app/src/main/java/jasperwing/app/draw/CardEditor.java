package jasperwing.app.draw;

import jasperwing.app.shell.Selection;
import jasperwing.app.shell.Workspace;
import jasperwing.diagram.Box;
import jasperwing.model.Attribute;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.notation.AttributeLine;
import jasperwing.notation.Notation;
import jasperwing.notation.Parsed;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;

/**
 * A card's name and lines as text, in place. Leaving makes one edit of everything typed. While a line does not parse, the
 * card stays open with the line named, so that nothing is lost; a second Esc leaves such lines out.
 */
final class CardEditor extends VBox {
    private static final double LINE = 18;

    private final Workspace workspace;
    private final Entity entity;
    private final Runnable closed;
    private final TextField name = new TextField();
    private final TextArea lines = new TextArea();
    private final Label problem = new Label();
    private boolean warned;
    private boolean done;

    CardEditor(Workspace workspace, Entity entity, Runnable closed) {
        this.workspace = workspace;
        this.entity = entity;
        this.closed = closed;
        getStyleClass().add("card-editor");
        name.getStyleClass().add("card-name");
        name.setId("card-name");
        name.setText(entity.name());
        lines.getStyleClass().add("card-lines");
        lines.setId("card-lines");
        lines.setPromptText("maxDepth decimal(5,1) from 0 to 120");
        lines.setText(text(entity));
        problem.getStyleClass().add("card-problem");
        problem.setId("card-problem");
        problem.setWrapText(true);
        getChildren().addAll(name, lines, problem);
        lines.textProperty().addListener((o, was, is) -> check());
        name.textProperty().addListener((o, was, is) -> check());
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        name.setOnAction(e -> lines.requestFocus());
        check();
    }

    private static String text(Entity entity) {
        return entity.attributes().stream()
                .map(a -> Notation.print(a, entity.isKey(a)))
                .collect(Collectors.joining("\n"));
    }

    String entityName() {
        return entity.name();
    }

    void startAtName() {
        name.requestFocus();
        name.selectAll();
    }

    /** Starts behind a line; beyond the last one a new line is begun. */
    void startAtLine(int row) {
        List<String> all = lines.getText().lines().toList();
        if (row < 0 || row >= all.size()) {
            lines.appendText(lines.getText().isEmpty() ? "" : "\n");
            lines.end();
        } else {
            int at = all.subList(0, row + 1).stream()
                            .mapToInt(l -> l.length() + 1)
                            .sum()
                    - 1;
            lines.positionCaret(at);
        }
        lines.requestFocus();
    }

    /** Takes the card's place; never smaller than can be typed in. */
    void place(Box onScreen) {
        setLayoutX(onScreen.x());
        setLayoutY(onScreen.y());
        setPrefWidth(Math.max(330, onScreen.width()));
    }

    private void key(KeyEvent e) {
        if (e.getCode() == KeyCode.ESCAPE) {
            leave(warned);
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER && e.isShortcutDown()) {
            leave(false);
            e.consume();
        } else if (e.getCode() == KeyCode.TAB && e.getTarget() == lines) {
            tab(e.isShiftDown());
            e.consume();
        }
    }

    /** Moves to the end of the next line or, back, of the one before; past the ends, to a new line or to the name. */
    private void tab(boolean back) {
        String text = lines.getText();
        int at = lines.getCaretPosition();
        if (back) {
            int start = text.lastIndexOf('\n', at - 1);
            if (start < 0) {
                startAtName();
            } else {
                lines.positionCaret(start);
            }
            return;
        }
        int end = text.indexOf('\n', at);
        if (end < 0) {
            lines.appendText("\n");
            lines.end();
        } else {
            int next = text.indexOf('\n', end + 1);
            lines.positionCaret(next < 0 ? text.length() : next);
        }
    }

    private record Read(List<Attribute> attributes, List<String> key, String problem) {}

    private Read read() {
        List<Attribute> attributes = new ArrayList<>();
        List<String> key = new ArrayList<>();
        String wrong = "";
        int number = 0;
        for (String line : lines.getText().lines().toList()) {
            number++;
            if (line.isBlank()) {
                continue;
            }
            Parsed<Optional<AttributeLine>> parsed = Notation.attribute(line);
            if (parsed.value().isPresent()) {
                Attribute attribute = parsed.value().get().attribute();
                attributes.add(keepComments(attribute));
                if (parsed.value().get().key()) {
                    key.add(attribute.name());
                }
            } else if (wrong.isEmpty()) {
                wrong = "Line " + number + ": " + parsed.problems().get(0).sentence();
            }
        }
        return new Read(attributes, key, wrong);
    }

    private Attribute keepComments(Attribute attribute) {
        return entity.attribute(attribute.name())
                .map(old -> attribute.withNotes(
                        attribute.notes().withComments(old.notes().comments())))
                .orElse(attribute);
    }

    private void check() {
        warned = false;
        say(nameProblem().orElse(read().problem()));
        long count = Math.max(1, lines.getText().chars().filter(c -> c == '\n').count() + 1);
        lines.setPrefHeight(Math.min(18, count) * LINE + 12);
    }

    private Optional<String> nameProblem() {
        String wanted = name.getText().strip();
        if (wanted.isEmpty()) {
            return Optional.of("An entity needs a name.");
        }
        boolean taken = !wanted.equals(entity.name())
                && workspace.design().entity(wanted).isPresent();
        return taken ? Optional.of("There is an entity " + wanted + " already.") : Optional.empty();
    }

    private void say(String text) {
        problem.setText(text);
        problem.setVisible(!text.isEmpty());
        problem.setManaged(!text.isEmpty());
    }

    /**
     * Leaves the card.
     *
     * @param regardless leaves out what does not parse, instead of staying
     * @return whether it was left
     */
    boolean leave(boolean regardless) {
        if (done) {
            return true;
        }
        Read read = read();
        Optional<String> wrongName = nameProblem();
        String wrong = wrongName.orElse(read.problem());
        if (!wrong.isEmpty() && !regardless) {
            warned = true;
            say(wrong
                    + (wrongName.isPresent() ? "  Esc again keeps the old name." : "  Esc again leaves the line out."));
            return false;
        }
        done = true;
        String newName = wrongName.isPresent() ? entity.name() : name.getText().strip();
        Edit edit = EntityEdits.retype(entity.name(), read.attributes(), read.key());
        if (!newName.equals(entity.name())) {
            edit = edit.then(EntityEdits.rename(entity.name(), newName));
        }
        closed.run();
        workspace.edit(edit, Selection.of(newName));
        Platform.runLater(this::forgetFocus);
        return true;
    }

    private void forgetFocus() {
        if (getParent() != null) {
            getParent().requestFocus();
        }
    }
}
