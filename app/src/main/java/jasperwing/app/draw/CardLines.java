package jasperwing.app.draw;

import jasperwing.model.Attribute;
import jasperwing.model.Entity;
import jasperwing.notation.EntityDetails;
import jasperwing.notation.Problem;
import jasperwing.paste.PasteReader;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import javafx.scene.input.Clipboard;
import org.fxmisc.richtext.CodeArea;
import org.fxmisc.richtext.model.StyleSpansBuilder;

/**
 * The attributes of a card and what else its entity says, as lines that are typed: read at every change, what does not parse marked where it
 * stands.
 */
final class CardLines extends CodeArea {
    /** How lines begin that name attributes. */
    private static final Pattern NAMING = Pattern.compile("\\s*(?:key|unique|index)\\s*\\(|\\s*shown\\s+as\\s");

    private final Entity entity;

    /** The details as they stand here unless somebody types on them, in the order of the entity's own. */
    private final List<String> untouched;

    /** The names of the attributes when all lines could be read last. */
    private List<String> names;

    private boolean setting;

    CardLines(Entity entity) {
        this.entity = entity;
        getStyleClass().add("card-lines");
        setId("card-lines");
        setWrapText(true);
        setAccessibleText("What " + entity.name() + " has, one a line");
        untouched = new ArrayList<>(EntityDetails.print(entity));
        boolean flags = untouched.stream().noneMatch(l -> l.startsWith("key ("));
        List<String> lines = new ArrayList<>(entity.attributes().stream()
                .map(a -> EntityDetails.attribute(a, flags && entity.isKey(a)))
                .toList());
        lines.addAll(untouched);
        replaceText(String.join("\n", lines));
        names = entity.attributes().stream().map(Attribute::name).toList();
        getUndoManager().forgetHistory();
        mark();
        multiPlainChanges().subscribe(c -> mark());
        currentParagraphProperty().addListener((o, was, is) -> mark());
    }

    /**
     * What the lines say.
     *
     * @param attributes those of the lines that parse
     * @param key the names of those that are marked as the key
     * @param details the lines that are no attributes; those nobody typed on as they were when the card was opened
     * @param problem the first thing that is wrong, with its line, or empty
     * @param line that it is on, counted from 0; -1 for none
     */
    record Read(List<Attribute> attributes, List<String> key, List<String> details, String problem, int line) {}

    Read read() {
        return new CardReader(entity, untouched, getText()).read();
    }

    /** The same, where a line that does not parse says what it said before. @param now the entity as it is by then */
    Read readLastGood(Entity now) {
        return new CardReader(entity, untouched, getText()).readLastGood(now);
    }

    /** Whether a line, counted from 0, is still being typed: nothing is said of it until it is left. */
    boolean isTypedOn(int line) {
        return isFocused() && line == getCurrentParagraph() && getCaretColumn() == getParagraphLength(line);
    }

    /** Has details nobody typed on follow attributes to their new names. @param now what they say, by what they said at first */
    void follow(Map<String, String> now) {
        List<String> opened = EntityDetails.print(entity);
        setting = true;
        for (int i = 0; i < opened.size(); i++) {
            String said = now.getOrDefault(opened.get(i), opened.get(i));
            int line = List.of(getText().split("\n", -1)).indexOf(untouched.get(i));
            if (line >= 0 && !said.equals(untouched.get(i))) {
                replaceText(line, 0, line, getParagraphLength(line), said);
                untouched.set(i, said);
            }
        }
        setting = false;
    }

    /**
     * Has keys, uniques, indexes and what a row is shown as that were typed since the card was opened follow an attribute that is renamed.
     *
     * @param now the names of the attributes, all lines being readable
     * @return whether a line was changed
     */
    boolean followName(List<String> now) {
        boolean several = new HashSet<>(now).size() < now.size();
        List<Integer> other = IntStream.range(0, Math.min(now.size(), names.size()))
                .filter(i -> !now.get(i).equals(names.get(i)))
                .boxed()
                .toList();
        boolean renamed = now.size() == names.size() && other.size() == 1 && !several;
        boolean changed = renamed && rename(names.get(other.get(0)), now.get(other.get(0)));
        if (!several) {
            names = List.copyOf(now);
        }
        return changed;
    }

    private boolean rename(String old, String now) {
        Pattern word = Pattern.compile("(?<![\\p{L}\\p{N}_])" + Pattern.quote(old) + "(?![\\p{L}\\p{N}_])");
        String before = getText();
        setting = true;
        for (int i = 0; i < getParagraphs().size(); i++) {
            String line = getText(i);
            boolean typed = i != getCurrentParagraph() && NAMING.matcher(line).lookingAt() && !untouched.contains(line);
            String after = typed ? word.matcher(line).replaceAll(Matcher.quoteReplacement(now)) : line;
            if (!after.equals(line)) {
                replaceText(i, 0, i, getParagraphLength(i), after);
            }
        }
        setting = false;
        return !before.equals(getText());
    }

    /** Whether it is not a person that changes the text. */
    boolean isSetting() {
        return setting;
    }

    /** Sets names apart from what follows, and underlines what cannot be read. */
    private void mark() {
        StyleSpansBuilder<Collection<String>> spans = new StyleSpansBuilder<>();
        String[] lines = getText().split("\n", -1);
        for (int i = 0; i < lines.length; i++) {
            String line = lines[i];
            int end = i < lines.length - 1 ? 1 : 0;
            boolean detail = EntityDetails.isDetail(line);
            Optional<Problem> problem = line.isBlank() || isTypedOn(i) ? Optional.empty() : CardReader.problem(line);
            if (problem.isPresent()) {
                int from = Math.max(0, Math.min(problem.get().column() - 1, line.length() - 1));
                spans.add(Collections.emptyList(), from);
                spans.add(List.of("wrong-text"), line.length() - from);
                spans.add(Collections.emptyList(), end);
            } else {
                int word = line.indexOf(' ') < 0 ? line.length() : line.indexOf(' ');
                int name = detail ? 0 : word;
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

    /** Begins a new line below the last attribute, unless there is a blank one. */
    void newLine() {
        String[] lines = getText().split("\n", -1);
        int last = lines.length - 1;
        while (last >= 0 && EntityDetails.isDetail(lines[last])) {
            last--;
        }
        if (last < 0) {
            insertText(0, getText().isEmpty() ? "" : "\n");
            moveTo(0);
        } else if (lines[last].isBlank()) {
            moveTo(last, 0);
        } else {
            insertText(last, lines[last].length(), "\n");
            moveTo(last + 1, 0);
        }
        requestFollowCaret();
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

    /** Puts a text to the end of the line that is typed on. */
    void append(String text) {
        if (!text.isEmpty()) {
            insertText(getCurrentParagraph(), getParagraphLength(getCurrentParagraph()), text);
        }
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
        String lines = String.join("\n", PasteReader.attributes(text).lines());
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
