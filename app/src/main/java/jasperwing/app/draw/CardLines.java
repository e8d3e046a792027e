package jasperwing.app.draw;

import jasperwing.model.Attribute;
import jasperwing.model.Entity;
import jasperwing.notation.AttributeLine;
import jasperwing.notation.Notation;
import jasperwing.notation.Parsed;
import jasperwing.notation.Problem;
import jasperwing.paste.Pasting;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.Clipboard;
import org.fxmisc.richtext.CodeArea;
import org.fxmisc.richtext.model.StyleSpansBuilder;

/** The attributes of a card as lines that are typed: read at every change, what does not parse marked where it stands. */
final class CardLines extends CodeArea {
    private final Entity entity;

    CardLines(Entity entity) {
        this.entity = entity;
        getStyleClass().add("card-lines");
        setId("card-lines");
        setWrapText(false);
        setAccessibleText("The attributes of " + entity.name() + ", one a line");
        List<String> lines = entity.attributes().stream()
                .map(a -> Notation.print(a, entity.isKey(a)))
                .toList();
        replaceText(String.join("\n", lines));
        getUndoManager().forgetHistory();
        mark();
        multiPlainChanges().subscribe(c -> mark());
    }

    /**
     * What the lines say.
     *
     * @param attributes those of the lines that parse
     * @param key the names of those in the key
     * @param problem the first thing that is wrong, with its line, or empty
     */
    record Read(List<Attribute> attributes, List<String> key, String problem) {}

    Read read() {
        return read(entity, false);
    }

    /** The same, where a line that does not parse says what it said before. @param now the entity as it is by then */
    Read readLastGood(Entity now) {
        return read(now, true);
    }

    private Read read(Entity now, boolean lastGood) {
        LastGood last = new LastGood(entity, now, getText());
        List<Attribute> attributes = new ArrayList<>();
        List<String> key = new ArrayList<>();
        String wrong = "";
        int number = 0;
        for (String line : getText().split("\n", -1)) {
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
                last.passed(attribute.name());
            } else {
                Optional<Attribute> good = lastGood ? last.of(line) : Optional.empty();
                good.ifPresent(attributes::add);
                good.filter(a -> entity.isKey(a) || now.isKey(a)).ifPresent(a -> key.add(a.name()));
                wrong = wrong.isEmpty()
                        ? "Line " + number + ": " + parsed.problems().get(0).sentence()
                        : wrong;
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

    /** Sets names apart from what follows, and underlines what cannot be read. */
    private void mark() {
        StyleSpansBuilder<Collection<String>> spans = new StyleSpansBuilder<>();
        String[] lines = getText().split("\n", -1);
        for (int i = 0; i < lines.length; i++) {
            String line = lines[i];
            int end = i < lines.length - 1 ? 1 : 0;
            Optional<Problem> problem = line.isBlank()
                    ? Optional.empty()
                    : Notation.attribute(line).problems().stream().findFirst();
            if (problem.isPresent()) {
                int from = Math.max(0, Math.min(problem.get().column() - 1, line.length() - 1));
                spans.add(Collections.emptyList(), from);
                spans.add(List.of("wrong-text"), line.length() - from);
                spans.add(Collections.emptyList(), end);
            } else {
                int name = line.indexOf(' ') < 0 ? line.length() : line.indexOf(' ');
                spans.add(Collections.emptyList(), name);
                spans.add(List.of("rest-text"), line.length() - name);
                spans.add(Collections.emptyList(), end);
            }
        }
        setStyleSpans(0, spans.create());
    }

    /** The line up to the caret. */
    String beforeCaret() {
        return getText(getCurrentParagraph()).substring(0, getCaretColumn());
    }

    boolean isOnFirstLine() {
        return getCurrentParagraph() == 0;
    }

    boolean isOnLastLine() {
        return getCurrentParagraph() == getParagraphs().size() - 1;
    }

    /** Moves to the end of a line, counted from 0. */
    void goToEndOf(int line) {
        int wanted = Math.max(0, Math.min(getParagraphs().size() - 1, line));
        moveTo(wanted, getParagraphLength(wanted));
        requestFollowCaret();
    }

    /** Begins a new line below the last one, unless that is blank. */
    void newLine() {
        if (!getText(getParagraphs().size() - 1).isBlank()) {
            appendText("\n");
        }
        moveTo(getLength());
    }

    /** Takes the line the caret is on one up or down. */
    void shift(int by) {
        int line = getCurrentParagraph();
        int other = line + by;
        if (other < 0 || other >= getParagraphs().size()) {
            return;
        }
        int column = getCaretColumn();
        List<String> lines = new ArrayList<>(List.of(getText().split("\n", -1)));
        Collections.swap(lines, line, other);
        replaceText(String.join("\n", lines));
        moveTo(other, Math.min(column, getParagraphLength(other)));
    }

    /** Replaces what is typed before the caret by a proposal. */
    void accept(int from, String insert) {
        replaceText(getCurrentParagraph(), from, getCurrentParagraph(), getCaretColumn(), insert);
    }

    /** Takes several lines, cells of a spreadsheet or a SQL table for attributes; else pastes what there is. */
    @Override
    public void paste() {
        String text = Clipboard.getSystemClipboard().getString();
        if (text == null || !text.strip().contains("\n") && !text.contains("\t") && !text.contains(";")) {
            super.paste();
            return;
        }
        String lines = String.join("\n", Pasting.attributes(text).lines());
        int line = getCurrentParagraph();
        boolean blank = getText(line).isBlank();
        if (blank) {
            replaceText(line, 0, line, getParagraphLength(line), lines);
        } else {
            insertText(line, getParagraphLength(line), "\n" + lines);
        }
        requestFollowCaret();
    }
}
