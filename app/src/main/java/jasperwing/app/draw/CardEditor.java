package jasperwing.app.draw;

import jasperwing.app.controls.Focus;
import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.complete.AttributeCompletion;
import jasperwing.complete.Proposals;
import jasperwing.diagram.Box;
import jasperwing.model.Attribute;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import org.fxmisc.flowless.VirtualizedScrollPane;

/**
 * A card's name and lines as text, in place. What is typed takes effect at once and is one step of the history. While a line
 * does not parse, the card stays as it last was, and open with the line marked, so that nothing is lost; a second Esc goes back to
 * such lines as they were.
 */
final class CardEditor extends VBox {
    private static final double LINE = 17.5;
    private static final double LEAST_WIDTH = 330;
    private static final double MOST_WIDTH = 760;
    private static final double LETTER = 7.6;

    /** What name, problem and borders take of the height, and margins of the width. */
    private static final double AROUND = 90;

    private static final double MARGINS = 40;
    private static final int LEAST_LINES = 4;

    /** What stays free between the card and the edge of the sheet. */
    private static final double EDGE = 8;

    private static final String RULE_START = "rule \"must ";
    private static final String RULE_END = "\": ";

    /** Where to go when a card is left by a key that leads to another. */
    interface Neighbours {
        /** The next card in the order of the design, or the one before. */
        void step(String entity, int by);

        /** The card below or above. */
        void towards(String entity, int dy);
    }

    private final Workspace workspace;
    private final Workspace.Typing typing;
    private final Runnable closed;
    private final Neighbours neighbours;
    /** As it was when the card was opened, under the name it has now. */
    private Entity entity;

    /** To the name it has now. */
    private Edit renamed = Edit.NOTHING;

    private Consumer<String> whenRenamed = n -> {};
    private final TextField name = new TextField();
    private final CardLines lines;
    private final CompletionList completion;
    private final Label problem = new Label();
    private Runnable grown = () -> {};
    private boolean warned;
    private boolean done;

    CardEditor(Workspace workspace, Entity entity, SheetView sheet, Neighbours neighbours, Runnable closed) {
        this.workspace = workspace;
        this.typing = workspace.typing();
        this.entity = entity;
        this.neighbours = neighbours;
        this.closed = closed;
        this.lines = new CardLines(entity);
        this.completion = new CompletionList(sheet.overlay(), p -> take(p.insert()));
        getStyleClass().add("card-editor");
        name.getStyleClass().add("card-name");
        name.setId("card-name");
        name.setText(entity.name());
        name.setAccessibleText("The name of the entity");
        problem.getStyleClass().add("card-problem");
        problem.setId("card-problem");
        problem.setWrapText(true);
        getChildren().addAll(name, new VirtualizedScrollPane<>(lines), problem);
        lines.multiPlainChanges().subscribe(c -> typed());
        lines.caretPositionProperty().addListener((o, was, is) -> Platform.runLater(this::propose));
        name.textProperty().addListener((o, was, is) -> check());
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        name.setOnAction(e -> startAtLine(Integer.MAX_VALUE));
        name.focusedProperty().addListener((o, was, is) -> takeName(is));
        lines.focusedProperty().addListener((o, was, is) -> completion.hide());
        lines.currentParagraphProperty().addListener((o, was, is) -> check());
        check();
    }

    String entityName() {
        return entity.name();
    }

    /** @param action called with the new name when the name was left for the lines */
    void whenRenamed(Consumer<String> action) {
        whenRenamed = action;
    }

    /** @param action called when the card may need more room or less */
    void whenGrown(Runnable action) {
        grown = action;
    }

    void startAtName() {
        Focus.take(name);
        name.selectAll();
    }

    /** Starts behind a line; beyond the last one a new line is begun. */
    void startAtLine(int row) {
        if (row < 0 || row >= lines.getParagraphs().size() || lines.getText().isBlank()) {
            lines.newLine();
        } else {
            lines.goToEndOf(row);
        }
        lines.requestFocus();
    }

    /** A new line for a rule, to be gone on with in its message. */
    void startRule() {
        startAtLine(Integer.MAX_VALUE);
        int at = lines.getCaretPosition();
        lines.insertText(at, RULE_START + RULE_END);
        lines.moveTo(at + RULE_START.length());
    }

    /** Takes the card's place, never smaller than can be typed in; moved so far that nothing of it is cut off. */
    void place(Box onScreen, double width, double height) {
        double longest = lines.getText().lines().mapToInt(String::length).max().orElse(0) * LETTER + MARGINS;
        double wide = Math.max(Math.max(LEAST_WIDTH, onScreen.width()), Math.min(MOST_WIDTH, longest));
        setPrefWidth(Math.min(wide, width - 2 * EDGE));
        int most = (int) Math.max(LEAST_LINES, (height - 2 * EDGE - AROUND) / LINE);
        lines.setPrefHeight(Math.min(most, rows(getPrefWidth())) * LINE + 10);
        setLayoutX(within(onScreen.x(), getPrefWidth(), width));
        setLayoutY(within(onScreen.y(), prefHeight(getPrefWidth()), height));
    }

    /** The rows that the lines take at a width, wrapped ones counted as often as they take one. */
    private int rows(double width) {
        double letters = Math.max(1, (width - MARGINS) / LETTER);
        return lines.getParagraphs().stream()
                .mapToInt(p -> Math.max(1, (int) Math.ceil(p.length() / letters)))
                .sum();
    }

    /** Where something that long begins so that its end is seen, and its beginning in any case. */
    private static double within(double start, double length, double all) {
        return Math.max(EDGE, Math.min(start, all - length - EDGE));
    }

    private void key(KeyEvent e) {
        if (e.getCode() == KeyCode.ESCAPE) {
            leave(warned);
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER && e.isShortcutDown()) {
            leave(false);
            e.consume();
        } else if (e.getTarget() == name) {
            nameKey(e);
        } else if (lineKey(e)) {
            e.consume();
        }
    }

    private void nameKey(KeyEvent e) {
        if (e.getCode() == KeyCode.TAB && e.isShiftDown()) {
            neighbours.step(entity.name(), -1);
            e.consume();
        } else if (e.getCode() == KeyCode.UP) {
            neighbours.towards(entity.name(), -1);
            e.consume();
        } else if (e.getCode() == KeyCode.DOWN || e.getCode() == KeyCode.TAB) {
            lines.requestFocus();
            lines.goToEndOf(0);
            e.consume();
        }
    }

    /** @return whether the key meant something else than it would in plain text */
    private boolean lineKey(KeyEvent e) {
        return switch (e.getCode()) {
            case TAB -> e.isShiftDown() ? back() : take() || on();
            case ENTER -> completion.isMeant() && take() || enter();
            case SPACE -> e.isShortcutDown() && proposeNow();
            case UP, DOWN -> arrow(e, e.getCode() == KeyCode.DOWN ? 1 : -1);
            default -> false;
        };
    }

    private boolean arrow(KeyEvent e, int by) {
        if (e.isAltDown()) {
            lines.shift(by);
            return true;
        }
        if (completion.isOpen()) {
            completion.choose(by);
            return true;
        }
        if (by > 0 && lines.isOnLastLine()) {
            neighbours.towards(entity.name(), 1);
            return true;
        }
        if (by < 0 && lines.isOnFirstLine()) {
            startAtName();
            return true;
        }
        return false;
    }

    private boolean back() {
        if (lines.isOnFirstLine()) {
            startAtName();
        } else {
            lines.goToEndOf(lines.getCurrentParagraph() - 1);
        }
        return true;
    }

    /** The line is broken as in plain text; a name alone gets its type first. */
    private boolean enter() {
        if (lines.getCaretColumn() == lines.getParagraphLength(lines.getCurrentParagraph())) {
            guessType();
        }
        return false;
    }

    /** Gives a line that is a new name alone the type the name suggests, to be seen and changed. */
    private void guessType() {
        String line = lines.getText(lines.getCurrentParagraph());
        boolean known = workspace
                .design()
                .entity(entity.name())
                .flatMap(e -> e.attribute(line.strip()))
                .isPresent();
        if (lines.isFocused() && !known) {
            lines.append(AttributeCompletion.missingType(line));
        }
    }

    /** To the next line; from the last one to the next card. */
    private boolean on() {
        guessType();
        if (lines.isOnLastLine()) {
            neighbours.step(entity.name(), 1);
        } else {
            lines.goToEndOf(lines.getCurrentParagraph() + 1);
        }
        return true;
    }

    private boolean take() {
        Optional<String> insert = completion.chosen().map(p -> p.insert());
        insert.ifPresent(this::take);
        return insert.isPresent();
    }

    private void take(String insert) {
        lines.accept(completion.from(), insert);
        completion.hide();
        lines.requestFocus();
    }

    private void propose() {
        if (lines.isFocused() && !done) {
            Proposals proposals = AttributeCompletion.of(workspace.design(), entity, lines.beforeCaret());
            boolean atEnd = lines.getCaretColumn() == lines.getParagraphLength(lines.getCurrentParagraph());
            boolean typedWord = proposals.from() < lines.getCaretColumn();
            completion.show(atEnd && typedWord ? proposals : new Proposals(0, List.of()), lines.getCaretBounds());
        }
    }

    private boolean proposeNow() {
        completion.show(
                AttributeCompletion.of(workspace.design(), entity, lines.beforeCaret()), lines.getCaretBounds());
        return true;
    }

    /** What is typed takes effect as soon as all of it can be read. */
    private void typed() {
        if (lines.isSetting()) {
            return;
        }
        check();
        CardLines.Read read = lines.read();
        if (read.problem().isEmpty() && !done) {
            if (lines.followName(read.attributes().stream().map(Attribute::name).toList())) {
                read = lines.read();
            }
            typing.edit(renamed.then(CardEdit.of(entity, read)));
            lines.follow(CardEdit.followed(entity, read));
        }
    }

    private void check() {
        warned = false;
        CardLines.Read read = lines.read();
        say(nameProblem().orElse(lines.isTypedOn(read.line()) ? "" : read.problem()));
        grown.run();
    }

    /** The name takes effect when it is left, where it can be one. */
    private void takeName(boolean focused) {
        String wanted = name.getText().strip();
        CardLines.Read read = lines.read();
        boolean takes =
                !focused && !done && nameProblem().isEmpty() && read.problem().isEmpty();
        if (takes && !wanted.equals(entity.name())) {
            renamed = renamed.then(EntityEdits.rename(entity.name(), wanted));
            entity = entity.withName(wanted);
            typing.edit(renamed.then(CardEdit.of(entity, read)));
            whenRenamed.accept(wanted);
            workspace.selection().set(Selection.of(wanted));
        }
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
     * @param regardless goes back to what last parsed, instead of staying
     * @return whether it was left
     */
    boolean leave(boolean regardless) {
        if (done) {
            return true;
        }
        if (!regardless) {
            guessType();
        }
        CardLines.Read read =
                lines.readLastGood(workspace.design().entity(entity.name()).orElse(entity));
        Optional<String> wrongName = nameProblem();
        String wrong = wrongName.orElse(read.problem());
        if (!wrong.isEmpty() && !regardless) {
            warned = true;
            say(wrong
                    + (wrongName.isPresent()
                            ? "  Esc again keeps the old name."
                            : "  Esc again goes back to the line as it was."));
            return false;
        }
        done = true;
        completion.hide();
        String newName = wrongName.isPresent() ? entity.name() : name.getText().strip();
        closed.run();
        typing.edit(renamed.then(CardEdit.of(entity, read)).then(EntityEdits.rename(entity.name(), newName)));
        workspace.selection().set(Selection.of(newName));
        Platform.runLater(this::forgetFocus);
        return true;
    }

    private void forgetFocus() {
        if (getParent() != null) {
            getParent().requestFocus();
        }
    }
}
