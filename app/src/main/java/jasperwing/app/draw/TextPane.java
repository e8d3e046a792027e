package jasperwing.app.draw;

import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.complete.Proposals;
import jasperwing.complete.TextCompletion;
import jasperwing.model.Design;
import jasperwing.model.Place;
import jasperwing.model.SharedParts;
import jasperwing.model.SheetEdits;
import jasperwing.notation.DesignReader;
import jasperwing.notation.LineMerge;
import jasperwing.notation.Notation;
import jasperwing.notation.Parsed;
import jasperwing.notation.Problem;
import jasperwing.notation.TextMap;
import jasperwing.notation.TextPosition;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.fxmisc.flowless.VirtualizedScrollPane;
import org.fxmisc.richtext.model.TwoDimensional.Bias;

/**
 * The whole design as text beside the diagram. What is typed takes effect as soon as the text parses; until then the diagram
 * keeps the last good design and the errors are marked. While somebody types, their text is left as they wrote it; it is printed canonically
 * when they leave it. What is selected and where the caret stands are one.
 */
final class TextPane extends VBox {
    private final Workspace workspace;
    private final DesignText area = new DesignText();
    private final EditedText content = new EditedText(area);
    private final Label problem = new Label();
    private final Button take = new Button("Take the diagram's");
    private final HBox foot = new HBox(8, problem, take);
    private final Pane overlay = new Pane();
    private final DesignReader reader = new DesignReader();
    private final CompletionList completion = new CompletionList(overlay, p -> take(p.insert()));
    private Workspace.Typing edits;

    /** The design that the text said when it was last right. */
    private Design good = Design.named("");

    private List<Problem> problems = List.of();
    private boolean setting;

    /** While an edit that was typed here takes effect. */
    private boolean typing;

    private boolean following;

    TextPane(Workspace workspace) {
        this.workspace = workspace;
        getStyleClass().add("text-pane");
        setId("text-pane");
        area.setId("design-text");
        area.setAccessibleText("The design as text");
        problem.setId("text-problem");
        problem.setWrapText(true);
        problem.getStyleClass().add("say-problem");
        HBox.setHgrow(problem, Priority.ALWAYS);
        take.setMinWidth(USE_PREF_SIZE);
        take.setOnAction(e -> reset());
        foot.getStyleClass().add("text-foot");
        VirtualizedScrollPane<DesignText> scroll = new VirtualizedScrollPane<>(area);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(scroll, foot, overlay);
        overlay.setManaged(false);
        overlay.setPickOnBounds(false);
        edits = workspace.typing();
        listen();
        say("", false);
    }

    private void listen() {
        area.addEventFilter(KeyEvent.KEY_PRESSED, this::undoKeys);
        area.multiPlainChanges().subscribe(changes -> {
            content.change(changes);
            typed();
        });
        area.currentParagraphProperty().addListener((o, was, is) -> {
            select();
            if (!problems.isEmpty() && !setting) {
                read();
            }
        });
        area.caretPositionProperty().addListener((o, was, is) -> Platform.runLater(this::propose));
        area.addEventFilter(KeyEvent.KEY_PRESSED, this::completionKeys);
        area.focusedProperty().addListener((o, was, is) -> {
            completion.hide();
            edits = workspace.typing();
            if (!is && problems.isEmpty()) {
                reset();
            } else if (!is) {
                read();
            }
        });
        workspace.projection().addListener((o, was, is) -> changed());
        workspace.selection().addListener((o, was, is) -> follow());
    }

    /** Catches up with what was done while it was away. */
    void shown() {
        if (problems.isEmpty()) {
            reset();
        } else {
            changed();
        }
    }

    void takeFocus() {
        area.requestFocus();
    }

    /** Puts the caret where a name is declared that is no entity's. */
    void showDeclaration(String name) {
        content.map().named(name).ifPresent(s -> {
            area.moveTo(s.first(), 0);
            area.showParagraphAtTop(Math.max(0, s.first() - 3));
            area.selectLine();
            area.requestFocus();
        });
    }

    /** Shows the design as it is, and forgets what did not parse. */
    private void reset() {
        good = workspace.design();
        set(Notation.print(good));
        read();
        follow();
    }

    /** Replaces only the lines that differ, so that the rest of the view stays still. */
    private void set(String text) {
        String now = content.text();
        if (now.equals(text)) {
            return;
        }
        int start = 0;
        int least = Math.min(now.length(), text.length());
        while (start < least && now.charAt(start) == text.charAt(start)) {
            start++;
        }
        int end = 0;
        while (end < least - start && now.charAt(now.length() - 1 - end) == text.charAt(text.length() - 1 - end)) {
            end++;
        }
        int caret = now.isEmpty() ? 0 : TextPosition.follow(now, text, area.getCaretPosition());
        setting = true;
        area.replaceText(start, now.length() - end, text.substring(start, text.length() - end));
        area.moveTo(caret);
        area.getUndoManager().forgetHistory();
        setting = false;
        int first = area.offsetToPosition(start, Bias.Backward).getMajor();
        int last = area.offsetToPosition(text.length() - end, Bias.Forward).getMajor();
        area.highlight(first, last, List.of());
    }

    /** What was typed here is taken back first; then what was done elsewhere. */
    private void undoKeys(KeyEvent e) {
        boolean undo = e.isShortcutDown() && e.getCode() == KeyCode.Z && !e.isShiftDown();
        boolean redo = e.isShortcutDown() && (e.getCode() == KeyCode.Y || e.getCode() == KeyCode.Z && e.isShiftDown());
        if (undo && !area.isUndoAvailable()) {
            workspace.undo();
            e.consume();
        } else if (redo && !area.isRedoAvailable()) {
            workspace.redo();
            e.consume();
        }
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        overlay.resizeRelocate(0, 0, getWidth(), getHeight());
    }

    private void completionKeys(KeyEvent e) {
        boolean done =
                switch (e.getCode()) {
                    case TAB -> !e.isShiftDown() && take();
                    case ENTER -> completion.isMeant() && take();
                    case UP, DOWN -> choose(e.getCode() == KeyCode.DOWN ? 1 : -1);
                    case ESCAPE -> hide();
                    case SPACE -> e.isShortcutDown() && proposeNow();
                    default -> false;
                };
        if (done) {
            e.consume();
        }
    }

    private boolean take() {
        Optional<String> insert = completion.chosen().map(p -> p.insert());
        insert.ifPresent(this::take);
        return insert.isPresent();
    }

    private void take(String insert) {
        int line = area.getCurrentParagraph();
        area.replaceText(line, completion.from(), line, area.getCaretColumn(), insert);
        completion.hide();
        area.requestFocus();
    }

    private boolean choose(int by) {
        if (completion.isOpen()) {
            completion.choose(by);
        }
        return completion.isOpen();
    }

    private boolean hide() {
        boolean open = completion.isOpen();
        completion.hide();
        return open;
    }

    private Proposals proposals() {
        int line = area.getCurrentParagraph();
        List<String> above = content.map().lines().subList(0, line);
        return TextCompletion.of(workspace.design(), above, area.getText(line).substring(0, area.getCaretColumn()));
    }

    private boolean proposeNow() {
        completion.show(proposals(), area.getCaretBounds());
        return true;
    }

    /** Where a word is being typed at the end of a line. */
    private void propose() {
        int line = area.getCurrentParagraph();
        if (!area.isFocused() || setting || area.getCaretColumn() != area.getParagraphLength(line)) {
            completion.hide();
            return;
        }
        Proposals proposals = proposals();
        boolean word = proposals.from() < area.getCaretColumn();
        completion.show(word ? proposals : new Proposals(0, List.of()), area.getCaretBounds());
    }

    private void typed() {
        if (setting) {
            return;
        }
        Parsed<Design> parsed = read();
        if (parsed.isSound()) {
            Design design = placed(SharedParts.of(workspace.design(), parsed.value()), workspace.design());
            typing = true;
            edits.edit(d -> design);
            typing = false;
            good = workspace.design();
            reader.adopt(good);
            select();
        }
    }

    /** Cards stay where they stand, also those whose places were found since the text was printed. */
    private static Design placed(Design typed, Design now) {
        if (typed.places() == now.places()) {
            return typed;
        }
        Set<List<String>> known =
                typed.places().stream().map(p -> List.of(p.entity(), p.sheet())).collect(Collectors.toSet());
        List<Place> missing = now.places().stream()
                .filter(p -> typed.entity(p.entity()).isPresent() && !known.contains(List.of(p.entity(), p.sheet())))
                .toList();
        return missing.isEmpty() ? typed : SheetEdits.place(missing).on(typed);
    }

    /** Reads the text, marks what is wrong in it, and says the first of it. */
    private Parsed<Design> read() {
        Parsed<Design> parsed = reader.read(content.text());
        Set<Integer> lines = new TreeSet<>();
        problems.forEach(p -> lines.add(p.line() - 1));
        problems = parsed.problems();
        problems.forEach(p -> lines.add(p.line() - 1));
        lines.add(area.getCurrentParagraph());
        List<Problem> left =
                problems.stream().filter(p -> !area.isTypedOn(p.line() - 1)).toList();
        lines.forEach(l -> area.highlight(l, l, left));
        say(
                left.stream()
                        .findFirst()
                        .map(p -> "Line " + p.line() + ": " + p.sentence()
                                + (left.size() > 1 ? "  (and " + (left.size() - 1) + " more)" : ""))
                        .orElse(""),
                false);
        return parsed;
    }

    private void say(String text, boolean apart) {
        problem.setText(text);
        take.setVisible(apart);
        take.setManaged(apart);
        foot.setVisible(!text.isEmpty());
        foot.setManaged(!text.isEmpty());
    }

    /** The design changed here or elsewhere; a text that does not parse takes the change in where it can. */
    private void changed() {
        if (getScene() == null) {
            return;
        }
        if (typing || workspace.design() == good) {
            return;
        }
        String now = Notation.print(workspace.design());
        Optional<String> merged = LineMerge.of(Notation.print(good), content.text(), now);
        if (merged.isPresent() || problems.isEmpty()) {
            good = workspace.design();
            set(merged.orElse(now));
            read();
        } else {
            say("The diagram has changed where this text does not parse.", true);
        }
    }

    private void select() {
        if (following || setting || !area.isFocused()) {
            return;
        }
        Design design = workspace.design();
        content.map().at(area.getCurrentParagraph()).ifPresent(span -> {
            following = true;
            if (span.kind() == TextMap.Kind.ENTITY
                    && span.index() < design.entities().size()) {
                workspace
                        .selection()
                        .set(Selection.of(design.entities().get(span.index()).name()));
            } else if (span.kind() == TextMap.Kind.RELATIONSHIP
                    && span.index() < design.relationships().size()) {
                workspace.selection().set(Selection.of(design.relationships().get(span.index())));
            }
            following = false;
        });
    }

    /** Brings the text of what is selected to be seen, and sets it off. */
    private void follow() {
        if (getScene() == null) {
            return;
        }
        Optional<TextMap.Span> span = selected(content.map());
        for (int i = 0; i < area.getParagraphs().size(); i++) {
            int line = i;
            boolean inside =
                    span.filter(s -> s.first() <= line && line <= s.last()).isPresent();
            boolean marked = area.getParagraph(i).getParagraphStyle().contains("selected-line");
            if (inside != marked) {
                area.setParagraphStyle(i, inside ? List.of("selected-line") : List.of());
            }
        }
        if (span.isPresent() && !following && !area.isFocused()) {
            area.moveTo(span.get().first(), 0);
            area.showParagraphAtTop(Math.max(0, span.get().first() - 3));
        }
    }

    private Optional<TextMap.Span> selected(TextMap map) {
        Selection selection = workspace.selection().get();
        Design design = workspace.design();
        if (selection.relationship().isPresent()) {
            int index = design.relationships().indexOf(selection.relationship().get());
            return map.of(TextMap.Kind.RELATIONSHIP, index);
        }
        return selection
                .single()
                .flatMap(name -> map.of(
                        TextMap.Kind.ENTITY,
                        design.entities().stream().map(e -> e.name()).toList().indexOf(name)));
    }
}
