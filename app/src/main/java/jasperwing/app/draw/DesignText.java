package jasperwing.app.draw;

import jasperwing.notation.Problem;
import jasperwing.notation.SyntaxHighlight;
import java.util.Collection;
import java.util.List;
import java.util.regex.Pattern;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.fxmisc.richtext.CodeArea;
import org.fxmisc.richtext.LineNumberFactory;
import org.fxmisc.richtext.model.StyleSpansBuilder;

/** A design's text with its words set apart and what cannot be read underlined. Only lines that changed are set anew. */
final class DesignText extends CodeArea {
    /** Statements with lines below them. */
    private static final Pattern OPENS = Pattern.compile("(entity|value|trait|each|classes|places)\\b.*");

    DesignText() {
        getStyleClass().add("design-text");
        setParagraphGraphicFactory(LineNumberFactory.get(this));
        setWrapText(false);
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ENTER && !e.isShortcutDown()) {
                newLine();
                e.consume();
            }
        });
    }

    /** Begins a line as far in as the one before, or below a statement; on a line with nothing else goes back to the margin. */
    private void newLine() {
        int line = getCurrentParagraph();
        String text = getText(line);
        String before = text.substring(0, getCaretColumn());
        String indent =
                before.substring(0, before.length() - before.stripLeading().length());
        if (!indent.isEmpty() && text.isBlank() && getSelection().getLength() == 0) {
            replaceText(line, 0, line, text.length(), "");
        } else {
            replaceSelection("\n" + (OPENS.matcher(before).matches() ? "  " : indent));
            requestFollowCaret();
        }
    }

    /** Whether a line, counted from 0, is still being typed: nothing is said of it until it is left. */
    boolean isTypedOn(int line) {
        return isFocused() && line == getCurrentParagraph() && getCaretColumn() == getParagraphLength(line);
    }

    /** Sets some lines anew, counted from 0, both included. */
    void highlight(int first, int last, List<Problem> problems) {
        int end = Math.min(last, getParagraphs().size() - 1);
        for (int line = Math.max(0, first); line <= end; line++) {
            int number = line + 1;
            String text = getText(line);
            Problem problem = problems.stream()
                    .filter(p -> p.line() == number)
                    .findFirst()
                    .orElse(null);
            if (!text.isEmpty()) {
                setStyleSpans(
                        line,
                        0,
                        problem == null
                                ? spans(text).create()
                                : wrong(text, problem).create());
            }
        }
    }

    private static StyleSpansBuilder<Collection<String>> spans(String text) {
        StyleSpansBuilder<Collection<String>> spans = new StyleSpansBuilder<>();
        int at = 0;
        for (SyntaxHighlight each : SyntaxHighlight.of(text)) {
            spans.add(List.of(), each.start() - at);
            spans.add(List.of(style(each.kind())), each.length());
            at = each.start() + each.length();
        }
        return spans.add(List.of(), text.length() - at);
    }

    private static String style(SyntaxHighlight.Kind kind) {
        return switch (kind) {
            case KEYWORD -> "text-word";
            case QUOTED_NAME -> "text-quoted";
            case TEXT -> "text-string";
            case NUMBER -> "text-number";
            case COMMENT -> "text-comment";
        };
    }

    private static StyleSpansBuilder<Collection<String>> wrong(String text, Problem problem) {
        int from = Math.max(0, Math.min(problem.column() - 1, text.length() - 1));
        int length = Math.max(1, Math.min(problem.length(), text.length() - from));
        return new StyleSpansBuilder<Collection<String>>()
                .add(List.of(), from)
                .add(List.of("wrong-text"), length)
                .add(List.of(), text.length() - from - length);
    }
}
